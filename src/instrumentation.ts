/** Runs once when the server starts, before it answers. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== 'nodejs') return
  const { ownDatabase } = await import('@/keeping/ownership')
  await ownDatabase()
}
