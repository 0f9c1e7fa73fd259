/** Reloads once everything typed on this page is written; what the browser refuses to keep makes it ask first. */
export const reloadWhenWritten = (): Promise<void> =>
  import('@/store/cases')
    .then(({ allWritten }) => allWritten())
    .catch(() => undefined)
    .then(() => location.reload())
