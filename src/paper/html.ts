import { areaOf, groundOf, saidOf, stepColumns, whenOf, type Paper } from './paper'

const marks: Readonly<Record<string, string>> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;', "'": '&#39;' }
const safe = (text: string): string => text.replace(/[&<>"']/g, (mark) => marks[mark]!)
const element = (tag: string, text: string): string => (text ? `<${tag}>${safe(text)}</${tag}>` : '')
const list = (points: readonly string[]): string =>
  points.length > 0 ? `<ul>${points.map((one) => element('li', one)).join('')}</ul>` : ''

/** A letter as HTML that a mail program takes: no style sheet, no picture, nothing from outside. */
export function htmlOf({ language, head, letter, changes }: Paper): string {
  const rows = letter.steps.flatMap(({ when, rows: ofDay }) =>
    ofDay.map(
      (one, i) =>
        `<tr><th align="left" valign="top">${i === 0 ? safe(when) : ''}</th><td valign="top">${safe([areaOf(ofDay, i), one.what].filter(Boolean).join(', '))}</td><td valign="top"><strong>${safe(one.amount)}</strong> ${safe(one.measure)}</td><td valign="top">${safe(whenOf(one))}</td></tr>`,
    ),
  )
  const table =
    rows.length > 0
      ? `<table cellpadding="4"><thead><tr>${stepColumns(letter)
          .map((one) => `<th align="left">${safe(one)}</th>`)
          .join('')}</tr></thead><tbody>${rows.join('')}</tbody></table>`
      : ''
  const areas = letter.areas.map(
    (area) => element('h3', [area.name, groundOf(area)].filter(Boolean).join(' · ')) + element('p', saidOf(area)),
  )
  return [
    `<!doctype html><html lang="${language}"><head><meta charset="utf-8"><title>${safe(letter.title)}</title></head><body>`,
    head ? element('p', [head.name, head.address].filter(Boolean).join(', ')) : '',
    element('h1', letter.title),
    element('p', `${letter.addressee} · ${letter.date}`),
    letter.draft ? `<p><strong>${safe(letter.draft)}</strong></p>` : '',
    ...areas,
    rows.length > 0 ? element('h2', letter.stepsTitle) : '',
    table,
    letter.toBuy.length > 0 ? element('h3', letter.toBuyTitle) + list(letter.toBuy) : '',
    changes ? element('h3', changes.title) + list(changes.lines) : '',
    element('p', letter.note),
    letter.cautions.length > 0
      ? element('h3', letter.cautionsTitle) + list(letter.cautions.map(({ text }) => text))
      : '',
    element('p', head?.disclaimer ?? ''),
    ...letter.foot.map(({ text }) => element('p', text)),
    element('p', letter.signed.join(' · ')),
    '</body></html>',
  ].join('')
}
