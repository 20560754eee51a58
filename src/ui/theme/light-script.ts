export const LIGHT_KEY = 'nivrel.light'

/** Runs before the first paint, so that nobody is blinded: the choice, else what the system asks for. */
export const LIGHT_SCRIPT = `document.documentElement.dataset.theme=localStorage.getItem('${LIGHT_KEY}')??(matchMedia('(prefers-color-scheme: dark)').matches?'dark':'light')`
