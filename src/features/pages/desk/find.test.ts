import { finder } from './find'

const cases = [
  { client: 'Vale End Primary School', place: 'School garden', areas: ['In-ground strip', 'Bed 1'] },
  { client: 'Odile Brétigny', place: 'Weir Lane 4', areas: [] },
]
test.each([
  ['', [0, 1]],
  ['  ', [0, 1]],
  ['vale', [0]],
  ['bed SCHOOL', [0]],
  ['bretigny', [1]],
  ['Brétigny weir', [1]],
  ['eir', []],
  ['vale weir', []],
  ['(.*', []],
])('“%s”', (words, found) => expect(finder(cases)(words)).toEqual(found.map((i) => cases[i])))
