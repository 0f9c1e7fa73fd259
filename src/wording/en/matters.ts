import { longDate } from '../long-date'
import { inchWords, length, onThousand, places, weight, type Measures } from '../format'
import { banned, capital, classWords, ended, nutrient, num, pH, stuff, text, type Phrases } from '../phrase'

const decision: Readonly<Record<string, string>> = { lime: 'lime', sulfur: 'sulfur', neither: 'neither' }
const credits: Readonly<Record<string, string>> = {
  manure: 'manure or compost',
  nitrate: 'left-over nitrate',
  legume: 'a legume turned under',
  ash: 'wood ash',
}
const brings = (names: string): string =>
  names
    .split(' ')
    .map((one) => credits[one]!)
    .join(' and ')

/** Why no nitrogen is given. */
const noNitrogen: Readonly<Record<string, (crop: string) => string>> = {
  soil: () => 'No nitrogen this year: this soil is rich in organic matter and gives enough.',
  fixed: (crop) => `No nitrogen: ${crop} makes its own, if the seed was inoculated.`,
  none: () => 'No nitrogen is needed here.',
  credited: () => 'No nitrogen this year: the soil still has enough.',
  shoots: () => 'No nitrogen this year: last year’s shoots are long enough.',
  planting: () => 'No nitrogen at planting. Begin next spring, once the plants have leafed out.',
}

/** What an overruled figure stands in place of, lb; null where there was none. */
const inPlaceOf = (instead: number | null, measures: Measures): string =>
  instead === null ? '' : instead > 0 ? `, instead of ${weight(instead, measures)}` : ', instead of none'
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
    'The report asks for lime and for sulfur. A soil gets one or the other, never both: check which line is meant.',
  'reaction.no-pH': () => 'The pH is not known, so neither is lime or sulfur.',
  'reaction.lime': (a) =>
    `pH ${pH(a.pH)} is below ${pH(a.trigger)}, too low for ${text(a.crop)}. Lime will raise it to about ${pH(a.aim)}.`,
  'reaction.lime-lead': (a) =>
    `pH ${pH(a.pH)}. Soil with lead is kept at 6.5 to 7, which binds the lead. ${capital(text(a.crop))} can grow there. Lime will raise the pH to ${pH(a.aim)}.`,
  'reaction.leave': (a) =>
    `pH ${pH(a.pH)} is within ${pH(a.low)} to ${pH(a.high)}, the right range for ${text(a.crop)}. No lime or sulfur needed.`,
  'reaction.leave-acid-lover': (a) =>
    `pH ${pH(a.pH)} is a little below ${pH(a.low)}, but ${text(a.crop)} likes acid soil and is limed only below ${pH(a.trigger)}. No lime needed.`,
  'reaction.leave-organic': (a) =>
    `pH ${pH(a.pH)} is below ${pH(a.low)}, but organic soil is limed only below ${pH(a.trigger)}. ${capital(text(a.crop))} can do well here. No lime needed.`,
  'reaction.leave-high': (a) =>
    `pH ${pH(a.pH)} is above ${pH(a.low)} to ${pH(a.high)}, but ${text(a.crop)} can live with that. Watch for yellow young leaves (iron, manganese).`,
  'reaction.leave-scab': (a) =>
    `pH ${pH(a.pH)}: ${text(a.crop)} gets scab above ${pH(a.scab)}. Add no lime, and plant kinds that resist scab.`,
  'reaction.sulfur': (a) =>
    `pH ${pH(a.pH)} is above ${pH(a.high)}, too high for ${text(a.crop)}. Sulfur will lower it to about ${pH(a.aim)}.`,
  'reaction.sulfur-lead': (a) =>
    `pH ${pH(a.pH)} is above ${pH(a.high)}, but this soil holds lead, and acid soil frees lead: no sulfur. Grow ${text(a.crop)} in a raised bed of clean acid mix.`,
  'reaction.not-here': (a) =>
    `pH ${pH(a.pH)} is above ${pH(a.limit)}. The soil may hold free lime, which uses up sulfur first. Grow ${text(a.crop)} in a container or a raised bed of acid mix, or choose another plant. If the plants do well, do nothing.`,
  'reaction.none-by-method': (a) =>
    `pH ${pH(a.pH)} is a little low for ${text(a.crop)}, but the ${text(a.method)} finds no acidity in reserve: no lime.`,
  'reaction.laboratory-lime': (a) =>
    `${a.agrees ? `pH ${pH(a.pH)} is below ${pH(a.trigger)}, and the` : 'The'} lab recommends lime. ${a.leads ? 'The lab’s amount is used.' : 'A different amount is used.'}`,
  'reaction.laboratory-sulfur': (a) =>
    `${a.agrees ? `pH ${pH(a.pH)} is above ${pH(a.high)}, and the` : 'The'} lab recommends sulfur. ${a.leads ? 'The lab’s amount is used.' : 'A different amount is used.'}`,
  'reaction.laboratory-none': (a) =>
    `The lab recommends no ${text(a.direction)}, and none is given. Our guide would give some.`,
  'reaction.sodic': (a, measures) =>
    `Sodium holds this soil back. Work in gypsum first${a.gypsum === null ? ', as much as the lab says' : `: ${weight(num(a.gypsum), measures)} would replace all of the sodium`}. Then leach with clean water and test again. Apply no lime, sulfur or fertilizer before that test.`,
  'reaction.free-lime': (a) =>
    `The report finds ${places(num(a.freeLime), 1)} % free lime, which uses up sulfur before the pH moves. Grow ${text(a.crop)} in a container or a raised bed of acid mix, or choose another plant.`,
  'reaction.mix-fits': (a) => `pH ${pH(a.pH)} is within ${pH(a.low)} to ${pH(a.high)}, which suits ${text(a.crop)}.`,
  'reaction.mix-low': (a) =>
    `pH ${pH(a.pH)} is below ${pH(a.low)} to ${pH(a.high)} for ${text(a.crop)}. Field-soil lime rates do not hold in mix: ask its supplier, or repot in fresh mix.`,
  'reaction.mix-high': (a) =>
    `pH ${pH(a.pH)} is above ${pH(a.low)} to ${pH(a.high)} for ${text(a.crop)}. Look at the water first: hard water raises it. Use an acid-forming fertilizer for mix.`,
  'reaction.lime-needs-input': (a) =>
    `pH ${pH(a.pH)} is too low for ${text(a.crop)}. How much lime it takes depends on the soil: type the buffer pH, or choose the texture.`,
  'reaction.sulfur-needs-input': (a) =>
    `pH ${pH(a.pH)} is too high for ${text(a.crop)}. How much sulfur it takes depends on the soil: choose its texture.`,
  'soilless.not-tested': (a) => `${capital(nutrient[text(a.nutrient)]!)} is not on the extract.`,
  'soilless.short': (a) =>
    `Below what is wanted. The amount is for a bed of mix ${places(num(a.depth), 0)} in deep, never one for field soil.`,
  'soilless.liquid': (a) =>
    `Or in the water each time: ${places(num(a.ounces), 1)} oz of a soluble 20-20-20 in ${text(a.gallons)} gallons (${text(a.ppm)} ppm nitrogen).`,
  'soilless.Ca-by-lime': () => 'Below what is wanted, in acid mix: dolomitic lime brings it, by its label.',
  'soilless.enough': () => 'Within its span or above: none to add.',
  'held.lime-high': (a) =>
    `The lab recommends lime, but pH ${pH(a.pH)} is already above ${pH(a.low)} to ${pH(a.high)}: high enough for ${text(a.crop)}. None until it is checked: is it the right sample, the right line, the right crop?`,
  'held.lime-acid-lover': (a) =>
    `The lab recommends lime, but ${text(a.crop)} likes acid soil, and pH ${pH(a.pH)} is not below ${pH(a.trigger)}. No lime until it is checked.`,
  'held.lime-sodic': () =>
    'The lab recommends lime, but the soil is sodic: gypsum and leaching help it, lime does not. No lime until it is checked.',
  'held.sulfur-low': (a) =>
    `The lab recommends sulfur, but pH ${pH(a.pH)} is not above ${pH(a.high)}. ${capital(text(a.crop))} needs none there. No sulfur until it is checked.`,
  'held.sulfur-lead': (a) =>
    `The lab recommends sulfur, but this soil holds lead, and acid soil frees lead. No sulfur for ${text(a.crop)} here.`,
  'held.sulfur-lime': (a) =>
    `The lab recommends sulfur, but at pH ${pH(a.pH)} free lime uses it up first. No sulfur until it is checked.`,
  'held.sulfur-crop': (a) =>
    `The lab recommends sulfur, but ${text(a.crop)} needs none at pH ${pH(a.pH)}. No sulfur until it is checked.`,
  'held.P-turf': () =>
    'The lab recommends phosphate, but turf that has enough phosphorus is given none. None until it is checked.',
  'held.beyond': (a) =>
    `The report asks for ${places(num(a.rate), num(a.rate) < 10 ? 1 : 0)} lb of ${stuff[text(a.of)]} on 1,000 ft². ${text(a.most)} is more than any soil is given in a year: most likely a unit is wrong. Nothing is applied until it is checked.`,
  'held.confirmed': (a) =>
    `The figure for ${stuff[text(a.of)]} goes against the reading and was confirmed${a.by === '' ? '' : ` by ${text(a.by)}`}: ${text(a.reason)}`,
  'headline.overruled': (a) => `The amount of ${stuff[text(a.of)]} is the advisor’s own.`,
  'overruled.why': () => 'The figure is the advisor’s own, instead of the one beside it.',
  'overruled.none': () => 'The advisor gives none, instead of the figure beside it.',
  'overruled.told': (a, measures) =>
    `The amount of ${stuff[text(a.of)]} is the advisor’s own${inPlaceOf(a.instead, measures)}${signedBy(a.by)}: ${ended(text(a.reason))}`,
  'overruled.method': (a, measures) =>
    `The figure for ${stuff[text(a.of)]} goes by ${text(a.method)}${inPlaceOf(a.instead, measures)}, as the advisor decided${signedBy(a.by)}: ${ended(text(a.reason))}`,
  'overruled.aim': (a) => `The aim is pH ${pH(a.is)} instead of ${pH(a.ours)}, ${decided(a)}`,
  'overruled.depth': (a, measures) =>
    `The amount is for a depth of ${inchWords(num(a.is), measures)} instead of ${inchWords(num(a.ours), measures)}, ${decided(a)}`,
  'overruled.cap': (a, measures) =>
    `At most ${onThousand(num(a.is), measures)} of ${stuff[text(a.need)]} at a time, instead of ${onThousand(num(a.ours), measures)}, ${decided(a)}`,
  'overruled.level': (a) => `Fertilized ${levels[text(a.is)]} instead of ${levels[text(a.ours)]}, ${decided(a)}`,
  'overruled.stopped': () =>
    'The amount that the advisor set before this test is not applied any more: the test found the pH near the low end.',
  'overruled.beyond': (a) =>
    `${places(num(a.rate), 1)} lb of ${stuff[text(a.of)]} on 1,000 ft² is more than the ${text(a.most)} that any soil is given in a year: check the unit.`,
  'short.no-nitrogen': (a) => noNitrogen[text(a.because)]!(text(a.crop)),
  'short.credited': (a) =>
    `The lab’s ${nutrient[text(a.nutrient)]} is less here: ${brings(a.credits)} already ${a.credits.includes(' ') ? 'give' : 'gives'} some. Labs are seldom told of that.`,
  'short.between': (a) =>
    `${capital(nutrient[text(a.nutrient)]!)} lies between ${classWords[text(a.from)]} and ${classWords[text(a.to)]}: the amount is for the higher, which needs less.`,
  'short.range': (a, measures) => {
    const what = capital(nutrient[text(a.of)] ?? stuff[text(a.of)]!)
    const [low, high, start] = [a.low, a.high, a.start].map((lb) => (num(lb) > 0 ? weight(num(lb), measures) : 'none'))
    return a.low === a.start
      ? `${what}: between ${low} and ${high}, as the test gives only a range. Start with ${start}, for its milder end; test again before more goes on.`
      : `${what}: between ${low} and ${high}, as the test gives only a range. ${start} is for its middle: a closer test first would settle it.`
  },
  'program.strip': (a, measures) =>
    `${text(a.name)}: on the ${length(num(a.width), measures)} beside the water apply nothing${a.what === 'all' ? '' : ` with ${nutrient[text(a.what)]!}`}; this area begins ${length(num(a.away), measures)} from it.`,
  'program.year-limit': (a, measures) =>
    num(a.most) === 0
      ? `${text(a.name)}: no ${nutrient[text(a.what)]!} may be applied here. Choose a product without it, or ask what the local rule allows.`
      : `${text(a.name)}: no more than ${text(a.most)} lb of ${nutrient[text(a.what)]!} per 1,000 ft² a year. The amounts here are ${weight(num(a.held), measures)} less for it.`,
  'short.pH-in-salt': (a) =>
    `The lab measured pH ${pH(a.salt)} in a salt solution. That is about ${pH(a.pH)} in water, which is used here.`,
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
  'headline.check': () => 'Check first: the lab’s amount does not fit its own test results.',
  'headline.lime': (a) =>
    num(a.passes) > 1
      ? `The pH is too low: lime first, in ${text(a.passes)} applications, because pH holds everything else back.`
      : 'The pH is too low: lime first, because pH holds everything else back.',
  'headline.lime-asked': (a) =>
    `Lime, as the lab recommends${num(a.passes) > 1 ? `, in ${text(a.passes)} applications` : ''}; the test results alone would not call for it.`,
  'headline.sulfur-asked': (a) =>
    `Sulfur, as the lab recommends${num(a.passes) > 1 ? `, in ${text(a.passes)} applications` : ''}; the test results alone would not call for it.`,
  'headline.sulfur': (a) =>
    num(a.passes) > 1
      ? `The pH is too high: sulfur, in ${text(a.passes)} small applications with a soil test between them.`
      : 'The pH is too high: sulfur, then a soil test before any more.',
  'headline.pH-before-P': () => 'Correct the pH first: phosphate works best a month or more after the lime.',
  'headline.look-elsewhere': () =>
    'Nothing in this test explains weak growth. Check shade, water, planting depth, roots and pests.',
  'headline.leave': () => 'No lime or sulfur needed.',
  'headline.do-not': () => 'No lime and no sulfur on this soil.',
  'headline.not-here': () => 'This soil will not turn acid: choose another place or another plant.',
  'headline.unknown': () => 'How much lime or sulfur this soil needs is not known yet.',
  'headline.lead-precaution': (a) => `${lead(a)} No leafy or root crops in this soil: use raised beds and mulch.`,
  'headline.lead-screening': (a) =>
    `${lead(a)} That is above the screening level. No leafy or root crops here; ask the health department.`,
  'headline.lead-removal': (a) =>
    `${lead(a)} The soil is to be removed. Keep children off, grow nothing to eat, and call the health department.`,
  'headline.lead-no-food': (a) => `${lead(a)} Grow no food in this soil, and ask the health department.`,
  'headline.mix': () => 'Soilless mix: its nutrients and salts are within range.',
  'headline.mix-short': () =>
    'Soilless mix, and short of nutrients. Amounts go by its own test, never by a rate for field soil.',
  'headline.mix-salts': () =>
    'This mix is too salty: water it until it drains freely, several times, and test again. No fertilizer until then.',
  'headline.sodic': () => 'Sodium holds this soil back: gypsum, drainage and leaching come first.',
  'headline.salts': () =>
    'Salts first: leach with clean water, and test again before any fertilizer. Six inches of water takes out half of the salt, a foot four fifths.',
  'headline.no-P': () => 'No phosphorus is needed: use a fertilizer whose middle number is 0.',
  'headline.no-P-low-K': () =>
    'Potassium is low and phosphorus is not: use a fertilizer with a 0 in the middle and a high last number.',
  'headline.stop-sulfur': (a) =>
    `No more sulfur: pH ${pH(a.pH)} is at the low end of ${pH(a.low)} to ${pH(a.high)} for ${text(a.crop)}. Skip what is left of it, and test again within the year.`,
  'headline.straddles': (a) =>
    `The pH lies anywhere from ${pH(a.low)} to ${pH(a.high)}: ${decision[text(a.atLow)]} at one end, ${decision[text(a.atHigh)]} at the other. A lab’s pH would settle it.`,
  'headline.banned': (a) =>
    `${capital(banned[text(a.nutrient)]!)} is banned here${a.name ? ` (${text(a.name)})` : ''}: use a fertilizer whose ${a.nutrient === 'N' ? 'first' : 'middle'} number is 0.`,
  'headline.only-N': () => 'Only nitrogen is needed.',
  'headline.nothing-to-feed': () => 'No fertilizer needed this year.',
  'headline.N-only-known': () => 'Nitrogen is what this crop usually needs. Phosphorus and potassium are not known.',
  'headline.untested': () =>
    'No soil test: nitrogen is what this crop usually needs. Lime, phosphate and potash are not known until the soil is tested.',
  'headline.untested-all': () => 'No soil test: what this soil needs is not known until it is tested.',
  'headline.P-K-unknown': () => 'Phosphorus and potassium are not known.',
} as const satisfies Partial<Phrases>
