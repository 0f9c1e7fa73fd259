import { longDate } from '../long-date'
import { inchWords, length, onThousand, places, weight, type Measures } from '../format'
import { banned, capital, classWords, ended, nutrient, num, pH, stuff, text, type Phrases } from '../phrase'

const decision: Readonly<Record<string, string>> = { lime: 'lime', sulfur: 'sulfur', neither: 'neither' }
const credits: Readonly<Record<string, string>> = {
  manure: 'manure or compost gives',
  nitrate: 'left-over nitrate gives',
  legume: 'the legume turned under gives',
  ash: 'wood ash gives',
}
const brings = (names: string): string =>
  names
    .split(' ')
    .map((one) => credits[one]!)
    .join(' and ')

/** What an overruled figure stands in place of, lb; null where there was none. */
const inPlaceOf = (instead: number | null, measures: Measures): string =>
  instead === null ? '' : instead > 0 ? `, in the place of ${weight(instead, measures)}` : ', in the place of none'
const signedBy = (by: string): string => (by === '' ? '' : ` (${by})`)
const decided = (a: { readonly by: string; readonly reason: string }): string =>
  `as the advisor decided${signedBy(a.by)}: ${ended(a.reason)}`
const levels: Readonly<Record<string, string>> = { lean: 'sparingly', usual: 'as usual', generous: 'generously' }

/** What was found of lead, and from when it is a worry. */
const lead = (a: { readonly ppm: number; readonly precaution: number }): string =>
  `Lead comes first: ${places(a.ppm, 0)} ppm, where caution begins at ${places(a.precaution, 0)}.`

/** What matters most, what the ground's pH asks for, and mix without soil: on the sheets and in letters. */
export const matters = {
  'reaction.both': () =>
    'The report asks for lime and for sulfur. Ground gets one or the other, never both: check which line is meant.',
  'reaction.no-pH': () => 'No pH to go by, so nothing can be said about lime or sulfur.',
  'reaction.lime': (a) =>
    `pH ${pH(a.pH)} is below ${pH(a.trigger)}, too acid for ${text(a.crop)}. Lime will raise it to about ${pH(a.aim)}.`,
  'reaction.lime-lead': (a) =>
    `pH ${pH(a.pH)}: ground with lead is kept at 6.5 to 7, which binds it, and ${text(a.crop)} stands that: lime to ${pH(a.aim)}.`,
  'reaction.leave': (a) =>
    `pH ${pH(a.pH)} is within ${pH(a.low)} to ${pH(a.high)}, the right range for ${text(a.crop)}. No lime or sulfur needed.`,
  'reaction.leave-acid-lover': (a) =>
    `pH ${pH(a.pH)} is a little below ${pH(a.low)}, but ${text(a.crop)} wants acid ground and is limed only below ${pH(a.trigger)}: no lime.`,
  'reaction.leave-organic': (a) =>
    `pH ${pH(a.pH)} is below ${pH(a.low)}, but organic soil is limed only below ${pH(a.trigger)}: ${text(a.crop)} does well here. Leave it.`,
  'reaction.leave-high': (a) =>
    `pH ${pH(a.pH)} is above ${pH(a.low)} to ${pH(a.high)}, but ${text(a.crop)} lives with that: leave it, and watch for yellow young leaves (iron, manganese).`,
  'reaction.sulfur': (a) =>
    `pH ${pH(a.pH)} is above ${pH(a.high)}, too high for ${text(a.crop)}. Sulfur will lower it to about ${pH(a.aim)}.`,
  'reaction.sulfur-lead': (a) =>
    `pH ${pH(a.pH)} is above ${pH(a.high)}, but this soil holds lead, which acidity frees: no sulfur. Grow ${text(a.crop)} in a raised bed of clean acid mix.`,
  'reaction.not-here': (a) =>
    `pH ${pH(a.pH)} is above ${pH(a.limit)}, where the soil may hold free lime that eats sulfur first. Not here: grow ${text(a.crop)} in a container or a raised bed of acid mix, or choose another plant. If the plants do well, do nothing.`,
  'reaction.none-by-method': (a) =>
    `pH ${pH(a.pH)} is a little low for ${text(a.crop)}, but the ${text(a.method)} finds no acidity in reserve: no lime.`,
  'reaction.laboratory-lime': (a) =>
    `${a.agrees ? `pH ${pH(a.pH)} is below ${pH(a.trigger)}, and the` : 'The'} laboratory asks for lime; ${a.leads ? 'its' : 'another'} figure leads.`,
  'reaction.laboratory-sulfur': (a) =>
    `${a.agrees ? `pH ${pH(a.pH)} is above ${pH(a.high)}, and the` : 'The'} laboratory asks for sulfur; ${a.leads ? 'its' : 'another'} figure leads.`,
  'reaction.laboratory-none': (a) =>
    `The laboratory asks for no ${text(a.direction)}; that leads. Our guide would give some: see beside.`,
  'reaction.sodic': (a, measures) =>
    `Sodium holds this soil back. Work in gypsum first${a.gypsum === null ? ', as much as the lab says' : `: ${weight(num(a.gypsum), measures)} would replace all of the sodium`}. Then leach with clean water and test again. No lime, sulfur or fertilizer before that test.`,
  'reaction.free-lime': (a) =>
    `The report finds ${places(num(a.freeLime), 1)} % free lime, which eats sulfur before the pH moves. Not here: grow ${text(a.crop)} in a container or a raised bed of acid mix, or choose another plant.`,
  'reaction.mix-fits': (a) => `pH ${pH(a.pH)} is within ${pH(a.low)} to ${pH(a.high)}, which suits ${text(a.crop)}.`,
  'reaction.mix-low': (a) =>
    `pH ${pH(a.pH)} is below ${pH(a.low)} to ${pH(a.high)} for ${text(a.crop)}. Field-soil lime rates do not hold in mix: ask its supplier, or repot in fresh mix.`,
  'reaction.mix-high': (a) =>
    `pH ${pH(a.pH)} is above ${pH(a.low)} to ${pH(a.high)} for ${text(a.crop)}. Look at the water first: hard water raises it. Feed with an acid-forming fertilizer for mix.`,
  'reaction.lime-needs-input': (a) =>
    `pH ${pH(a.pH)} is too low for ${text(a.crop)}. How much lime it takes depends on the soil: type the buffer pH, or choose the texture.`,
  'reaction.sulfur-needs-input': (a) =>
    `pH ${pH(a.pH)} is too high for ${text(a.crop)}. How much sulfur it takes depends on the soil: choose its texture.`,
  'soilless.not-tested': (a) => `${capital(nutrient[text(a.nutrient)]!)} is not on the extract.`,
  'soilless.short': (a) =>
    `Below what is wanted: feed it. The amount is for a bed of mix ${places(num(a.depth), 0)} in deep, never one for field soil.`,
  'soilless.liquid': (a) =>
    `Or in the water each time: ${places(num(a.ounces), 1)} oz of a soluble 20-20-20 in ${text(a.gallons)} gallons (${text(a.ppm)} ppm nitrogen).`,
  'soilless.Ca-by-lime': () => 'Below what is wanted, in acid mix: dolomitic lime brings it, by its label.',
  'soilless.enough': () => 'Within its span or above: none to add.',
  'held.lime-high': (a) =>
    `The laboratory asks for lime, but pH ${pH(a.pH)} is already above ${pH(a.low)} to ${pH(a.high)}, where ${text(a.crop)} does well. None until it is checked: is it the right sample, the right line, the right crop?`,
  'held.lime-acid-lover': (a) =>
    `The laboratory asks for lime, but ${text(a.crop)} wants acid ground, and pH ${pH(a.pH)} is not below ${pH(a.trigger)}. No lime until it is checked.`,
  'held.lime-sodic': () =>
    'The laboratory asks for lime, but the ground is sodic, where lime does nothing and gypsum and leaching do. No lime until it is checked.',
  'held.sulfur-low': (a) =>
    `The laboratory asks for sulfur, but pH ${pH(a.pH)} is not above ${pH(a.high)}, where ${text(a.crop)} would need it. No sulfur until it is checked.`,
  'held.sulfur-lead': (a) =>
    `The lab asks for sulfur, but this soil holds lead, which acidity frees. No sulfur for ${text(a.crop)} here.`,
  'held.sulfur-lime': (a) =>
    `The lab asks for sulfur, but at pH ${pH(a.pH)} free lime eats it first. No sulfur until it is checked.`,
  'held.sulfur-crop': (a) =>
    `The lab asks for sulfur, but ${text(a.crop)} needs none at pH ${pH(a.pH)}. No sulfur until it is checked.`,
  'held.P-turf': () =>
    'The laboratory asks for phosphate, but turf that has enough phosphorus is given none. None until it is checked.',
  'held.beyond': (a) =>
    `The report asks for ${places(num(a.rate), num(a.rate) < 10 ? 1 : 0)} lb of ${stuff[text(a.of)]} on 1,000 ft². ${text(a.most)} is more than any ground is given in a year: most likely a unit is wrong. Nothing is put on until it is checked.`,
  'held.confirmed': (a) =>
    `The figure for ${stuff[text(a.of)]} goes against the reading and was confirmed${a.by === '' ? '' : ` by ${text(a.by)}`}: ${text(a.reason)}`,
  'headline.overruled': (a) => `The amount of ${stuff[text(a.of)]} is the advisor’s own.`,
  'overruled.why': () => 'The figure is the advisor’s own, in the place of the one beside it.',
  'overruled.none': () => 'The advisor gives none, in the place of the figure beside it.',
  'overruled.told': (a, measures) =>
    `The amount of ${stuff[text(a.of)]} is the advisor’s own${inPlaceOf(a.instead, measures)}${signedBy(a.by)}: ${ended(text(a.reason))}`,
  'overruled.method': (a, measures) =>
    `The figure for ${stuff[text(a.of)]} goes by ${text(a.method)}${inPlaceOf(a.instead, measures)}, as the advisor decided${signedBy(a.by)}: ${ended(text(a.reason))}`,
  'overruled.aim': (a) => `The aim is pH ${pH(a.is)} in the place of ${pH(a.ours)}, ${decided(a)}`,
  'overruled.depth': (a, measures) =>
    `The amount is for a depth of ${inchWords(num(a.is), measures)} in the place of ${inchWords(num(a.ours), measures)}, ${decided(a)}`,
  'overruled.cap': (a, measures) =>
    `In one pass at most ${onThousand(num(a.is), measures)} of ${stuff[text(a.need)]}, in the place of ${onThousand(num(a.ours), measures)}, ${decided(a)}`,
  'overruled.level': (a) => `Fed ${levels[text(a.is)]} in the place of ${levels[text(a.ours)]}, ${decided(a)}`,
  'overruled.stopped': () =>
    'The amount that the advisor set before this test is not put on any more: the test found the ground near the low end.',
  'overruled.beyond': (a) =>
    `${places(num(a.rate), 1)} lb of ${stuff[text(a.of)]} on 1,000 ft² is more than the ${text(a.most)} that any ground is given in a year: check the unit.`,
  'short.credited': (a) =>
    `The laboratory’s ${nutrient[text(a.nutrient)]} is less what ${brings(a.credits)} already, of which it is seldom told.`,
  'short.between': (a) =>
    `${capital(nutrient[text(a.nutrient)]!)} lies between ${classWords[text(a.from)]} and ${classWords[text(a.to)]}: the amount goes by the upper, which feeds less.`,
  'short.range': (a, measures) => {
    const what = capital(nutrient[text(a.of)] ?? stuff[text(a.of)]!)
    const [low, high, start] = [a.low, a.high, a.start].map((lb) => (num(lb) > 0 ? weight(num(lb), measures) : 'none'))
    return a.low === a.start
      ? `${what}: between ${low} and ${high}, as the test gives only a range. Start with ${start}, for its milder end; test again before more goes on.`
      : `${what}: between ${low} and ${high}, as the test gives only a range. ${start} is for its middle: a closer test first would settle it.`
  },
  'program.strip': (a, measures) =>
    `${text(a.name)}: on the ${length(num(a.width), measures)} beside the water nothing ${a.what === 'all' ? 'goes on' : `with ${nutrient[text(a.what)]!} goes on`}; this ground begins ${length(num(a.away), measures)} from it.`,
  'program.year-limit': (a, measures) =>
    num(a.most) === 0
      ? `${text(a.name)}: no ${nutrient[text(a.what)]!} may go on here. Choose a product without it, or ask what the local rule allows.`
      : `${text(a.name)}: no more than ${text(a.most)} lb of ${nutrient[text(a.what)]!} per 1,000 ft² a year. The amounts here are ${weight(num(a.held), measures)} less for it.`,
  'short.put': (a, measures) =>
    `Applied so far: ${weight(num(a.lb), measures)} of ${a.nutrient ? nutrient[text(a.nutrient)]! : text(a.material)}. ${a.more ? 'The rest is listed below.' : 'No more is needed now.'}`,
  'short.brought': (a) => `${capital(nutrient[text(a.nutrient)]!)} is low: what is applied here brings it.`,
  'short.still-working': (a) =>
    `${capital(stuff[text(a.of)]!)} applied on ${longDate(text(a.on), 'en-US')} was still working at the soil test. The amount here is less by what it will still do. Test again after ${longDate(text(a.until), 'en-US')}.`,
  'short.lime-late': (a) =>
    `Lime needs about ${text(a.months)} ${num(a.months) === 1 ? 'month' : 'months'} to start working, so it will only begin to help after planting.`,
  'short.sulfur-late': (a) =>
    `Sulfur needs about ${text(a.months)} months to lower the pH, so the pH will still be too high at planting. Plant in a bed of acid mix, or wait a year.`,
  'short.lead-open': () =>
    'Lead was asked about and is not on this report: have total lead tested before food grows or children play here.',
  'short.not-given': (a) =>
    `${capital(nutrient[text(a.nutrient)]!)} is low, but this crop needs no separate application of it.`,
  'short.by-label': (a) => {
    const all = text(a.nutrients).split(' ')
    const low = all.map((one) => nutrient[one]!).join(', ')
    return all.length > 1
      ? `Low are ${low}: give products that hold them, as much as their labels say.`
      : `${capital(low)} is low: give a product that holds it, as much as its label says.`
  },
  'short.not-known': (a) =>
    `Nothing can be said yet of ${text(a.nutrients)
      .split(' ')
      .map((one) => nutrient[one]!)
      .join(', ')}.`,
  'headline.check': () => 'Check first: the laboratory’s figure goes against the reading.',
  'headline.lime': (a) =>
    num(a.passes) > 1
      ? `Too acid: lime first, in ${text(a.passes)} passes, because pH holds everything else back.`
      : 'Too acid: lime first, because pH holds everything else back.',
  'headline.lime-asked': (a) =>
    `Lime, as the laboratory asks${num(a.passes) > 1 ? `, in ${text(a.passes)} passes` : ''}; the reading by itself would not.`,
  'headline.sulfur-asked': (a) =>
    `Sulfur, as the laboratory asks${num(a.passes) > 1 ? `, in ${text(a.passes)} passes` : ''}; the reading by itself would not.`,
  'headline.sulfur': (a) =>
    num(a.passes) > 1
      ? `Not acid enough: sulfur, in ${text(a.passes)} small passes with a retest between.`
      : 'Not acid enough: sulfur, then a retest before any more.',
  'headline.pH-before-P': () => 'Correct the pH first: phosphate works best a month or more after the lime.',
  'headline.look-elsewhere': () =>
    'Nothing here explains weak growth: look at shade, water, planting depth, roots and pests.',
  'headline.leave': () => 'Neither lime nor sulfur.',
  'headline.do-not': () => 'No lime and no sulfur on this ground.',
  'headline.not-here': () => 'This ground will not turn acid: another place or another plant.',
  'headline.unknown': () => 'Lime and sulfur are still open.',
  'headline.lead-precaution': (a) => `${lead(a)} No leafy or root crops in this soil: use raised beds and mulch.`,
  'headline.lead-screening': (a) =>
    `${lead(a)} That is above the screening level. No leafy or root crops here; ask the health department.`,
  'headline.lead-removal': (a) =>
    `${lead(a)} The soil is to be removed. Keep children off, grow nothing to eat, and call the health department.`,
  'headline.lead-no-food': (a) => `${lead(a)} Grow no food in this soil, and ask the health department.`,
  'headline.mix': () => 'Mix without soil: its extract is within the spans.',
  'headline.mix-short': () => 'Mix without soil, and short: fed by its extract, never by a rate for field soil.',
  'headline.mix-salts': () =>
    'This mix is too salty: water it until it drains freely, several times, and test again. No fertilizer until then.',
  'headline.sodic': () => 'Sodium is what holds this ground back: gypsum, drainage and leaching before anything else.',
  'headline.salts': () =>
    'Salts first: leach with clean water, and test again before any fertilizer. Six inches of water takes out half of the salt, a foot four fifths.',
  'headline.no-P': () => 'Phosphorus is not called for, so buy a bag with a 0 in the middle.',
  'headline.no-P-low-K': () =>
    'Potassium is what is short, and phosphorus is not: buy a bag with a 0 in the middle and a high last number.',
  'headline.stop-sulfur': (a) =>
    `No more sulfur: pH ${pH(a.pH)} is at the low end of ${pH(a.low)} to ${pH(a.high)} for ${text(a.crop)}. Stop what is still open, and test again within the year.`,
  'headline.straddles': (a) =>
    `The pH lies anywhere from ${pH(a.low)} to ${pH(a.high)}: ${decision[text(a.atLow)]} at one end, ${decision[text(a.atHigh)]} at the other. A laboratory’s pH would settle it.`,
  'headline.banned': (a) =>
    `${capital(banned[text(a.nutrient)]!)} is banned here${a.name ? ` (${text(a.name)})` : ''}: buy a bag with a 0 ${a.nutrient === 'N' ? 'in front' : 'in the middle'}.`,
  'headline.only-N': () => 'Of the nutrients, only nitrogen is called for.',
  'headline.nothing-to-feed': () => 'Nothing to feed this year.',
  'headline.N-only-known': () => 'Nitrogen goes by the crop; phosphorus and potassium are not known.',
  'headline.untested': () =>
    'No soil test: nitrogen goes by the crop. Lime, phosphate and potash are not known until it is tested.',
  'headline.untested-all': () => 'No soil test: what this ground needs is not known until it is tested.',
  'headline.P-K-unknown': () => 'Phosphorus and potassium are not known.',
} as const satisfies Partial<Phrases>
