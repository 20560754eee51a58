import { answer } from '@/server/answer'
import { listBenchPeople } from '@/server/bench'

export const GET = () => answer(listBenchPeople)
