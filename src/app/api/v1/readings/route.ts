import { sendOut, takeIn } from '@/keeping/readings/stream'

export const POST = (request: Request) => takeIn(request)
export const GET = (request: Request) => sendOut(request)
