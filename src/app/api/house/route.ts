import { answerDocument } from '@/server/answer'
import { saveHouse } from '@/server/house'

export const PUT = (request: Request) => answerDocument(request, saveHouse)
