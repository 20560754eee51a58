import { variantsDocument } from '@/formats/variants-document'
import { answerDocument } from '@/server/answer'

export const POST = (request: Request) => answerDocument(request, (value) => variantsDocument(value))
