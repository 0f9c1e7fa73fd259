import type { ClassName } from '../../core/guides/guide'
import type { ArgsOf } from '../../core/sentence/sentence'
import { places } from '../format'
import { capital, nutrient, num, pH, text, type Phrases } from '../phrase'

const methods: Readonly<Record<string, string>> = {
  'saturated-paste': 'saturated paste',
  'saturated-media': 'saturated media extract',
  '1:1': '1:1 mix',
  '1:2': '1:2 mix',
  'pour-through': 'pour-through',
  'hot-water': 'hot water',
  'mehlich-3': 'Mehlich-3',
  'mehlich-1': 'Mehlich-1',
  DTPA: 'DTPA',
}
const lines: Readonly<Record<string, string>> = { pH: 'pH', EC: 'salts', nitrate: 'nitrate-N' }

const classed = <E extends 'P' | 'K'>(element: E) => {
  const name = capital(nutrient[element]!)
  type Grown = ArgsOf<'meaning.P-low'>
  return {
    [`meaning.${element}-very-low`]: (a: Grown) => `${name} is scarce: ${text(a.crop)} answers to feeding.`,
    [`meaning.${element}-low`]: (a: Grown) => `${name} is short: ${text(a.crop)} likely answers to feeding.`,
    [`meaning.${element}-medium`]: (a: Grown) => `${name} nearly suffices: ${text(a.crop)} may answer to a little.`,
    [`meaning.${element}-optimum`]: (a: Grown) => `${name} suffices for ${text(a.crop)}.`,
    [`meaning.${element}-excess`]: (a: Grown) =>
      element === 'P'
        ? `Far more phosphorus than ${text(a.crop)} can use: none for years.`
        : `More potassium than ${text(a.crop)} can use: none this year.`,
  } as unknown as Readonly<Record<`meaning.${E}-${ClassName}`, (a: Grown) => string>>
}

/** What the values of a report mean. */
export const reading = {
  'reading.no-extractant': () => 'Choose the extractant the report names. Without it P, K and Mg cannot be rated.',
  'reading.no-guide': (a) =>
    `The guide here does not cover ${text(a.extractant)}. Results of one extractant are never read in the classes of another, so P, K and Mg are not rated; pH, lime and nitrogen stand.`,
  'reading.needs-cec': (a) => `${text(a.guide)} goes by CEC. Type the CEC from the report.`,
  'reading.calcareous': (a) =>
    `${text(a.extractant)} under-reads phosphorus above pH ${pH(a.upTo)}. Ask for an Olsen test.`,
  'reading.free-lime': (a) =>
    `The report finds ${places(num(a.freeLime), 1)} % free lime, where ${text(a.extractant)} under-reads phosphorus. Ask for an Olsen test.`,
  'reading.no-minimum': (a) =>
    `${text(a.guide)} has no figure for ${nutrient[text(a.element)]}: go by the laboratory’s word.`,
  'reading.index-no-minimum': (a) =>
    `An index of ${nutrient[text(a.element)]} is the laboratory’s own: go by its word for it.`,
  'reading.no-micro-method': (a) =>
    `Name the method ${nutrient[text(a.element)]} was tested by; the guide speaks of ${methods[text(a.by)]}.`,
  'reading.other-micro-method': (a) =>
    `The guide’s figure for ${nutrient[text(a.element)]} is for ${methods[text(a.by)]}, and is not used with another method.`,
  'salts.not-paste': (a) =>
    `Salts in a ${methods[text(a.method)]} are not read in the bands of the saturated paste. Watch the trend, or ask for the paste.`,
  'salts.above-crop': (a) => `Above ${text(a.upTo)} dS/m, ${text(a.crop)} begins to lose yield.`,
  'salts.within-crop': (a) => `${capital(text(a.crop))} bears up to ${text(a.upTo)} dS/m without loss.`,
  'salts.negligible': () => 'Salts are negligible.',
  'salts.very-sensitive': () => 'Very sensitive crops may suffer.',
  'salts.many-crops': () => 'Many crops suffer.',
  'salts.only-tolerant': () => 'Only tolerant crops do well.',
  'salts.very-few': () => 'Very few crops bear this.',
  'salts.esp': () => 'Sodium’s share of the exchange',
  'salts.gypsum': () => 'Gypsum that would replace all of the sodium',
  'salts.gypsum-each': () => 'tons an acre-foot for each meq',
  'lead.no-method': () => 'Say whether this is total lead: only that has a class.',
  'lead.extractable': () => 'Extractable lead reads far lower than total lead and has no class. Ask the laboratory.',
  'lead.below-precaution': () => 'Below the precaution level. Wash produce all the same.',
  'lead.precaution': (a) =>
    a.leafyOrRoot
      ? `Above precaution: not for ${text(a.crop)}, which takes up or holds the most soil.`
      : `Above precaution: ${text(a.crop)} with mulch and clean hands; no leafy or root crops.`,
  'lead.screening': () => 'Above the screening level: the health department should be asked.',
  'lead.removal': () => 'So much that the soil is to be removed: call the health department.',
  'lead.no-food': () => 'No food should be grown in this soil.',

  'meaning.pH-low': (a) => `More acid than ${text(a.crop)} does well in.`,
  'meaning.pH-fits': (a) => `Suits ${text(a.crop)}.`,
  'meaning.pH-high': (a) =>
    a.acid
      ? `Not acid enough for ${text(a.crop)}: yellow leaves here are a pH problem first.`
      : `Above the span of ${text(a.crop)}, which lives with it; watch iron and manganese.`,
  'meaning.buffer': () => 'Tells how much lime it takes, not whether any is needed.',
  'meaning.reported': (a) => text(a.says),
  'meaning.acidity': () => 'What lime would have to neutralize.',
  'meaning.free-lime': () => 'The soil fizzes with acid: sulfur is spent on this lime before the pH moves.',
  'meaning.no-free-lime': () => 'No free lime.',
  'meaning.tri-state-build-up': (a) =>
    `Below the critical level: ${text(a.crop)} answers to feeding, and the soil is built up over some years.`,
  'meaning.tri-state-maintain': (a) => `Suffices for ${text(a.crop)}: what the crop carries off is put back.`,
  'meaning.tri-state-draw-down': (a) => `More than ${text(a.crop)} needs: the soil is drawn down.`,
  'meaning.matter-low': () => 'Little organic matter: compost and cover crops do more here than any bag.',
  'meaning.matter-typical': () => 'Ordinary; the crop rates assume it.',
  'meaning.matter-high': () => 'Rich: the soil gives nitrogen by itself.',
  'meaning.cec-sandy': (a) => `Holds little, like sand: small doses, often.${guess(a.texture)}`,
  'meaning.cec-typical': (a) => `Holds an ordinary amount.${guess(a.texture)}`,
  'meaning.cec-heavy': (a) => `Holds much, and changes slowly.${guess(a.texture)}`,
  'meaning.nitrate-well-used': () => 'Little is left over: the nitrogen was well used.',
  'meaning.nitrate-left-over': () => 'What is left over counts against the next crop’s nitrogen.',
  'meaning.nitrate-too-much': () =>
    'Far too much was put on, and it moves to wells and streams: none for the next crop.',
  'meaning.element-low': (a) => `It may hold ${text(a.crop)} back.`,
  'meaning.element-enough': (a) => `It suffices for ${text(a.crop)}.`,
  'meaning.boron-harms': (a) => `Never feed boron to ${text(a.crop)}: it harms them.`,
  'meaning.sodic': (a) =>
    `Sodic ground: it seals and drains badly.${a.tons === null ? '' : ` ${places(num(a.tons), 1)} tons of gypsum an acre-foot would replace all of the sodium.`}`,
  'meaning.not-sodic': () => 'Sodium is no problem.',
  'meaning.extract-pH-below': () => 'Too acid for this mix.',
  'meaning.extract-pH-within': () => 'Suits the mix.',
  'meaning.extract-pH-above': () => 'Too high for this mix; look at the water first.',
  'meaning.extract-salts-below': () => 'Few salts. That alone does not say what to feed.',
  'meaning.extract-salts-within': () => 'Salts are in order.',
  'meaning.extract-salts-above': () => 'Too salty: water through until it drains, before any feeding.',
  'meaning.extract-nutrient-below': (a) =>
    a.own ? 'For mix in general; below what these plants want, so feed.' : `${label(a.id)} is short: feed.`,
  'meaning.extract-nutrient-within': (a) => (a.own ? 'As much as these plants want.' : `${label(a.id)} is in order.`),
  'meaning.extract-nutrient-above': (a) => `${label(a.id)} is above its span: none of it for a while.`,
  ...classed('P'),
  ...classed('K'),
} as const satisfies Partial<Phrases>

const guess = (texture: unknown): string => (texture ? ` By this, the soil is about ${text(texture as string)}.` : '')
const label = (id: unknown): string => capital(lines[String(id)] ?? nutrient[String(id)]!)
