import { answer } from '@/keeping/answer'
import { listRoutines } from '@/keeping/routines'

export const GET = () => answer(listRoutines)
