import { sendOut, takeIn } from '@/server/readings/stream'

export const POST = (request: Request) => takeIn(request)
export const GET = (request: Request) => sendOut(request)
