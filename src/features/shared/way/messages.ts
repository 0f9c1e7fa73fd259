export const en = {
  way: 'A way through a sample case',
  offer: 'New here? A way through a sample case takes two minutes, and can be left at any step.',
  show: 'Show me',
  no: 'No, thanks',
  title: (n: number, of: number) => `A way through, ${n} of ${of}`,
  next: (station: string) => `On to ${station}`,
  back: 'Back',
  leave: 'Leave it',
  end: 'That was it: to the Desk',
} as const
