import { en } from '@/words/en'
import { es } from '@/words/es'
import { makeWords, mergeOver } from '@/words/language'
import { type LanguageProps, WordsIn } from '../WordsIn'

const words = makeWords('es', mergeOver(es, en))

export default (props: LanguageProps) => <WordsIn words={words} {...props} />
