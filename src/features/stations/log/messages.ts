export const en = {
  lead: 'What was really put on, one line each, as it is said. What was planned is answered on Calendar with a tap.',
  line: 'What was put on, where and when',
  example: '1 bag 10-10-10 on the lawn last Tuesday',
  understood: (amount: string, product: string, area: string, day: string) =>
    `${amount} of ${product} on ${area}, ${day}`,
  log: 'Log it',
  noAreas: 'Make an area on Ground first: what was put on belongs to one.',
  entries: 'Put on',
  none: 'Nothing is logged yet.',
  planned: 'as planned',
  skipped: 'skipped',
  remove: (what: string) => `Take out: ${what}`,
  ledger: 'Ledger, by area and year',
  ledgerLead: 'What went on in all; in brackets on 1,000 ft².',
  lines: {
    N: 'Nitrogen',
    firstYearN: 'of that in its first year',
    'P₂O₅': 'Phosphate',
    'K₂O': 'Potash',
    S: 'Sulfur',
    'CaCO₃': 'Lime, as pure CaCO₃',
  },
  untold: (n: number) =>
    `${n} ${n === 1 ? 'entry does' : 'entries do'} not say product or amount, and ${n === 1 ? 'is' : 'are'} not counted.`,
  perThousand: (rate: string) => `(${rate} lb)`,
} as const
