import { InputError } from '@/core'
import { answer } from '@/keeping/answer'
import { readAsked } from '@/keeping/paper/asked'
import { makeSheets } from '@/keeping/paper/make'
import { readWords } from '@/keeping/words'
import { toPdf } from '@/paper/pdf'

/** The sheets of an address of the paper page, as a PDF. */
export async function GET(request: Request): Promise<Response> {
  const words = await readWords()
  const given = Object.fromEntries(new URL(request.url).searchParams)
  let pdf: Buffer | null = null
  const refused = await answer(async () => {
    const { title, sheets } = await makeSheets(readAsked(given), words)
    // A page on which nothing may be printed says so; a file of no sheets would not.
    if (sheets.length === 0) throw new InputError('stance', title, { code: 'passing' })
    pdf = await toPdf(sheets, title)
  })
  if (!pdf) return refused
  return new Response(new Uint8Array(pdf), {
    headers: {
      'content-type': 'application/pdf',
      'content-disposition': `inline; filename="nivrel-${String(given.as)}.pdf"`,
      'cache-control': 'no-store',
    },
  })
}
