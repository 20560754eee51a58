import { answerDocument } from '@/keeping/answer'
import { saveHouse } from '@/keeping/house'

export const PUT = (request: Request) => answerDocument(request, saveHouse)
