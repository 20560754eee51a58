import { Glossary } from '@/features/today/Glossary'
import { readWords } from '@/keeping/words'
import { titleOf } from '@/words/places'

export const generateMetadata = async () => titleOf('words', await readWords())

export default function WordsPage() {
  return <Glossary />
}
