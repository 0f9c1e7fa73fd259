export const en = {
  title: 'Office',
  lead: 'Stands at the head and foot of every letter, and is what new cases begin with. Kept in this browser only.',
  name: 'Name',
  address: 'Address and hours',
  disclaimer: 'Words at the foot of every letter',
  people: 'Initials of the people who sign',
  peopleExample: 'MV, TB',
  signs: (who: string) => `signing: ${who}`,
  defaults: 'New cases begin with',
  desk: 'To the Desk',
  refused: 'This browser refuses to keep the office. What is typed here is gone when the page is closed.',
} as const
