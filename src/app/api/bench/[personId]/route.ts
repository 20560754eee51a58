import { answer } from '@/keeping/answer'
import { readBench } from '@/keeping/bench'

type Context = { params: Promise<{ personId: string }> }

export const GET = (_: Request, { params }: Context) => answer(async () => readBench((await params).personId))
