/**
 * The day on which the tests are run: fixed, whatever day it is. `AGROLOGOS_DAY=2028-02-29 TZ=Pacific/Auckland npm test`
 * runs them as of another, elsewhere; `npm run test:days` does so for several. With `--import` a process of Node is on it.
 */
export const testDay = process.env.AGROLOGOS_DAY ?? '2026-11-26'

/** Milliseconds from now to ten in the morning of a day. */
export const shiftTo = (day) => new Date(`${day}T10:00:00`).getTime() - realNow()

const real = globalThis.Date
const realNow = () => real.now()

/** Sets the clock of this process or page off by so many milliseconds; it goes on from there. Runs in a page as it stands. */
export function shiftClock(by) {
  const shifted = globalThis.agrologosClock
  if (shifted) return void (shifted.by = by)
  const clock = (globalThis.agrologosClock = { by })
  const plain = globalThis.Date
  globalThis.Date = new Proxy(plain, {
    construct: (target, args, as) => Reflect.construct(target, args.length > 0 ? args : [target.now() + clock.by], as),
    apply: (target) => String(new target(target.now() + clock.by)),
    get: (target, key, as) => (key === 'now' ? () => target.now() + clock.by : Reflect.get(target, key, as)),
  })
}

if (process.execArgv.some((one) => one.includes('on-day.mjs'))) shiftClock(shiftTo(testDay))
