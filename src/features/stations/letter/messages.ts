export const en = {
  paper: 'On paper',
  papers: { letter: 'letter', cards: 'cards' },
  printThe: { letter: 'Print the letter', cards: 'Print the cards' },
  cards: 'A card for each pass',
  noCards: 'No products are chosen yet: a card is for a bag and a hand. Choose them on Materials.',
  initials: 'Drafted by',
  checkedInitials: 'Checked by',
  date: 'Date',
  note: 'A note to the client',
  notePlaceholder: 'Anything the client should know besides the amounts',
  language: 'Language',
  empty: 'The letter writes itself once an area has a size, a crop and a report.',
} as const
