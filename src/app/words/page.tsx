import { Glossary } from '@/features/today/Glossary'

export default function WordsPage() {
  return <Glossary />
}
