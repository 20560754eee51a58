import { en } from './en'
import { makeWords } from './language'

/** What documents are said in unless another is asked for. */
export const ENGLISH = makeWords('en', en)
