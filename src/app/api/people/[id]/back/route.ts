import { answerDocument } from '@/server/answer'
import { bringBack } from '@/server/people'

export const POST = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answerDocument(request, async () => bringBack((await params).id))
