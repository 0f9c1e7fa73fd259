/** The languages in which a client is spoken to. */
export const languages = ['en', 'es'] as const
export type Language = (typeof languages)[number]

/** Words that come with data (a crop's name, a source's title) rather than with the program. */
export interface Text {
  readonly en: string
  readonly es?: string
}
