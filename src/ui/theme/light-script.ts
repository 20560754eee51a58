import { ZONE_COOKIE } from '@/documents/day'

export const LIGHT_KEY = 'nivrel.light'

/**
 * Runs before the first paint: light or dark by the choice, else by what the system asks for, so that nobody is blinded;
 * and the time zone, so that the pages go by the user's days.
 */
export const LIGHT_SCRIPT = `document.documentElement.dataset.theme=localStorage.getItem('${LIGHT_KEY}')??(matchMedia('(prefers-color-scheme: dark)').matches?'dark':'light');document.cookie='${ZONE_COOKIE}='+encodeURIComponent(Intl.DateTimeFormat().resolvedOptions().timeZone)+';path=/;max-age=31536000;samesite=strict'`
