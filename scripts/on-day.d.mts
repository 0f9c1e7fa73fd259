export const testDay: string
export function shiftTo(day: string): number
export function shiftClock(by: number): void
