export const en = {
  title: (shown: string) => `How ${shown} comes about`,
  close: 'Close the workings',
  rounding: (by: string) => `rounded, ${by}`,
  beside: 'Beside it',
  open: (shown: string) => `${shown}: show how it comes about`,
} as const
