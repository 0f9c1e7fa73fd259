import { castDraft, produce, type Draft } from 'immer'
import { blankApplication, blankArea } from '@/core/case/blank'
import type { Case } from '@/core/case/case'
import { changeBetween } from '@/core/case/changes'
import { sampleCases } from '@/demo/sample-cases'
import type { Edit } from '@/store/history'
import { describe as said } from './describe'

const kase = sampleCases[0]!

function after(recipe: (draft: Draft<Case>) => void, kind: Edit['kind'] = 'edit'): string[] {
  return said(
    { seq: 1, id: 'e', caseId: kase.id, by: 'MV', at: '', kind, ...changeBetween(kase, produce(kase, recipe)) },
    kase,
  )
}

test.each([
  [
    'a field of the case',
    (draft: Draft<Case>) => void (draft.place = 'Weir Lane'),
    ['Property or project: School garden, Vale End, now Weir Lane'],
  ],
  [
    'a typed size',
    (draft: Draft<Case>) => void (draft.areas[0]!.size = { text: '10x31', unit: 'ft²', value: 310 }),
    ['In-ground strip, Size: 9x31, now 10x31'],
  ],
  [
    'a choice, by its label',
    (draft: Draft<Case>) => void (draft.areas[0]!.texture = null),
    ['In-ground strip, Texture: clay loam, now empty'],
  ],
  [
    'a number of a report, by its code',
    (draft: Draft<Case>) => void (draft.reports[0]!.measured.pH = { text: '5.4', unit: '', value: 5.4 }),
    ['VES-IS, pH: 5.5, now 5.4'],
  ],
  [
    'the laboratory’s own line',
    (draft: Draft<Case>) => void (draft.reports[0]!.recommends.lime = { text: '2', unit: 'tons/acre', value: 2 }),
    ['VES-IS, Laboratory’s own, Lime: empty, now 2 tons/acre'],
  ],
  [
    'a school',
    (draft: Draft<Case>) => void (draft.schools['lime-pass'] = '25'),
    ['School, most lime on the surface in one pass: empty, now 25'],
  ],
  ['a new area', (draft: Draft<Case>) => void draft.areas.push(castDraft(blankArea('x', 'New'))), ['an area added']],
  [
    'one of a list that has no name of its own',
    (draft: Draft<Case>) =>
      void draft.applications.push({ ...castDraft(blankApplication('x', 'a', '2024')), what: 'lime', note: '40 lb' }),
    ['an entry of what was put on added'],
  ],
  [
    'a core ticked off, by the sample’s code',
    (draft: Draft<Case>) => void (draft.samples[0]!.ticked['60'] = true),
    [expect.stringMatching(/^VES-.*, Cores ticked off changed$/)],
  ],
  [
    'the letter',
    (draft: Draft<Case>) => void (draft.letter.note = ''),
    [expect.stringMatching(/^Letter, Note: .*, now empty$/)],
  ],
])('%s', (_, recipe, lines) => expect(after(recipe)).toEqual(lines))

test('what was taken back says so', () =>
  expect(after((draft) => void (draft.client = 'X'), 'undo')).toEqual([
    'taken back: Client: Vale End Primary School, now X',
  ]))
