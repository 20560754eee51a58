import { answer } from '@/server/answer'
import { readBench } from '@/server/bench'

type Context = { params: Promise<{ personId: string }> }

export const GET = (_: Request, { params }: Context) => answer(async () => readBench((await params).personId))
