import { ZONE_COOKIE } from '@/documents/day'

export const LIGHT_KEY = 'nivrel.light'
/** Whether somebody closed the look round on this machine. */
export const SEEN_KEY = 'nivrel.looked-round'

/**
 * Runs before the first paint: light or dark by the choice, else by what the system asks for, so that nobody is blinded;
 * whether somebody has looked round; and the time zone, so that the pages go by the user's days. A browser that keeps
 * nothing is asked for the rest.
 */
export const LIGHT_SCRIPT = `var root=document.documentElement.dataset,kept=function(key){try{return localStorage.getItem(key)}catch(refused){return null}};root.theme=kept('${LIGHT_KEY}')??(matchMedia('(prefers-color-scheme: dark)').matches?'dark':'light');if(kept('${SEEN_KEY}'))root.looked='';document.cookie='${ZONE_COOKIE}='+encodeURIComponent(Intl.DateTimeFormat().resolvedOptions().timeZone)+';path=/;max-age=31536000;samesite=strict'`
