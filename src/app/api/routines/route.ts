import { answer } from '@/server/answer'
import { listRoutines } from '@/server/routines'

export const GET = () => answer(listRoutines)
