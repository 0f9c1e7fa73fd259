import { lbPerAcrePerPpm } from '../units/factors'
import type { Element, SoilTest, TestUnit } from '../units/quantity'

/** The elements of a report that can be used, each in the unit that it was printed in. */
export type Tests = { readonly [E in Element]?: SoilTest<E> }

/** ppm of a test; undefined for an index, which is nobody's ppm. */
export const inPpm = (test: SoilTest | undefined): number | undefined =>
  test === undefined || unitOf(test) === 'index' ? undefined : test.v / (unitOf(test) === 'ppm' ? 1 : lbPerAcrePerPpm)

export const unitOf = ({ of }: SoilTest) => of.slice(0, of.indexOf(' ')) as TestUnit
