import { answer } from '@/server/answer'
import { listMembers, listNames } from '@/server/bench'

/** Everybody by name; with ?group=NAME those of a group whole, with ?group= everybody whole. */
export const GET = (request: Request) => {
  const group = new URL(request.url).searchParams.get('group')
  return answer(() => (group === null ? listNames() : listMembers(group || null)))
}
