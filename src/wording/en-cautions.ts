import type { Phrase } from './phrase'

/** Each caution, and the reason for whoever asks. */
const said: Readonly<Record<string, readonly [caution: string, reason: string]>> = {
  'lead-no-food': [
    'Lead above 400 ppm: no food crops here. Ask the health department before digging or gardening.',
    'Lead harms children most, and soil on hands and shoes carries more of it than the crop does.',
  ],
  lead: [
    'Lead: no leafy or root crops in this soil, no bare ground where children play; raised beds, mulch, washed produce, pH 6.5 to 7. Ask the health department; test for arsenic too near old orchards or treated wood.',
    'Most lead is taken in with soil that clings to leaves, roots, hands and shoes. Lime holds it, and feeding does nothing to it. Thresholds are under revision and the office’s to edit.',
  ],
  'lead-method': [
    'This lead figure has no class: only total lead has. Ask the laboratory for its method or its conversion.',
    'What a mild extractant takes out is a small part of the lead that is there.',
  ],
  'ammonium-nitrate': [
    'Ammonium nitrate: sales are often restricted. Never with fuel, organic matter or sulfur.',
    'It feeds fire and can explode when mixed with what burns.',
  ],
  'caustic-lime': [
    'This lime is caustic: gloves, goggles, long sleeves, away from wet leaves. Never quicklime, and never quicklime and water.',
    'It burns skin, eyes and leaves, and acts at once, so that it is easily overdone.',
  ],
  aluminum: [
    'An acidifying salt: never more than its cap in one pass, water it in, and never aluminum near food.',
    'It adds salts at once, and dissolved aluminum harms roots.',
  ],
  borax: [
    'Borax: out of reach of children and pets; weigh it, and spread it evenly.',
    'A little too much of it harms plants, and it is poisonous when eaten.',
  ],
  copper: ['Copper: by the label and no more.', 'It stays in the soil for good, and harms sheep, fish and soil life.'],
  'manure-food': [
    'Manure that is not fully composted: 120 days before the harvest of what touches soil, 90 days before other food.',
    'Germs in manure that makes people ill die off slowly.',
  ],
  'lime-dust': [
    'Lime dust: a still day, mask and eye protection. Never quicklime.',
    'Fine lime irritates eyes and lungs.',
  ],
  'sulfur-dust': [
    'Sulfur dust irritates eyes and can explode: mask, eye protection, no flame.',
    'Fine sulfur in the air burns like any fine dust.',
  ],
  sewage: [
    'Made from sewage: check the label and local rules before it goes near food.',
    'Rules on metals and germs differ from place to place.',
  ],
  'nitrate-wells': [
    'Nitrate moves with water: keep it from private wells, and test the well where much is left over.',
    'Nitrate in drinking water harms infants.',
  ],
  'weed-killer': [
    'Lawn fertilizer may hold a weed killer, which ruins beds and borders: use it here only where the label shows none.',
    'What kills broad-leaved weeds kills broad-leaved crops.',
  ],
  'carry-over': [
    'Manure, hay and compost can carry weed killer: grow beans in a pot of it first, and see them thrive.',
    'Some pasture weed killers pass through animals and compost and last for years.',
  ],
  mix: [
    'Mix without soil: no rate for field soil holds here, and one salts reading alone never says what to feed.',
    'The extract tells what is in the water now. Look at the trend, and at what was fed or watered just before.',
  ],
  salts: [
    'Salts above what this crop bears: find the cause, leach with good water where it drains, and feed nothing meanwhile.',
    'One reading does not say which salt it is; look at the trend, and at rain or feeding just before.',
  ],
  'sulfur-overshoot': [
    'Retest before every repeat. Too much sulfur is slow to undo.',
    'It goes on working for a year or more.',
  ],
  'sulfur-wet-cold': [
    'Sulfur works slowly below 55 °F and must not go on waterlogged soil. Before planting, allow 6 to 12 months.',
    'Bacteria turn it into acid; without air they make hydrogen sulfide, which harms roots.',
  ],
  'free-lime': [
    'If the soil fizzes with acid, it holds free lime, and no reasonable amount of sulfur moves it.',
    'Each 1 % of free lime uses up 6,400 lb of sulfur an acre first.',
  ],
  'never-both': ['Never lime and sulfur on the same ground in one season.', 'Each undoes the other.'],
  'wood-ash': [
    'Wood ash and hydrated lime never with ammonium fertilizer; ash of untreated wood only, 15 lb per 1,000 ft² a year.',
    'They drive ammonia off, and ash of treated or painted wood holds metals.',
  ],
  'lime-ammonium': [
    'Lime and urea or ammonium fertilizer never in the same pass: ammonia is lost.',
    'In ground just limed, ammonium turns to gas.',
  ],
  'quick-burns': [
    'Quick nitrogen burns: off wet leaves, not in hot dry weather, and water it in.',
    'Its salts draw water out of leaves and roots.',
  ],
  'muriate-heat': ['Muriate of potash burns in hot, dry weather.', 'It is the saltiest of the usual fertilizers.'],
  'ammonium-only': [
    'Blueberries take ammonium. The label must show no nitrate and no muriate (chloride).',
    'Their roots take nitrate up poorly, and chloride harms them.',
  ],
  'P-over': [
    'This product brings phosphorus that the soil does not need. It piles up.',
    'What piles up washes into lakes, and ties up iron and zinc.',
  ],
  'P-rule': ['Many places limit phosphorus on lawns. Check your local rule.', 'It feeds algae in lakes and streams.'],
  'organic-soil': [
    'More than 20 % organic matter: figures for mineral soil do not hold here.',
    'Muck and mixes weigh far less by the inch, and hold acidity otherwise.',
  ],
  'beyond-range': [
    'The figure for lime lies beyond the range its method was made for: put on half, and retest.',
    'A table says nothing certain past its last row.',
  ],
  'iron-manganese': [
    'Above its span, watch for iron and manganese shortage rather than acidify.',
    'Both are there, and become harder to take up as pH rises.',
  ],
  'iron-stains': ['Iron stains paving and clothes: sweep it off before watering.', 'Wet iron rusts where it lies.'],
  'dogs-meal': [
    'Meals attract dogs and wildlife: scratch them in.',
    'They smell of food, and blood or bone meal makes dogs ill.',
  ],
  'water-edge': [
    'Keep clear of water, wells and storm drains; sweep granules off paving. Keep your local buffer strip.',
    'What lies on paving goes down the drain with the next rain.',
  ],
  dormant: [
    'Nothing on dormant or frozen ground, and none before heavy rain. Check local blackout dates.',
    'Grass that does not grow takes nothing up.',
  ],
  label: ['The product label is the law; local rules come before this sheet.', 'Labels bind whoever uses the product.'],
  'own-laboratory': [
    'Not a substitute for your laboratory’s or state’s own recommendation.',
    'Tables differ by state, because soils do.',
  ],
}

export const cautions: Readonly<Record<string, Phrase>> = Object.fromEntries(
  Object.entries(said).flatMap(([key, [caution, reason]]) => [
    [`caution.${key}`, () => caution] as const,
    [`caution.${key}.why`, () => reason] as const,
  ]),
)
