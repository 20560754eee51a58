'use client'

import dynamic from 'next/dynamic'
import type { ComponentType } from 'react'
import type { Language } from '@/documents/languages'
import type { LanguageProps } from './WordsIn'

/** Each language comes with its own messages, and no other is loaded. */
const FRAMES: Record<Language, ComponentType<LanguageProps>> = {
  en: dynamic(() => import('./languages/en')),
  es: dynamic(() => import('./languages/es')),
}

export function WordsFrame({ language, ...props }: LanguageProps & { language: Language }) {
  const Frame = FRAMES[language]
  return <Frame {...props} />
}
