import { en } from '@/words/en'
import { makeWords } from '@/words/language'
import { type LanguageProps, WordsIn } from '../WordsIn'

const words = makeWords('en', en)

export default (props: LanguageProps) => <WordsIn words={words} {...props} />
