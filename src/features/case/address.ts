/** Where a case is open: at a station, looking at an area, and what else is asked of it there. */
export const addressOf = (
  id: string,
  station: string,
  area?: string | null,
  more: Readonly<Record<string, string>> = {},
): string => `/case?${new URLSearchParams({ id, station, ...(area ? { area } : {}), ...more })}`
