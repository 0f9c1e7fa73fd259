const fractionMarks: readonly (readonly [number, string])[] = [
  [0, ''],
  [0.25, '¼'],
  [0.5, '½'],
  [0.75, '¾'],
]

/** `2¾`, `½`, `3`; only for multiples of a quarter. */
export function quarters(count: number): string {
  const whole = Math.floor(count)
  const mark = fractionMarks.find(([part]) => Math.abs(part - (count - whole)) < 1e-6)?.[1] ?? ''
  return whole === 0 && mark ? mark : `${whole}${mark}`
}
