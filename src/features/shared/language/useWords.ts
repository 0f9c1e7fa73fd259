import { useEffect, useState } from 'react'
import { languages, type Language } from '@/core/sentence/text'
import { english, type ClientWords } from '@/wording/languages'

/** In which language a paper is handed out. */
export const languageOptions = languages.map((value) => ({ value, label: { en: 'English', es: 'Español' }[value] }))

/** The words of a language; English is here, another comes with the first paper in it. */
export function useWords(language: Language): ClientWords | null {
  const [found, setFound] = useState<ClientWords | null>(null)
  useEffect(() => {
    if (language === 'es') void import('@/wording/spanish').then(({ spanish }) => setFound(spanish))
  }, [language])
  return language === 'en' ? english : found
}
