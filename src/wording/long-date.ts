/** `October 19, 2026`, `19 de octubre de 2026`; empty for what is no day. */
export function longDate(iso: string, locale: string): string {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(iso)) return ''
  const day = new Date(`${iso}T12:00:00Z`)
  if (Number.isNaN(day.getTime())) return ''
  return new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'long', year: 'numeric', timeZone: 'UTC' }).format(
    day,
  )
}
