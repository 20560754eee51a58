/** The day where the server stands, as YYYY-MM-DD: limits, tests and what is due go by days. */
export function dayOf(now: Date): string {
  const two = (n: number) => String(n).padStart(2, '0')
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`
}

export const today = (): string => dayOf(new Date())

export const now = (): string => new Date().toISOString()
