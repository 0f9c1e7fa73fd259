import * as fc from 'fast-check'
import ICAL from 'ical.js'
import { openSeason } from './core/acts/areas'
import { movePass, overrule } from './core/acts/decisions'
import { blankApplication } from './core/case/blank'
import type { Application } from './core/case/applications'
import type { Case } from './core/case/case'
import { cardsOf } from './core/letter/cards'
import { letterOf, thingsIn } from './core/letter/letter'
import { isMajor } from './core/units/quantity'
import { isOpen } from './core/passes/program/dated'
import { duesOf } from './core/plan/due'
import { leftIn, openPasses, type AreaPlan, type Plan } from './core/plan/plan'
import { nutrientStill, treatmentStill } from './core/plan/still'
import { contentOf } from './core/passes/ledger'
import { productRef } from './core/shelf/product'
import { shippedProducts } from './core/shelf/products'
import { anyPlanned, caseOf, dayAfter, rulesOf, today } from './core/testing/any-planned'
import { typed } from './core/testing/one-area'
import { plan } from './core/testing/planned'
import { calendarFile } from './features/stations/calendar/calendar-file'
import { weight } from './wording/format'
import { english } from './wording/languages'
import { wordLetter } from './wording/letter'

const openIn = ({ areas }: Plan) => areas.flatMap(({ passes }) => passes.filter(isOpen))
const sum = (all: readonly number[]) => all.reduce((one, other) => one + other, 0)
const near = (a: number, b: number) => Math.abs(a - b) <= 1e-6 * Math.max(1, Math.abs(b))

/** What each rendering says that the plan does not, or leaves out. */
const renderings: Readonly<Record<string, (kase: Case, made: Plan) => readonly string[]>> = {
  letter: (kase, made) => {
    const letter = letterOf(kase, made)
    const told = letter.areas.flatMap(({ passes }) => passes)
    const tests = letter.areas.flatMap((area) => area.tests)
    const worded = wordLetter(letter, english, 'en', kase.measures)
    return [
      ...openIn(made).flatMap(({ pass, day }) => {
        const own = told.find((one) => one.pass === pass)
        return own && own.day !== day ? [`${pass.key} on ${own.day}`] : []
      }),
      ...(sum(told.map(({ more }) => 1 + (more?.count ?? 0))) === openIn(made).length ? [] : ['more or fewer passes']),
      ...made.areas.flatMap(({ found, ...area }) =>
        found.answer ? area.tests.filter((test) => !tests.includes(test)).map(({ day }) => `no test on ${day}`) : [],
      ),
      ...letter.areas.flatMap((area, i) =>
        thingsIn(area).flatMap(({ lb, first }, k) =>
          worded.areas[i]!.rows[k] && near(lb, leftOf(made, first.treatment.key))
            ? []
            : [`${first.treatment.key}: ${lb} lb`],
        ),
      ),
    ]
  },
  cards: (kase, made) => {
    const cards = cardsOf(made).map(({ pass }) => pass)
    const letter = letterOf(kase, made).areas.flatMap(({ passes }) =>
      passes.flatMap(({ pass }) => (pass.product ? [pass] : [])),
    )
    return cards.length === letter.length && cards.every((pass, i) => pass === letter[i]) ? [] : ['other cards']
  },
  purchases: (_, made) =>
    made.purchases.flatMap(({ product, all }) => {
      const lb = sum(made.areas.flatMap(leftIn).map((one) => (one.product === product ? one.all.value.v : 0)))
      return near(lb, all.value.v) ? [] : [`${productRef(product)}: ${all.value.v} lb for ${lb}`]
    }),
  'calendar file': (kase, made) => {
    const { text } = calendarFile(kase, made, shippedProducts, `${today}T09:00:00.000Z`)
    const events = new ICAL.Component(ICAL.parse(text) as never)
      .getAllSubcomponents('vevent')
      .map((one) => new ICAL.Event(one))
    const told = new Map(events.map((one) => [one.uid, `${one.startDate.toString()} ${one.summary}`]))
    const dated = openIn(made).filter(({ day }) => day !== null)
    const tests = made.areas.flatMap((area) => area.tests)
    const done = made.areas.flatMap(({ passes }) => passes.filter(({ state, day }) => state === 'done' && day !== null))
    return [
      ...(events.length === dated.length + tests.length + done.length ? [] : ['more or fewer events']),
      ...dated.flatMap(({ pass, day }) => {
        const says = told.get(`${kase.id}/${pass.key}@agrologos`) ?? ''
        return says.startsWith(day!) && says.includes(weight(pass.amount.value.v, kase.measures))
          ? []
          : [`${pass.key}: ${says}`]
      }),
    ]
  },
  Desk: (kase, made) => {
    const days = {
      pass: openIn(made).map(({ day }) => day),
      test: made.areas.flatMap((area) => area.tests.map(({ day }) => day)),
    }
    return duesOf(kase, made, true).flatMap(({ what, day }) =>
      what === 'sample' || what === 'letter' || days[what === 'test' ? 'test' : 'pass'].includes(day)
        ? []
        : [`${what} on ${day}`],
    )
  },
  Amounts: (_, made) =>
    made.areas.flatMap((area) => {
      const treatments = area.treatments.flatMap((one) => {
        const lb = treatmentStill(area, one.need)
        return near(lb ? (lb.left?.value.v ?? 0) : one.all.value.v, leftOf(made, one.key)) ? [] : [one.key]
      })
      const nutrients = (area.found.answer?.needs ?? []).flatMap((need) => {
        if (!isMajor(need.of) || !need.amount) return []
        const still = nutrientStill(area, need as never)
        const own = area.treatments.find(({ key }) => key === `${area.areaId}/${need.of}`)
        const alone = own && !own.leftShort && bringing(area, need.of) === 1
        return alone && still && !near(still.left?.value.v ?? 0, leftOf(made, own.key)) ? [`${need.of} alone`] : []
      })
      return [...treatments, ...nutrients]
    }),
}

const leftOf = ({ areas }: Plan, key: string) =>
  sum(areas.flatMap(leftIn).map((one) => (one.key === key ? one.all.value.v : 0)))

/** How many treatments bring a nutrient. */
const bringing = ({ treatments }: AreaPlan, of: 'N' | 'P₂O₅' | 'K₂O') =>
  treatments.filter(({ product, nutrient }) => (product ? contentOf(product, 1)[of] > 0 : nutrient === of)).length

const entry = (parts: Partial<Application>): Application => ({
  ...blankApplication('edit', 'a', dayAfter(-1)),
  what: 'fertilizer',
  product: '10-10-10@1',
  amount: typed(3, 'lb'),
  ...parts,
})
const logged = (kase: Case, parts: Partial<Application>): Case => ({
  ...kase,
  applications: [...kase.applications, entry(parts)],
})
const ofFirst = ({ areas: [area] }: Plan): Partial<Application> | undefined => {
  const first = openPasses(area!)[0]
  if (!first) return undefined
  const { pass } = first
  const what = pass.need === 'lime' || pass.need === 'sulfur' ? pass.need : 'fertilizer'
  return {
    what,
    pass: pass.key,
    product: pass.product && productRef(pass.product),
    amount: pass.product ? typed(pass.amount.value.v, 'lb') : typed(''),
  }
}

/** What one does to a case between two looks at it. */
const edits: Readonly<Record<string, (kase: Case, made: Plan) => Case>> = {
  nothing: (kase) => kase,
  'a log by line': (kase) => logged(kase, {}),
  'a log by pass': (kase, made) => {
    const first = ofFirst(made)
    return first ? logged(kase, { ...first, done: 'as-planned' }) : kase
  },
  'less than planned': (kase, made) => {
    const first = ofFirst(made)
    return first?.product ? logged(kase, { ...first, amount: typed(1, 'lb'), done: 'otherwise' }) : kase
  },
  'a skipped pass': (kase, made) => {
    const first = ofFirst(made)
    return first ? logged(kase, { ...first, amount: typed(''), done: 'skipped' }) : kase
  },
  'a moved pass': (kase, made) => {
    const first = openPasses(made.areas[0]!)[0]
    return first ? movePass(first.pass.key, { to: dayAfter(200), planned: first.day, by: 'MV', at: '' })(kase) : kase
  },
  'an overruling': overrule('a', 'N', {
    of: 'amount',
    is: typed('1', 'lb/1000 ft²'),
    replaced: typed(''),
    reason: 'as agreed',
    by: 'MV',
    at: '2026-11-26T09:00:00.000Z',
  }),
  'a ban': (kase) => ({
    ...kase,
    areas: kase.areas.map((area) => ({ ...area, phosphorusBanned: !area.phosphorusBanned })),
  }),
  'a new report': (kase) => {
    const report = { ...kase.reports[0]!, id: 'newer', date: '2026-10-01', pH: typed(6.4) }
    return {
      ...kase,
      reports: [...kase.reports, report as never],
      areas: kase.areas.map((area) => ({ ...area, reportId: 'newer' })),
    }
  },
  'a new season': (kase) => openSeason('2027')(kase),
}

test.each(Object.entries(edits))('after %s every rendering holds the plan, and nothing else', (_, edit) => {
  const runs = Math.ceil(Number(process.env.PLANS ?? 500) / 10)
  const found = new Set<string>()
  for (const one of fc.sample(anyPlanned, { numRuns: runs, seed: 31 })) {
    const before = caseOf(one)
    const rules = rulesOf(one.most)
    const kase = edit(before, plan(before, today, { rules }))
    const made = plan(kase, today, { rules })
    for (const { fault } of made.areas.map((area) => area.found)) if (fault) found.add(fault)
    for (const [name, differs] of Object.entries(renderings))
      for (const words of differs(kase, made)) found.add(`${name}: ${words}`)
  }
  expect([...found]).toEqual([])
})
