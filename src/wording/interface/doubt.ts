import { onThousand, places } from '../format'
import { num, pH, stuff, text, type Phrases } from '../phrase'

/** An area of ground as a rate is said over it. */
const over = (sqFt: number): string => (sqFt > 40_000 ? 'acre' : `${sqFt.toLocaleString('en-US')} ft²`)
const share = (value: number): string => `${places(value * 100, 0)} %`

/** What a second reading of a figure says, as it is asked for and as it is told. */
export const doubt = {
  'doubt.empty': () => 'Type the figure as it was said, such as 4.6 lb per 100 ft2 sulfur.',
  'doubt.how-much': (a) =>
    `No amount can be read in “${text(a.text)}”. Type it like 4.6 lb per 100 ft2 sulfur, or 2 bags of lime on the lawn.`,
  'doubt.negative': (a) => `“${text(a.text)}” is below nothing. Type it like 4.6 lb per 100 ft2 sulfur.`,
  'doubt.of-what': (a) =>
    `What is it of? A measure or a bag has a weight once that is said: ${text(a.text)} of 10-10-10.`,
  'doubt.unread': (a) =>
    `“${text(a.text)}” is not understood here. Type it like 1 cup 10-10-10 per 15 ft every 3 weeks.`,

  'assumed.aim': (a) => `for an aim of pH ${pH(a.aim)}`,
  'assumed.depth': (a) => `worked ${places(num(a.depth), 1)} in deep`,
  'assumed.level': (a) => `fed at the ${text(a.level)} level`,
  'assumed.method': (a) => `by ${text(a.method)}`,
  'assumed.pH': (a) => `for pH ${pH(a.pH)}, of what the test leaves open`,
  'assumed.school': (a) => `${text(a.school)}: ${text(a.option)}`,
  'assumed.texture': (a) => `on ${text(a.texture)}`,

  'slip.tenths': (a) =>
    `Whoever counted ${text(a.counted)} tenths from ${pH(a.from)} to ${pH(a.to)}: there are ${text(a.count)}.`,
  'slip.element': (a) => `${text(a.of) === 'K₂O' ? 'K' : 'P'} was said, and taken for ${text(a.of)}.`,
  'slip.oxide': (a) => `${text(a.of)} was turned into oxide once too often.`,
  'slip.product-for-nutrient': (a) =>
    `It is the product, with ${places(num(a.percent), 0)} % ${text(a.of)} in it, not the nutrient.`,
  'slip.nutrient-for-product': (a) =>
    `The nutrient was taken for a product with ${places(num(a.percent), 0)} % ${text(a.of)} in it.`,
  'slip.pure-for-product': (a) =>
    `It is the pure ${stuff[text(a.of)]}; the bag has ${places(num(a.percent), 0)} % of it, and takes more.`,
  'slip.strength-twice': (a) => `The strength of the bag, ${places(num(a.percent), 0)} %, was allowed for twice.`,
  'slip.other-sulfur': (a) => `The figure for ${text(a.taken)} % sulfur was said of ${text(a.is)} %.`,
  'slip.ground': (a) => `It is for ${over(num(a.meant))}, and was said of ${over(num(a.said))}.`,
  'slip.all-for-one': (a) => `What all ${text(a.count)} plants get was said of each.`,
  'slip.one-for-all': (a) => `What one of ${text(a.count)} plants gets was said of all.`,
  'slip.measure': (a) => `${text(a.meant)} was meant where ${text(a.said)} was said.`,
  'slip.pass-for-season': (a) => `It is one pass of ${text(a.count)}, not the season.`,
  'slip.season-for-pass': (a) => `The whole season, ${text(a.count)} passes, was said of each pass.`,
  'slip.side': (a) => `One side of the ground was ${text(a.times)}.`,
  'slip.soil-unit': (a) => `The report’s ${text(a.is)} was read as ${text(a.read)}.`,

  'harm.none': () => 'Acting on it does no harm.',
  'harm.beyond': (a) =>
    `Do not act on it: no ground is given more than ${onThousand(num(a.most), 'feet')} of ${stuff[text(a.of)]} a year.`,
  'harm.not-needed': (a) => `Do not act on it: this ground needs no ${stuff[text(a.of)]}.`,
  'harm.too-much': (a) =>
    `Do not act on it: it is ${places(num(a.times), 1)} times what this ground takes of ${stuff[text(a.of)]}, and it cannot be taken back.`,
  'harm.in-passes': (a) =>
    `Right over the season, too much at once: at most ${onThousand(num(a.cap), 'feet')} in one pass.`,
  'harm.too-little': (a) => `It does no harm and too little: ${share(num(a.share))} of what is needed.`,
} satisfies Partial<Phrases>
