import { answerDocument } from '@/server/answer'
import { previewHouse } from '@/server/house-preview'

export const POST = (request: Request) => answerDocument(request, previewHouse)
