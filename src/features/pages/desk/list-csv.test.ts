import { parse } from 'papaparse'
import { listCsv } from './list-csv'

const row = (client: string) =>
  ({
    id: '1',
    client,
    place: 'a "b", c',
    areas: ['A', 'B'],
    waitsFor: 'ground',
    codes: [],
    updatedAt: 'u',
    sample: false,
  }) as const

test.each(['=1+1', '+1', '-1', '@x', '\t=1', '\r=1', '=HYPERLINK("x")'])('%j is text to a spreadsheet', (client) => {
  const [, cells] = parse<string[]>(listCsv([row(client)]).slice(1), { skipEmptyLines: true }).data
  expect(cells![0]).toBe(`'${client}`)
  expect(cells!.slice(1)).toEqual(['a "b", c', 'A; B', 'waits for its ground', 'u'])
})
