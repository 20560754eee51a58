import { render } from '@testing-library/react'
import type { ReactElement, ReactNode } from 'react'
import { WordsIn } from '@/ui/words/WordsIn'
import { ENGLISH } from '@/words/english'

const InEnglish = ({ children }: { children: ReactNode }) => (
  <WordsIn words={ENGLISH} bends={{}}>
    {children}
  </WordsIn>
)

/** Shows a part of a page by itself, said in English. */
export const renderSaid = (part: ReactElement) => render(part, { wrapper: InEnglish })
