import { Glossary } from '@/features/today/Glossary'
import { titleOf } from '@/words/places'

export const metadata = titleOf('words')

export default function WordsPage() {
  return <Glossary />
}
