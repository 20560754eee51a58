import { answerDocument } from '@/keeping/answer'
import { bringBack } from '@/keeping/people'

export const POST = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answerDocument(request, async () => bringBack((await params).id))
