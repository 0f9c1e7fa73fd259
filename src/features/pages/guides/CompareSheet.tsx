import { compareGuides, type GuidePath } from '@/core/guides/compare'
import { classNames, type Guide } from '@/core/guides/guide'
import { classWords } from '@/wording/phrase'
import { textOf } from '@/wording/render'
import { en } from './messages'
import { Section, Table } from './Table'

/** Where two guides, or two versions of one, say different things. */
export function CompareSheet({ guide, other }: { guide: Guide; other: Guide }) {
  const found = compareGuides(guide, other).filter(({ path }) => path.at(-1) !== 'source')
  return (
    <Section title={`${en.compareWith} ${textOf(other.title)}, ${other.version}`}>
      <p className="text-ink-2 mb-1">{found.length === 0 ? en.same : en.differs(found.length)}</p>
      {found.length > 0 && (
        <Table
          heads={[en.where, en.here, en.there]}
          rows={found.map(({ path, before, after }) => [pathWords(path, guide, other), shown(before), shown(after)])}
        />
      )}
    </Section>
  )
}

/** A place in a guide as one would ask for it: `tomato: pH, high`. */
function pathWords(path: GuidePath, ...guides: readonly Guide[]): string {
  const [head, second, ...rest] = path
  const crop = head === 'crops' ? guides.map((guide) => guide.crops[second!]).find(Boolean) : undefined
  const words = (crop ? rest : path.slice(1))
    .map((key, i, all) =>
      typeof key !== 'number'
        ? key
        : byClass.has(String(all[i - 1]))
          ? classWords[classNames[key]!]!
          : key > 0
            ? `${key + 1}`
            : '',
    )
    .filter((word) => word !== '' && word !== 'en' && word !== 'bounds' && word !== 'rows')
  const limit = en.limitNames[path.slice(1).join('.')]
  if (head === 'limits' && limit) return `${en.limits}: ${limit}`
  const first = crop ? textOf(crop.label) : String(head)
  return words.length > 0 ? `${first}: ${words.join(', ')}` : first
}

/** Lists with an entry for each class. */
const byClass: ReadonlySet<string> = new Set(['bounds', 'P₂O₅', 'K₂O'])

const shown = (value: unknown): string =>
  value === undefined
    ? en.missing
    : typeof value === 'object' && value !== null
      ? 'en' in value
        ? String(value.en)
        : JSON.stringify(value).slice(0, 80)
      : String(value)
