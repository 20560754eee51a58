import { answerDocument } from '@/keeping/answer'
import { previewHouse } from '@/keeping/house-preview'

export const POST = (request: Request) => answerDocument(request, previewHouse)
