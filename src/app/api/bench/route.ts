import { answer } from '@/keeping/answer'
import { listMembers, listNames } from '@/keeping/bench'

/** Everybody by name; with ?group=NAME those of a group whole, with ?group= everybody whole. */
export const GET = (request: Request) => {
  const group = new URL(request.url).searchParams.get('group')
  return answer(() => (group === null ? listNames() : listMembers(group || null)))
}
