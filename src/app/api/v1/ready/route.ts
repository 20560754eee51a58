export const GET = () => Response.json({ ready: true })
