import type { Use } from '../../core/guides/crop'
import type { ArgsOf } from '../../core/sentence/sentence'
import { cautions } from '../en/cautions'
import { steps } from '../en/field-sheet'
import { matters } from '../en/matters'
import { area, dateWords, difference, figure, length, places, rate, weight, type Measures } from '../format'
import {
  banned,
  capital,
  classWords,
  either,
  nutrient,
  num,
  pH,
  stuff,
  substances,
  text,
  type Phrases,
} from '../phrase'
import { doubt } from './doubt'
import { ground } from './ground'
import { missingTests } from './missing'
import { reading } from './reading'
import { reasons } from './reasons'

/** Words that need no arguments, by their keys. */
const asPhrases = <Id extends string, After extends '' | '.why'>(
  words: Readonly<Record<Id, string>>,
  after: After,
): Readonly<Record<`caution.${Id}${After}`, () => string>> =>
  Object.fromEntries(
    Object.entries<string>(words).map(([key, said]) => [`caution.${key}${after}`, () => said]),
  ) as unknown as Readonly<Record<`caution.${Id}${After}`, () => string>>

/** The interface, in English: one line for each key the core may say. What a client is handed too is in `en/` and `es/`. */
export const en: Phrases = {
  // What was typed
  'field.unit-unsaid': (a) =>
    `In which unit is “${text(a.text)}”? Choose it beside the number, or type it after it, such as ${text(a.example)}.`,
  'field.unreadable': (a) =>
    num(a.at) > 1
      ? `“${text(a.text)}” cannot be read from place ${text(a.at)} on. Type it like ${text(a.example)}.`
      : `“${text(a.text)}” is not a number this field can read. Type it like ${text(a.example)}.`,
  'field.not-detected': (a) =>
    `“${text(a.text)}” says that none was found. Type the least that could have been found, like <5.`,
  'field.negative': (a) => `“${text(a.text)}” is below nothing. Type a number like ${text(a.example)}.`,
  'field.unit': (a) => `“${text(a.unit)}” is no unit of this field. Choose one, or type it like ${text(a.example)}.`,
  'field.range': (a) =>
    a.meant === null
      ? `${text(a.text)} is outside ${text(a.low)} to ${text(a.high)}, so it is left out. Type it like ${text(a.example)}.`
      : `${text(a.text)} is outside ${text(a.low)} to ${text(a.high)}, so it is left out. Was ${text(a.meant)} meant?`,
  'size.empty': () => 'Type a size, like 12x18, 30 ft circle or 0.25 ac.',
  'size.no-diameter': () => 'Type how wide the circle is, like 30 ft circle.',
  'size.ends': () => 'The size stops too soon. Give both sides, like 12x18.',
  'size.unexpected': (a) =>
    `“${text(a.what)}” at place ${text(a.at)} cannot be read as part of a size. Write it like 12x18, 30 ft circle or 0.25 ac.`,
  'size.bracket': (a) => `A bracket is not closed at place ${text(a.at)}. Write it like (30+12) x 10.`,
  'size.count': () => `What stands before @ is how many there are, like 2 @ 4x8.`,
  'size.circle-area': () => 'A circle is given by how wide it is, like 30 ft circle.',
  'size.length': () => 'That is a length. Give both sides, like 12x18, or an area, like 450 sq ft.',
  'size.long': (a) => `A size is typed in ${text(a.most)} characters at most, like 2 @ 4x8 + 12x18.`,
  'plan.tangled': () =>
    'These shapes cross each other so often that their size cannot be told. Draw them with fewer corners, or type the size.',
  'size.three-factors': () => 'Three factors make no area. For two beds of 4 × 8 write 2 @ 4x8.',
  'size.mixed-sum': () => 'A length and an area cannot be added. Write the parts like 12x18 + 4x6.',
  'size.zero': () => 'That comes to no area. Type a size above nothing, like 12x18.',
  'size.huge': () => 'That is over 100,000 acres. Type the size of one area, like 12x18 or 0.25 ac.',
  'size.shape-needs': (a) => `This shape goes by other lengths. Write it like ${text(a.example)}.`,
  'size.no-triangle': () => 'Three such sides do not close: two together must be longer than the third.',
  'size.ring': () => 'The inside of a ring is narrower than its outside. Write it like ring 12 ft, 3 ft.',
  'size.offsets': () => 'Offsets need three widths at least. Write them like offsets 0, 4, 6, 5, 0 every 5.',
  'size.echo-named': (a, m) => {
    const lengths = text(a.lengths)
      .split(' ')
      .map((one) => length(Number(one), m))
    const rule =
      a.simpson === null
        ? ''
        : a.simpson
          ? ', by Simpson’s rule'
          : ', by the trapezoid rule, since the steps are odd in number'
    return `${text(a.shape)} of ${either(lengths)} = ${area(num(a.area), m)}${rule}`
  },
  'size.typed': () => 'The size as typed',
  'size.echo': (a, m) => sizeEcho(a, m),

  'size.rows': () => 'Feet of row by the row spacing',
  'size.rows-echo': (a, m) =>
    `${length(num(a.length), m)} of row, ${length(num(a.spacing), m)} apart = ${area(num(a.area), m)}`,
  'size.rows-how': () => 'Type how long the rows are, like 10 rows of 25 ft, 3 ft apart.',
  'size.rows-apart': () => 'How far apart are the rows? Type 10 rows of 25 ft, 3 ft apart.',
  'size.plant-width': (a) => `How wide is each plant? Type ${text(a.count)} plants 4 ft wide.`,
  'size.row-length': () => 'feet of row',
  'size.row-spacing': () => 'ft from row to row',
  'size.plants': () => 'Plants by the ground under each',
  'size.plants-echo': (a, m) =>
    `${text(a.count)} ${num(a.count) === 1 ? 'plant' : 'plants'}, ${area(num(a.each), m)} each = ${area(num(a.area), m)}${a.assumed ? `. A full-grown plant is assumed: for smaller ones type ${text(a.count)} plants 4 ft wide` : ''}`,
  'size.plant-count': () => 'plants',
  'size.per-plant': () => 'ft² for each, full-grown',
  'size.count-of': () => 'of that size',
  'field.oxide': (a) =>
    `That is ${text(a.element) === 'P' ? 'phosphate (P₂O₅)' : 'potash (K₂O)'}; a soil test is of the element.${a.share === null ? '' : ` As ${nutrient[text(a.element)]} it is ${places(num(a.share), 1)}: type that.`}`,
  'planting.count': () => 'plants',
  'planting.age': () => 'years since planting',
  'planting.rows-spacing': () => 'ft from row to row',
  'planting.rows-length': () => 'feet of row',
  'planting.rows-twenty': () => 'ft of row that a hand doses at a time',
  'planting.rows-count': () => 'How many times that is',
  'planting.rows-count-by-spacing': () => 'How many times that is in this area',
  'portion.plant': () => 'For each plant',
  'portion.bed': () => 'For each of them',
  'portion.row': () => 'For 20 ft of row',

  // Several crops
  'several.pH-both': (a) =>
    `${capital(text(a.one))} wants lime here and ${text(a.other)} wants acid ground: they do not belong in one area.`,
  'several.lime-beyond': (a) =>
    `Lime for ${text(a.one)} would take the pH to ${pH(a.aim)}, and ${text(a.other)} should stay at ${pH(a.high)} or below. Grow them apart, or lime for one of them.`,
  'several.pH-apart': () => 'Their pH spans do not meet: part them, or settle for the one that leads.',
  'several.nutrient': (a, m) => {
    const [low, high] = [a.low, a.high].map((v) => rate(num(v), text(a.use) as Use, m))
    return `${capital(nutrient[text(a.nutrient)]!)} runs from ${num(a.low) === 0 ? 'none' : low!.amount} to ${high!.amount} ${high!.per} among them: feed each by itself, or let one lead.`
  },

  // What is missing
  'missing.answer': (a) =>
    `The program failed on this area (${text(a.fault)}). What was typed is kept, and the other areas go on; please report it.`,
  'missing.size': () => 'Type how big this area is.',
  'missing.crop': () => 'Choose what grows here.',
  'missing.crop-in-guide': () =>
    'The guide of this area does not have this crop: choose another crop, or the extractant of its report.',
  'product.unknown': (a) => `The product ${text(a.ref)} is not on this machine; choose another.`,
  'missing.guide': () => 'This area is pinned to a guide that is not on this machine.',
  'missing.report': () => 'Type the soil report, or only its pH: what is not known follows from it.',

  // Lime or sulfur

  'guide.aim': (a) => `the aim for ${text(a.crop)}`,
  'guide.aim-lead': (a) => `where lead is bound, above the guide’s aim of ${pH(a.usual)} for ${text(a.crop)}`,
  'guide.aim-here': (a) => `the aim for ${text(a.crop)} on this soil, instead of ${pH(a.usual)}`,
  'guide.aim-school': (a) => `the aim for ${text(a.crop)}, ${text(a.school)}`,
  'report.pH': () => 'pH in water, from the report',
  'report.pH-salt': () => 'pH in salt, from the report',
  'report.salt-below': () => 'how much lower salt pH reads, about',
  'report.pH-from-salt': () => 'pH in water, as it would about be',
  'report.index': (a) => `${nutrient[text(a.element)]} index on the report`,
  'report.nitrate': () => 'nitrate-N, from the report',
  'report.nitrate-per-acre': () => 'nitrate-N in the sampled layer, from the report',
  'report.nitrate-layer': () => 'Nitrate-N in the sampled layer',
  'report.depth': () => 'depth of the sample',
  'report.depth-usual': () => 'depth of a usual sample',
  'report.salts': () => 'salts, from the report',
  'report.sar': () => 'sodium adsorption ratio, from the report',
  'report.sodium': () => 'exchangeable sodium, from the report',
  'report.free-lime': () => 'free lime, from the report',
  'report.lead': () => 'lead, from the report',
  'report.extract': () => 'from the report',
  'report.buffer': (a) => `${text(a.kind)} buffer pH, from the report`,
  'report.value': (a) => `${nutrient[text(a.element)]} on the report`,
  'report.organic-matter': () => 'organic matter, from the report',
  'report.cec': () => 'CEC, from the report',
  'report.furrow-slice': () => 'depth that a laboratory’s lb/acre speaks of',
  'report.ppm-inch': () => 'lb/acre in one ppm and inch of mineral soil',
  'report.to-unit': (a) => `In the guide’s unit, ${text(a.unit)}`,
  'depth.own': () => 'depth that the advisor set',
  'depth.typed': () => 'depth typed for this area',
  'depth.usual-surface': (a) => `depth that a surface dressing corrects, ${text(a.depth)} in`,
  'depth.usual-dug': (a) => `depth of digging, ${text(a.depth)} in`,
  'depth.usual-sulfur': (a) => `depth of the roots, ${text(a.depth)} in`,
  'area.share': () => 'For this area',
  'unit.factor': (a) => `lb/1,000 ft² in one ${text(a.unit)}`,
  'unit.ton': () => 'lb in a ton',
  'unit.acre': () => 'thousands of ft² in an acre',
  'unit.per-thousand': () => 'Per 1,000 ft²',
  'unit.per-thousand-area': () => 'Per 1,000 ft² of this area',

  'lime.reference-effectiveness': () => 'share of the method’s own lime that acts like pure, fine CaCO₃',
  'lime.base-depth': () => 'depth the method speaks of',
  'lime.buffer-range': (a) =>
    `The ${text(a.method)} reads from ${pH(a.low)} to ${pH(a.high)}; ${pH(a.buffer)} is outside.`,
  'lime.aim-range': (a) => `The ${text(a.method)} gives figures for aims up to ${pH(a.high)}.`,
  'lime.aim-low': (a) => `The ${text(a.method)} give figures for aims from ${pH(a.low)}.`,
  'lime.pH-high': (a) => `The ${text(a.method)} serves soil below pH ${pH(a.high)}.`,
  'lime.reads-like': (a) =>
    `The ${String(a.kind)} buffer was built to read like ${String(a.like)}, whose figures are used.`,
  'lime.tri-state-rate': (a) => `Tri-State line to pH ${pH(a.to)}; ten times the buffer pH is its lime test index`,
  'lime.tri-state-start': (a) => `where the line to pH ${pH(a.to)} starts`,
  'lime.tri-state-slope': (a) => `its fall for each point of lime test index, to pH ${pH(a.to)}`,
  'lime.mehlich-acidity': () => 'Acidity that the Mehlich buffer finds',
  'lime.mehlich-rate': () => 'A ton of agricultural lime for each meq, by the share of the way to pH 6.6',
  'lime.acidity-rate': () => '1,000 lb of pure CaCO₃ an acre for each meq/100 g',
  'lime.acidity-whole': (a) => `It neutralizes all of the acidity, also what lies beyond the aim of ${pH(a.aim)}.`,
  'report.acidity': () => 'neutralizable acidity of the report',
  'plausible.organic-matter': (a) =>
    `${places(num(a.matter), 0)} % organic matter: that is muck or peat, where figures for mineral soil do not hold. Is it a raised-bed mix? Then it needs a test for soilless mix.`,
  'plausible.under-read-P': (a) =>
    `pH ${pH(a.pH)}: above ${pH(a.from)} ${text(a.extractant)} may read phosphorus too low. If the soil fizzes with acid, ask for an Olsen test.`,
  'plausible.buffer-kind': (a) =>
    `The ${text(a.buffer)} buffer reads from ${pH(a.low)} to ${pH(a.high)}; ${pH(a.v)} looks like ${text(a.other)}. Which buffer does the report name?`,
  'plausible.rate': (a) =>
    `${num(a.rate) > 1000 ? figure(num(a.rate), 2) : figure(num(a.rate))} lb of ${stuff[text(a.of)]} on 1,000 ft² is ${figure(num(a.rate) / num(a.most), 2)} times the most that is usual.${
      a.unit === null
        ? ' Is the unit right?'
        : ` In ${text(a.unit)} it would be ${figure(num(a.instead), 2)} lb: is that meant?`
    }`,
  'plausible.dose-apart': (a) =>
    `The laboratory’s figure is well apart from our ${text(a.method)}, which comes to ${difference(num(a.difference))}. Is the unit right, and which depth does it mean?`,
  'plausible.bases-halved': (a) =>
    `${either(
      text(a.which)
        .split(' ')
        .map((one) => nutrient[one]!),
    ).replace(/^./, (c) =>
      c.toUpperCase(),
    )} add up to ${places(num(a.bases), 1)} meq/100 g, more than the CEC of ${places(num(a.cec), 1)}. Are they in lb/acre?`,
  'plausible.bases': (a) =>
    `${either(
      text(a.which)
        .split(' ')
        .map((one) => nutrient[one]!),
    ).replace(/^./, (c) =>
      c.toUpperCase(),
    )} add up to ${places(num(a.bases), 1)} meq/100 g, more than the CEC of ${places(num(a.cec), 1)}. Check them against the report.`,
  'plausible.bases-few': (a) =>
    `The bases add up to ${places(num(a.bases), 1)} meq/100 g, far below the CEC of ${places(num(a.cec), 1)}, in soil that is not acid. Check the units.`,
  'reaction.spread': (a) =>
    `Our methods are far apart: by ${text(a.high)} it is ${a.times === null ? 'something, and none' : `${places(num(a.times), 1)} times as much as`} by ${text(a.low)}. Ask the laboratory which it would use, or start low and retest.`,
  'lime.pH-low': (a) =>
    `The ${text(a.method)} starts at pH ${pH(a.low)}; this soil is more acid. Ask the laboratory for a buffer pH.`,
  'lime.not-on-muck': (a) => `The ${text(a.method)} columns are for mineral soil, not for muck or peat.`,
  'lime.nothing-to-raise': () => 'The pH is at the aim already.',
  'lime.escapes-buffer': () =>
    'The buffer finds no acidity in reserve, as on all weakly buffered ground; that does not mean no lime, so the texture table leads.',
  'lime.first-instalment': (a) =>
    `The table begins at pH ${pH(a.low)}: this is the amount from there up, as a first instalment. Retest after a year, before any more.`,
  'lime.ordinary': (a) => `The ${text(a.method)} speaks of finer stone: of ordinary ground limestone it takes more`,
  'lime.ordinary-each': () => 'What of ordinary ground limestone acts like pure fine CaCO₃',
  'lime.smp-estimate': () => 'The table ends at pH 6.0; this lower aim takes a share of that figure, as an estimate.',
  'lime.smp-row': (a) => `SMP table, lime to pH ${pH(a.to)}, on the line between two rows`,
  'lime.smp-cell': (a) => `SMP table, buffer ${pH(a.buffer)}, to pH ${pH(a.to)}`,
  'lime.smp-row-ph': () => 'buffer pH of the row',
  'lime.smp-column-ph': () => 'pH of the column',
  'lime.smp-between': (a) => `Between the columns for ${pH(a.low)} and ${pH(a.high)}, to the aim of ${pH(a.aim)}`,
  'lime.smp-share': (a) => `The aim of ${pH(a.aim)} is below the table: the share of the way to 6.0`,
  'lime.ae-rate': () =>
    'Adams–Evans: acidity from the buffer, by the share to be neutralized; × 1.5 because lime works imperfectly in the field',
  'lime.ae-unsaturated-soil': () => 'Share of the soil’s exchange that is acid at its pH',
  'lime.ae-unsaturated-aim': () => 'The same at the aim',
  'lime.texture-cell': (a) => `lime for ${text(a.texture)}, ${text(a.climate)} climate, ${pH(a.from)} to ${pH(a.to)}`,
  'lime.texture-rate': (a) => `Lime for ${text(a.texture)} in a ${text(a.climate)} climate, 7 in layer`,
  'lime.texture-step': () => 'end of the table’s step',
  'texture.by-cec': (a) =>
    `Nobody named the texture; a CEC of ${places(num(a.cec), 1)} meq/100 g is taken for ${text(a.texture)}. Choose the texture if you know it.`,
  'lime.organic-aim': (a) => `On muck, ${text(a.method)} speaks only of an aim of ${pH(a.from)} to ${pH(a.to)}.`,
  'lime.borrowed-row': (a) =>
    `The table has no row for ${text(a.texture)}: the one for ${text(a.row)} gives the least it will take.`,
  'lime.to-table-end': (a) =>
    `The table ends at pH ${pH(a.to)}, so this brings the soil there and not quite to ${pH(a.aim)}.`,
  'lime.to-depth': (a) => `Per 1,000 ft², and from the ${text(a.base)} in the figure speaks of to ${text(a.depth)} in`,
  'lime.to-pure': () => 'As pure, fine CaCO₃: the method’s own lime is not',
  'lime.to-product': () => 'As this product, corrected once for its strength',
  'lime.is-reference': (a) => `Unlabelled agricultural lime is what the ${text(a.method)} speaks of: its figure stands`,
  'lime.on-label': () => 'figure printed on the bag',
  'lime.from-label': (a) => `Strength from the bag: ${text(a.scale)}`,
  'lime.scale-each': (a) => `what one ${text(a.scale)} is worth`,
  'lime.cce': () => 'CaCO₃ equivalent on the bag',
  'lime.moisture': () => 'moisture',
  'lime.passing': (a) => `passes ${text(a.mesh)} mesh`,
  'lime.acts': (a) =>
    a.next === null ? `value of what passes ${text(a.mesh)} mesh` : `value of ${text(a.mesh)} to ${text(a.next)} mesh`,
  'lime.by-sieves': (a) => `Strength: CaCO₃ equivalent × fineness × dry matter, ${text(a.scale)}`,
  'lime.enm-each': () => 'lb of pure CaCO₃ in one lb of effective neutralizing material',
  'lime.of-enm': () => 'As pure, fine CaCO₃',
  'lime.pure-uncorrected': () => 'As pure, fine CaCO₃; the strength of this lime is not known',
  'lime.labelled': (a) =>
    `${text(a.material)}: by its label it acts like ${places(num(a.percent), 0)} % of pure, fine CaCO₃`,
  'lime.unlabelled': (a) =>
    `${text(a.material)} without a figure on the bag: taken to act like ${places(num(a.percent), 0)} % of pure, fine CaCO₃`,

  'laboratory.printed': (a) =>
    `${substances[text(a.substance)] ?? nutrient[text(a.substance)]} the laboratory recommends`,
  'laboratory.converted': () => 'The laboratory’s figure, per 1,000 ft²',
  'laboratory.depth': () => 'depth the laboratory means',
  'laboratory.depth-unknown': () => 'The laboratory’s depth is not known, so its figure is not scaled.',
  'laboratory.lime-stands': () => 'Its figure is taken as the lime in the bag, and stands.',
  'laboratory.reproduced': (a) =>
    `${places(num(a.printed), 0)} lb per 1,000 ft² is what the ${text(a.method)} gives for ${text(a.base)} in with ${places(num(a.effectiveness) * 100, 0)} % lime${num(a.depth) === num(a.base) ? '' : `; for ${text(a.depth)} in it is ${places(num(a.here), 0)}`}.`,
  'laboratory.pure-uncorrected': () =>
    'Agricultural lime without a figure on the bag cannot be corrected for its strength: type its effective CaCO₃ under Materials.',
  'laboratory.sulfur-pure': () => 'Its figure is taken as pure sulfur.',

  'sulfur.base-depth': () => 'depth the table speaks of',
  'sulfur.no-row': (a) => `The sulfur table has no row for ${text(a.texture)}: ask the laboratory.`,
  'sulfur.pH-high': (a) => `The sulfur table ends at pH ${pH(a.high)}.`,
  'sulfur.aim-low': (a) => `The sulfur table goes down to pH ${pH(a.low)}.`,
  'sulfur.nothing-to-lower': () => 'The pH is at the aim already.',
  'sulfur.cell': (a) => `sulfur from ${pH(a.at)} to 4.5 on ${text(a.texture)}`,
  'sulfur.row-ph': () => 'pH of the row',
  'sulfur.row': (a) => `Sulfur table for ${text(a.texture)}: from pH ${pH(a.pH)} to 4.5, on the line between two rows`,
  'sulfur.difference': () => 'To the aim: the difference of the two',
  'sulfur.difference-clay': () => 'To the aim: the difference of the two, and half as much again on clay',
  'sulfur.clay-factor': () => 'clay, against loam',
  'sulfur.borrowed-row': (a) =>
    `The table has no row for ${text(a.texture)}: the one for ${text(a.row)} is used, which errs on the low side.`,
  'sulfur.per-tenth': () => 'sulfur for each 0.1 of pH',
  'sulfur.tenths': () => 'The tenths rule: so much for every tenth above the aim',
  'sulfur.tenths-not-here': (a) =>
    `The tenths rule is for loam or heavier; on ${text(a.texture)} it gives far too much.`,
  'sulfur.chemistry': () => 'The soil’s buffering by the lime table, as the sulfur whose acid uses that much up',
  'sulfur.chemistry-rough': () => 'A rough check from another source; within about 40 % is agreement.',
  'sulfur.chemistry-depth': () => 'from the lime table’s 7 in to 6 in',
  'sulfur.neutralizes': () => 'lb CaCO₃ that one lb of sulfur uses up',
  'sulfur.free-lime': () => 'And what free lime uses up before the pH moves',
  'sulfur.free-lime-each': () => 'lb sulfur an acre for each % of free lime',
  'sulfur.acts-like': (a) => `sulfur that a pound of ${text(a.material)} acts like`,
  'sulfur.not-on-food': (a) => `No ${text(a.material)} where food grows: sulfur in its place.`,
  'sulfur.salt-over': (a) =>
    `${capital(text(a.material))} would pass ${text(a.most)} lb per 1,000 ft², which harms plants: sulfur in its place.`,
  'unit.hundreds': () => 'hundreds of ft² in an acre',
  'unit.inches': () => 'in in a foot',
  'size.volume': () => 'To that depth',
  'unit.ounces': () => 'oz in a pound',
  'unit.grams': () => 'g/m² in one lb/1,000 ft²',
  'unit.oxide': () => 'element in its oxide',
  'unit.as-oxide': () => 'As its oxide, per 1,000 ft²',
  'sulfur.to-depth': (a) => `Per 1,000 ft², and from ${text(a.base)} in to ${text(a.depth)} in`,
  'sulfur.strength': (a) => `sulfur in ${text(a.material)}`,
  'sulfur.to-product': () => 'As this product',
  'sulfur.in-product': () => 'The sulfur in it, which is what the cap weighs',

  'stone.not-tested': () => 'Magnesium was not tested: either stone will do.',
  'stone.low': (a) =>
    a.value === null
      ? 'Magnesium is low: dolomitic lime brings some.'
      : `Magnesium ${text(a.value)} ${text(a.unit)} is below ${text(a.lowBelow)}: dolomitic lime brings some.`,
  'stone.low-share': (a) =>
    `Magnesium holds ${places(num(a.share) * 100, 0)} % of the exchange, below the ${places(num(a.least) * 100, 0)} % of the base-saturation school: dolomitic lime brings some.`,
  'stone.ample': (a) =>
    `Magnesium holds ${places(num(a.share) * 100, 0)} % of the exchange, which is ample: calcitic lime.`,
  'stone.between': (a) =>
    a.value === null
      ? 'Magnesium is enough: either stone will do.'
      : `Magnesium ${text(a.value)} ${text(a.unit)} is enough: either stone will do.`,

  // What the years do
  'habit.P': (a, measures) =>
    `From ${a.from} to ${a.to} ${weight(num(a.put), measures)} of phosphate went on, where ${weight(num(a.needed), measures)} were needed${a.material ? `: most of it came with ${text(a.material)}. It piles up; a product without phosphate feeds as well.` : '.'}`,
  'habit.K': (a, measures) =>
    `From ${a.from} to ${a.to} ${weight(num(a.put), measures)} of potash went on, where ${weight(num(a.needed), measures)} were needed: it is not replaced.`,
  'course.own-buffering': (a) =>
    `this ground's own buffering, from ${num(a.tests) === 1 ? 'one retest' : `${a.tests} retests`}`,
  'course.by-own-buffering': (a) =>
    `${num(a.tests) === 1 ? 'A retest' : `${a.tests} retests`} found that this ground takes ${places(num(a.times), 2)} times what is usual: the figure goes by that.`,
  'course.early': (a) =>
    `Tested early: within ${a.months} months of ${stuff[text(a.of)]} a test finds only a part of what it does.`,
  'course.other-season': () =>
    'The two tests are of different seasons, and pH moves with the season: nothing is learned of the ground from it.',
  'course.both': () => 'Lime and sulfur both worked between the tests: nothing is learned of the ground from it.',
  'course.untold': () =>
    'Lime or sulfur went on between the tests of which product or amount is not told: nothing is learned of the ground from it.',
  'course.no-buffering': () =>
    'Without a texture, CEC or buffer reading no shift can be expected: name the texture on Ground.',
  'course.small': () => 'Too little was put on to tell anything of the ground.',

  // Passes
  'passes.count': (a) => `As few equal passes as keep to ${text(a.cap)} lb per 1,000 ft² each`,
  'passes.each': () => 'Each pass',
  'passes.gone': () => 'applied or skipped so far',
  'passes.open': () => 'in the applications still to do',
  'passes.planned': () => 'in all planned applications',
  'passes.left': () => 'The plan, less what was applied',
  'passes.share': () => 'As much of the need as of the applications is still to do',
  'passes.planting': () => 'Before planting, since the rows may not get as much at once',
  'cap.lime-surface': () => 'most lime on the surface in one pass, lb product per 1,000 ft²',
  'cap.lime-dug': () => 'most lime dug in at once, lb product per 1,000 ft²',
  'cap.sulfur-planted': () => 'most sulfur around standing plants in one pass, lb S per 1,000 ft²',
  'cap.sulfur-dug': () => 'most sulfur dug in at once, lb S per 1,000 ft²',
  'cap.turf': (a) => `most ${nutrient[text(a.nutrient)]} on turf in one pass, lb per 1,000 ft²`,
  'cap.turf-product': () => 'most of this product on turf in one pass, by its nitrogen, phosphate and potash',
  'cap.bed-nitrogen': () => 'most nitrogen worked into a bed at once, lb per 1,000 ft²',
  'cap.turf-slow': () => 'most of this product on turf in one pass, part of its nitrogen being slow',
  'cap.plot-potash': () => 'At most 150 lb K₂O an acre in one pass on food plots',
  'cap.on-sand': (a) => `most ${nutrient[text(a.nutrient)]} at once on light ground, lb per 1,000 ft²`,
  'cap.row-nitrogen': (a) =>
    `${text(a.row)} lb nitrogen beside 100 ft of row, rows ${places(num(a.spacing), 1)} ft apart, as lb per 1,000 ft²`,
  'cap.lime-own': (a) => `most ${text(a.material)} at once, lb product per 1,000 ft²`,
  'cap.none': () => 'no usual cap',

  // Nutrients
  'nutrient.not-tested': (a) => `${capital(nutrient[text(a.element)]!)} was not tested.`,
  'untested.guess': () => 'Not tested, so not known. What practice falls back on is a guess: test first.',
  'untested.P-turf': () =>
    'Not tested, so not known, and none where the law asks for a test first. What practice falls back on is a guess.',
  'untested.ratio': (a) => `Nothing was tested: as much as ${text(a.ratio)} brings beside the nitrogen.`,
  'untested.share': (a) => `parts of ${text(a.nutrient)} in the usual ratio`,
  'nutrient.banned': (a) =>
    `${capital(banned[text(a.nutrient)]!)} is banned here${by(a.name)}. Check your local rule for its exceptions.`,
  'nutrient.needed': (a) => `${tested(a)} ${classWords[text(a.className)]} for ${text(a.crop)}.`,
  'nutrient.enough': (a) => `${tested(a)} ${classWords[text(a.className)]}: the soil has enough.`,
  'nutrient.less-brought': (a) =>
    `What the soil asks for, less what ${credits({ ...a, matter: null })} bring${plural(a)} this season.`,
  'credit.ash': (a) => `What ${text(a.material)} brings in a year`,
  'credit.ash-year': () => 'lb of it at most in a year',
  'nutrient.lead-leafy': () =>
    'Leafy and root crops should not grow in this soil, so no fertilizer is given. Choose a fruiting crop to see what it needs.',
  'nutrient.lead': () => 'No food should grow in this soil, so it is not fed for any.',
  'nutrient.by-extract': () => 'Mix without soil is fed by its extract, never by a rate for field soil.',
  'nutrient.class': (a) =>
    a.value === null
      ? `${capital(classWords[text(a.className)]!)}, as the report says`
      : `${text(a.value)} ${text(a.unit)} is ${classWords[text(a.className)]} (${a.upTo === null ? `over ${text(a.above)}` : a.above === null ? `up to ${text(a.upTo)}` : `over ${text(a.above)}, up to ${text(a.upTo)}`}), ${text(a.guide)}`,
  'nutrient.table-cell': (a) => `${nutrient[text(a.nutrient)]} a year, ${classWords[text(a.className)]}`,
  'nutrient.laboratory': () => 'The laboratory’s figure leads.',
  'nutrient.laboratory-less': (a) =>
    `The laboratory’s figure, less what ${credits({ ...a, matter: null })} give${plural(a)}, of which it is seldom told.`,
  'nutrient.salts': () => 'No fertilizer until the salts are leached out and a new test shows it.',
  'nutrient.laboratory-none': () => 'The laboratory asks for none.',
  'nitrogen.low': (a) => `least for ${text(a.crop)}, a year`,
  'nitrogen.high': (a) => `most for ${text(a.crop)}, a year`,
  'nitrogen.usual-rate': (a) => `usual for ${text(a.crop)}, a year`,
  'nitrogen.lean': () => 'Lean feeding: the low end of the span',
  'nitrogen.generous': () => 'Generous feeding: the high end of the span',
  'nitrogen.as-usual': () => 'The crop’s usual rate',
  'nitrogen.middle': () => 'Usual feeding: the middle of the span',
  'nitrogen.usual': (a) =>
    a.low === a.high
      ? `The usual rate for ${text(a.crop)}.`
      : `${capital(text(a.crop))} takes ${text(a.low)} to ${text(a.high)} ${text(a.unit).replace('/1000 ft²', ' per 1,000 ft²').replace('/acre', ' per acre')} a year.`,
  'nitrogen.none': (a) => `${capital(text(a.crop))} needs none.`,
  'nitrogen.fixed': (a) => `${capital(text(a.crop))}: it makes its own nitrogen where it is inoculated.`,
  'nitrogen.rich-soil': (a) => `Organic matter is ${text(a.matter)} %: the soil feeds this planting by itself.`,
  'nitrogen.credited': (a) => `The usual rate, less what ${credits(a)} give${plural(a)}.`,
  'nitrogen.all-credited': (a) => `${capital(credits(a))} give${plural(a)} all of it.`,
  'nitrogen.credit-manure': (a) => `What ${text(a.material)} gives in its first year`,
  'nitrogen.credit-legume': (a) => `what ${text(a.legume)} turned under leaves`,
  'nitrogen.new-lawn': () => 'A new lawn: half at seeding or sodding, half six to eight weeks later.',
  'nitrogen.new-lawn-year': () => 'for a new lawn in its first season',
  'nitrogen.needs-trees': (a) => `Nitrogen goes by the tree: type how many there are and how old (${text(a.crop)}).`,
  'nitrogen.tree': () => 'For each tree, by its years',
  'nitrogen.tree-most': () => 'most for a tree',
  'nitrogen.tree-year': () => 'for each year of its age',
  'nitrogen.tree-dwarf': () => 'share for dwarfing roots',
  'nitrogen.tree-standard': () => 'share for ordinary roots',
  'nitrogen.shoots': () => 'share that last year’s shoots leave',
  'nitrogen.shoots-unknown': () => 'share while the shoots are not measured',
  'nitrogen.shoots-long': (a) =>
    `Last year’s shoots of ${places(num(a.shoots), 0)} in are long: no nitrogen this year.`,
  'nitrogen.tree-look': (a) =>
    `By the years of ${text(a.crop)}s. Measure last year’s shoots: where they are long, give none.`,
  'nitrogen.by-tree': (a) =>
    `By the years of ${text(a.crop)}s and last year’s shoots of ${places(num(a.shoots), 0)} in.`,
  'nitrogen.spread': () => 'Of all plants, per 1,000 ft² of their ground',
  'nitrogen.plant': () => 'For each plant, by its years',
  'nitrogen.plant-first': () => 'oz of ammonium sulfate in the first year',
  'nitrogen.plant-each': () => 'oz more each year',
  'nitrogen.plant-most': () => 'oz at most',
  'nitrogen.at-planting': () => 'None at planting; the first once they have leafed out, next spring.',
  'nitrogen.by-plant': (a) => `By the plants’ ${a.age === 1 ? 'first year' : `${places(num(a.age), 0)} years`}.`,
  'nitrogen.credit': () => 'Credit for organic matter above what the rates assume',
  'nitrogen.less-credit': () => 'Less the credit',
  'nitrogen.credit-above': () => '% organic matter that the rates assume',
  'nitrogen.credit-each': () => 'lb N/acre for each further %',
  'nitrogen.credit-most': () => 'lb N/acre at most',
  'tri-state.extractant': () =>
    'The food-plot equations speak of Bray P1 and ammonium-acetate K only, and are not used with another extractant.',
  'tri-state.needs-ppm': () => 'The food-plot equations need the test in ppm: a word or an index will not do.',
  'tri-state.needs-cec': () => 'The potash equation goes by CEC. Type the CEC from the report.',
  'tri-state.yield': () => 'a modest yield, since wildlife removes little',
  'tri-state.yield-hoped': () => 'the yield hoped for, as typed',
  'tri-state.removal': () => 'carried off with each',
  'tri-state.carried-off': (a) => `What ${text(a.crop_yield)} ${text(a.unit)} carry off`,
  'tri-state.critical': () => 'critical level for phosphorus',
  'tri-state.critical-K': () => 'Critical level for potassium at this CEC',
  'cap.advisor': () => 'The advisor’s own limit for one pass',
  'cap.above-guide': (a) =>
    `The limit set here, ${places(num(a.own), 0)} lb per 1,000 ft² at a time, is above the guide’s ${places(num(a.most), 0)}.`,
  'cap.mix': () => 'For mix without soil, one dressing',
  'soilless.each': () => 'for a bed of mix 10 in deep, in one dressing',
  'soilless.times': () => 'dressings a year',
  'soilless.depth-usual': () => 'depth of a usual bed of mix',
  'soilless.by-depth': () => 'By the depth of the mix',
  'report.buffer-unnamed': () => 'buffer pH of an unnamed buffer, from the report',
  'meaning.buffer-unnamed': () => 'Not used yet: which buffer? Each reads otherwise. Choose it on Results.',
  'meaning.salts-unnamed': () =>
    'Not rated yet: measured in which extract? Each reads otherwise. Choose it on Results.',
  'plausible.buffer-unnamed': (a) => `Which buffer gave ${pH(a.v)}? Until it is chosen the lime does not go by it.`,
  'plausible.salts-unnamed': () => 'In which extract were the salts measured? Until it is chosen they are not rated.',
  'tri-state.span-low': () => 'where the span of this extractant begins',
  'tri-state.span-high': () => 'where it ends',
  'tri-state.above': () => 'Above the span of this extractant: none',
  'tri-state.build-each': () => 'lb a year for each ppm below it',
  'tri-state.build': () => 'Below the critical level: build up, and replace what is carried off',
  'tri-state.replace': () => 'At the critical level or just above: replace what is carried off',
  'tri-state.draw': () => 'Well above: let the soil give it',
  'tri-state.by-class': (a) =>
    `${capital(classWords[text(a.className)]!)} by this extractant’s own classes: so much on food plots.`,
  'tri-state.most': () => 'No plot is given more potash in a year',
  'tri-state.needed': (a) => `${text(a.value)} ppm: by the food-plot equations.`,
  'tri-state.enough': (a) => `${text(a.value)} ppm: the soil has enough.`,

  'minimum.level': () => 'the least that turf does well with, ppm',
  'minimum.per-ppm': () => 'g/m² in one ppm of the top 4 in',
  'minimum.uptake': () => 'taken up with each of nitrogen',
  'minimum.need': () => 'What the test falls short, and what the year’s growth takes up',
  'minimum.needed': (a) =>
    `${text(a.value)} ppm against a minimum of ${text(a.minimum)}, and the year’s growth. Worked out for light soils of pH 5.5 to 8.5.`,
  'minimum.enough': (a) => `${text(a.value)} ppm covers the minimum of ${text(a.minimum)} and the year’s growth.`,

  // Other nutrients
  'other.usual': (a) => `usual for ${nutrient[text(a.nutrient)]} where the test is low`,
  'other.usual-rate': () => 'The usual rate',
  'other.to-product': () => 'As this product',
  'other.Mg-low': () => 'Low, and no lime goes on that would bring some. Epsom salt does not move the pH.',
  'other.Mg-by-lime': () => 'Low: the dolomitic lime brings it.',
  'other.brought': (a) => `Low: the ${text(a.material)} that goes on for ${nutrient[text(a.nutrient)]} brings enough.`,
  'other.Ca-low': () => 'Low, and no lime goes on that would bring some. Gypsum does not move the pH.',
  'other.Ca-by-lime': () => 'Low: the lime brings it.',
  'other.S-low': () => 'Low: about a tenth of the nitrogen. Ammonium sulfate would bring it along.',
  'other.S-share': () => 'of the nitrogen',
  'other.S-most': () => 'lb/acre at most',
  'other.S-rate': () => 'About a tenth of the nitrogen',
  'other.B-low': (a) =>
    `Low, on light ground. Never more than ${text(a.perYear)} lb/acre a year: the margin to harm is narrow. Dissolve it and spread it evenly.`,
  'other.B-usual': () => 'usual for boron where the test is low',
  'other.B-not-sandy': () => 'Low, but boron is given on light ground only: look again in a tissue test.',
  'other.B-harms': (a) => `None: boron harms ${text(a.crop)}.`,
  'other.B-harms-next': () => 'None: boron harms beans and peas, which grow here or follow.',
  'other.B-over': (a) =>
    `The laboratory’s figure is above ${text(a.perYear)} lb/acre a year, which harms plants: ask before using it.`,
  'other.Zn-low': () => 'Low: zinc sulfate or a chelate by its label.',
  'other.Zn-row': () => 'Low, on light ground: beside the row at planting.',
  'other.Zn-needs-rows': () => 'Low, on light ground: it goes beside the row. Type how far apart the rows are.',
  'other.Zn-each': () => 'a tablespoon of zinc sulfate to 100 ft of row',
  'other.Zn-rate': () => 'By the row spacing, per 1,000 ft²',
  'other.Mn-low': () => 'Low: manganese sulfate by its label, on the leaves where pH is high.',
  'other.Cu-low': () => 'Low: by the product’s label, and no more; it does not leave the soil.',
  'other.Fe-low': (a) =>
    `Low: iron chelate by its label${a.chelate === null ? '' : `, ${text(a.chelate)} at this pH`}.`,
  'other.Fe-pH-first': () => 'Low, but the pH comes first: iron is there and cannot be taken up.',

  // Materials
  'material.grade': (a) => `% ${nutrient[text(a.nutrient)]} on the label`,
  'material.first-year': () => 'of it feeds in the first year',
  'material.holds': (a) => `in ${text(a.material)}`,
  'material.share': () => 'Share of the bag’s weight',
  'material.share-first-year': () => 'Share of the bag’s weight that feeds in the first year',
  'material.acidity': () => 'lime that its acid uses up, for each lb of nitrogen',
  'mix.lime-used': () => 'Lime in the ground that its acid uses up',
  'material.bag': () => 'weight of a bag',
  'mix.nothing-needed': (a) => `${capital(text(a.material))} holds nothing that this area is known to need.`,
  'mix.amount': (a) => `Enough to meet the ${nutrient[text(a.nutrient)]}`,
  ...doubt,
  'log.bag-size': (a) => `Taken as bags of ${text(a.lb)} lb: say “40-lb bag” for others.`,
  'log.by-volume': (a) => `By what a cup of ${text(a.material)} weighs: ${places(num(a.lb), 1)} lb.`,
  'log.empty': () => 'Type what was put on, such as 1 bag 10-10-10 on the lawn last Tuesday.',
  'log.future': (a) => `${capital(text(a.text))} is yet to come, and this is for what was put on.`,
  'log.how-much': () => 'How much? Such as 4 cups, half a bag, 20 lb.',
  'log.no-day': (a) => `${text(a.text)} is no day of the calendar. Type it like 12 May.`,
  'log.no-product': (a) => `No product here is ${text(a.text)}. Put it on the shelf, or say it by another name.`,
  'log.no-such-area': (a) => `No area of this case is a ${text(a.text)}: name the area.`,
  'log.one-thing': (a) => `One thing a line: ${text(a.text)} are two.`,
  'log.taken-as': (a) => `Taken as ${text(a.material)}: say it by name if it was another.`,
  'log.unread': (a) => `“${text(a.text)}” is not understood. Write it like 1 bag 10-10-10 on the lawn last Tuesday.`,
  'log.what': () => 'What was it? Such as 10-10-10, urea, lime or compost.',
  'log.when': () => 'When? Such as 12 May, last Tuesday, in 2024.',
  'log.which-area': (a) => `On which: ${text(a.names)}?`,
  'log.which-product': (a) => `Which of them: ${text(a.names)}?`,
  'program.after-bulbing': () => 'Onions that bulb are fed no more.',
  'program.after-midsummer': () => 'Standing plants are not fed after midsummer: late growth freezes.',
  'program.cold-sulfur': (a) => `The soil is below ${text(a.least)} °F, where sulfur does next to nothing.`,
  'program.dormant': () => 'The soil is too cold: nothing takes it up, and rain carries it off.',
  'program.early': (a) => `That is before ${dateWords(text(a.from))}, when it is due.`,
  'program.frozen': () => 'The ground is frozen.',
  'program.hot': () => 'Cool turf is not fed in the hot months: it burns.',
  'program.late': (a) => `That is after ${dateWords(text(a.until))}, by when it was due.`,
  'program.lime-first': (a) => `Less than ${text(a.days)} days after lime: the two do not go together.`,
  'program.lime-late': (a) =>
    `This lime begins to tell after ${text(a.months)} ${num(a.months) === 1 ? 'month' : 'months'}, which is after planting.`,
  'program.lime-sulfur': () => 'Lime and sulfur on one ground within a year: each undoes the other.',
  'program.next-season': () =>
    'It falls into the next season, which has a need of its own: leave it out, or choose slow nitrogen, which takes fewer passes.',
  'program.skipped': () => 'Skipped: later applications stay as they were planned, and do not make up for it.',
  'course.still-working': () => 'what was applied before the test and had not worked yet, lb CaCO₃ per 1,000 ft²',
  'course.worth': () => 'lb CaCO₃ that one lb of the product is worth',
  'finding.figures-for': () =>
    'Several crops grow here, and the lab’s figures are used for each of them. Say which crop they were printed for.',
  'finding.strength': (a) =>
    `The strength of this lime was typed for ${text(a.area)} and not here. Type it here too if the bag is the same.`,
  'finding.moved': (a) =>
    `The amount of ${stuff[text(a.of)]!} was changed by hand, and what it replaced is another today. Check whether it still holds.`,
  'finding.stale-mix': () => 'The bags were chosen for other amounts than today’s. Choose them again.',
  'finding.bare': (a) =>
    `No product of the office suits this area for ${text(a.nutrients)
      .split(' ')
      .map((one) => stuff[one]!)
      .join(' and ')}. Choose one, or the client has none to buy.`,
  'finding.named': () => 'The fertilizer was chosen for you. Look whether the client can get it.',
  'finding.barred': () => 'The fertilizer that was chosen may not be used here. Choose another.',
  'program.no-day': () => 'No day of the next twelve years is open for it: look at the closed times.',
  'program.past': () => 'That day is past.',
  'region.frost': () => 'That is no day of the year. Type it like 10 May; leave both blank where there is no frost.',
  'region.soil': () =>
    'Twelve temperatures of the soil are needed, January first: 31 31 36 47 58 67 72 71 63 52 42 34, in °F; put a C behind them for °C.',
  'program.after-ammonium': (a) => `Ammonium or urea went on within ${a.days} days: lime would drive its ammonia off.`,
  'program.covered': (a, measures) =>
    `${weight(num(a.lb), measures)} were put on already: this pass is not needed any more.`,
  'program.plan-changed': (a) =>
    `It was moved away from ${dateWords(text(a.was))}; without the move it would be ${dateWords(text(a.is))} now.`,
  'program.retest-after': (a) => `Test again ${text(a.months)} months after the last ${text(a.need)}, not before.`,
  'program.retest-before': (a) =>
    `Test before pass ${text(a.n)} of ${text(a.of)} of ${text(a.need)}: it goes on only if it is still wanted.`,
  'program.retest-salts': () => 'After leaching, and before any fertilizer.',
  'program.retest-usual': (a) => `The next test, ${num(a.years) === 1 ? 'a year' : `${text(a.years)} years`} on.`,
  'program.rule': (a) => `Closed by a rule of this office: ${text(a.name)}. Check your local rule.`,
  'program.sulfur-late': (a) => `Sulfur goes down ${text(a.months)} months or more ahead of planting.`,
  'program.planting-assumed': (a) => `Planting is assumed on ${dateWords(text(a.on))}: type the day if it is another.`,
  'program.season-over': (a) =>
    `Every fertilizer application still open falls after ${text(a.season)}, yet is reduced by what was applied in ${text(a.season)}. Season ${text(a.next)} has needs of its own.`,
  'program.share': () => 'What a yearly limit leaves of it',
  'program.stands': () => 'The bed is planted then: work it in before planting, or after the harvest.',
  'program.untested': (a) => `A soil test comes first, not before ${dateWords(text(a.from))}.`,
  'program.too-soon': (a) =>
    `Too soon after the one before: ${num(a.months) > 0 ? `${text(a.months)} months` : `${text(a.days)} days`} at the least.`,
  'program.turf-dormant': () => 'Warm turf is fed from full green-up until six weeks before frost.',
  'program.turf-season': () => 'Cool turf is fed in September, October to November, and May.',
  'program.year-full': (a) => `A year takes ${text(a.most)} of these at the most.`,
  'label.empty': () => 'Type what the label says, such as 16-4-8 30 % slow 40 lb $22.50.',
  'label.unread': (a) => `“${text(a.text)}” is not understood. Write it like 16-4-8 30 % slow 40 lb $22.50.`,
  'label.over-hundred': (a) =>
    `That sums to ${places(num(a.sum), 1)} %, and a bag holds 100 %. Look at the label again.`,
  'label.lime-worth': () => 'What is it worth? Write it like lime 92 % CCE dolomitic 40 lb $5.20, or lime 1650 ENP.',
  'label.lime-range': (a) => `No lime is worth ${text(a.text)}. Write it like 92 % CCE, or 1650 lb/ton ENP.`,
  'label.cce-fine': () =>
    'CCE does not say how fine it is: taken as all fine. Of coarse stone type the sieves on Materials.',
  'label.sulfur-strength': () => 'How much of it is sulfur? Write it like sulfur 90 % 50 lb.',
  'label.sulfur-range': (a) => `${places(num(a.percent), 1)} % is no sulfur to sell. Write it like sulfur 90 % 50 lb.`,
  'label.slow-range': (a) => `${places(num(a.percent), 0)} % slow is more than all of the nitrogen.`,
  'label.price-without-size': (a) => `${text(a.text)} for which bag? Write it like 40 lb $22.50.`,
  'label.bag-unread': (a) => `“${text(a.text)}” is not understood. Write it like 40 lb $22.50; 5 lb $6.`,
  'label.bag-range': (a) => `${text(a.text)} is no bag. Write it like 40 lb $22.50.`,
  'label.element': (a) =>
    `${places(num(a.percent), 1)} % ${text(a.element)} was taken as the element, and is ${places(num(a.as), 1)} % ${text(a.oxide)}.`,
  'guide.aim-own': (a) => `The aim that the advisor set, in the place of ${pH(a.usual)} for ${text(a.crop)}`,
  'spreader.before': () => 'In the hopper before',
  'spreader.after': () => 'In the hopper after',
  'spreader.distance': () => 'Strip that was walked',
  'spreader.swath': () => 'Swath, wheel track to wheel track',
  'spreader.rate': () => 'What was spread, on the strip that it was spread on',
  'spreader.line-start': () => 'What the line through the trials puts down at setting 0',
  'spreader.line-rise': () => 'What each step of the scale adds, by that line',
  'spreader.half': () => 'Half of one pass, spread each way',
  'spreader.ways': () => 'North–south, then east–west',
  'spreader.setting': () => 'The setting that puts down what is wanted, by the line through the trials',
  'spreader.incomplete': () => 'Type setting, strip and both weights, such as 12, 50 ft, 20 lb and 18 lb.',
  'spreader.nothing-spread': () => 'As much is in it as before: it spread nothing. Look at the weights again.',
  'spreader.one-setting': () =>
    'One setting tells what it puts down. Try a second one, and what is wanted lies between them.',
  'spreader.not-rising': () => 'The trials put down less at a higher setting: look at them again.',
  'spreader.far': (a) =>
    `${places(num(a.wanted), 1)} lb on 1,000 ft² is far from what was tried (${places(num(a.low), 1)} to ${places(num(a.high), 1)}): try a setting nearer to it.`,
  'overruled.figure': (a) => `What the advisor gives${a.by === '' ? '' : ` (${text(a.by)})`}`,
  'mix.taken': () => 'Of this product, by the mix that was taken',
  'mix.chosen': () => 'In the product that was chosen for what is needed',
  'mix.in-shed': () => 'What of it is in the shed already',
  'mix.all-areas': () => 'On all areas together',
  'mix.bags': () => 'Whole bags to buy',
  'mix.left-over': () => 'Left in the last bag',
  'mix.supplied': (a) => `${capital(nutrient[text(a.nutrient)]!)} it brings`,
  'mix.cut': (a) =>
    `Measured by its nitrogen, ${text(a.material)} would bring more phosphate than is wanted, so there is less of it; the rest of the nitrogen comes from a bag without phosphorus.`,
  'mix.cut-to-P': () => 'As much as brings the phosphate wanted, and a quarter more',
  'mix.over-most': () => 'Phosphate may go past its need by a quarter',
  'mix.left-short': (a) => `${text(a.nutrient)} wanted, less what the chosen bag brings`,
  'mix.over': () => 'Brought, less wanted',
  'mix.over-none': () => 'Brought, and none is wanted',
  'mix.banned': (a) =>
    `It carries ${banned[text(a.nutrient)]!}, which is banned here${by(a.name)}. Choose one with 0 ${a.nutrient === 'N' ? 'in front' : 'in the middle'}.`,
  'mix.P-enough': () => 'It carries phosphorus, and this turf has enough of it. Choose one with 0 in the middle.',
  'mix.too-sour': (a) => `Not at pH ${pH(a.pH)}: it would carry ${text(a.crop)} below its span. Urea takes its place.`,
  'mix.too-much': (a) =>
    `Measured out like this it brings ${places(num(a.rate), 0)} lb ${text(a.nutrient)} on 1,000 ft². ${text(a.most)} is more than any ground is given in a year. Choose one with less of it.`,
  'mix.no-nitrate': (a) => `It carries nitrate, which harms ${text(a.crop)}.`,
  'mix.no-chloride': (a) => `It carries chloride, which harms ${text(a.crop)}.`,

  'not-measured.nutrients': (a) =>
    `Not known from this report: ${either(
      text(a.nutrients)
        .split(' ')
        .map((one) => nutrient[one]!),
    )}. A routine test would tell.`,
  'not-measured.buffer': () =>
    'No buffer pH: the lime goes by texture, which may be 40 % out. A buffer reading would narrow it.',

  ...reading,
  ...missingTests,
  ...matters,
  ...asPhrases(cautions, ''),
  ...asPhrases(reasons, '.why'),
  ...ground,
  ...steps,
}

/** The rule that says so, where it has a name. */
const by = (name: string): string => (name ? ` (${name})` : '')
const tested = (a: ArgsOf<'nutrient.needed'>): string =>
  a.value === null ? 'It is' : `${text(a.value)} ${text(a.unit)} is`

type Credited = Pick<ArgsOf<'nitrogen.credited'>, 'credits' | 'matter'>
const creditWords: Readonly<Record<string, (a: Credited) => string>> = {
  matter: (a) => `${text(a.matter)} % organic matter`,
  nitrate: () => 'left-over nitrate',
  manure: () => 'manure or compost',
  legume: () => 'the legume turned under',
  ash: () => 'the wood ash that goes on as lime',
}
const credits = (a: Credited): string =>
  either(
    text(a.credits)
      .split(' ')
      .map((one) => creditWords[one]!(a)),
  )
const plural = (a: Pick<Credited, 'credits'>): string => (text(a.credits).includes(' ') ? '' : 's')

function sizeEcho(a: ArgsOf<'size.echo'>, m: Measures): string {
  const each =
    a.shape === 'rectangle'
      ? `${length(num(a.width), m)} × ${length(num(a.length), m)}`
      : a.shape === 'circle'
        ? `a circle ${length(num(a.across), m)} across`
        : ''
  const count = num(a.count) > 1 ? `${text(a.count)} times ` : ''
  const total = area(num(a.area), m)
  if (typeof a.sum === 'string') {
    const [x, y, z] = a.sum.split(' ')
    return `${x} + ${y} × ${z} = ${total}; write (${x}+${y}) x ${z} for ${area((Number(x) + Number(y)) * Number(z) * (m === 'feet' ? 1 : 10.7639104167), m)}`
  }
  if (each) return `${count}${each} = ${total}`
  return count ? `${count}${area(num(a.area) / num(a.count), m)} = ${total}` : total
}
