export const en = {
  print: 'Print the letter',
  initials: 'Drafted by',
  checkedInitials: 'Checked by',
  date: 'Date',
  note: 'A note to the client',
  notePlaceholder: 'Anything the client should know besides the amounts',
  language: 'Language',
  empty: 'The letter writes itself once an area has a size, a crop and a report.',
} as const
