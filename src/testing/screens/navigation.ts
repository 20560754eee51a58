/** Stands in for next/navigation: a page that is refreshed is made anew by the server's own functions. */
export const router = { refresh: () => {}, push: (_: string) => {}, replace: (_: string) => {} }

export const useRouter = () => router

export const usePathname = () => window.location.pathname

/** Where a page sent its reader instead of being shown. */
export class Elsewhere extends Error {}

export const redirect = (to: string): never => {
  throw new Elsewhere(to)
}

export const notFound = (): never => {
  throw new Elsewhere('nowhere')
}
