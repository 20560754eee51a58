import body from './body.json'
import figures from './figures.json'
import findings from './findings.json'

/** Spanish, as far as it goes: what is not here yet is said in English. */
export const es = { body, figures, findings }
