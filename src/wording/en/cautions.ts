import type { CautionId } from '../../core/sentence/keys'

/** What to mind before anything goes on, in order of harm. */
export const cautions = {
  'lead-no-food': 'Lead above 400 ppm: no food crops here. Ask the health department before digging or gardening.',
  lead: 'Lead: no leafy or root crops in this soil, no bare ground where children play; raised beds, mulch, washed produce, pH 6.5 to 7. Ask the health department; test for arsenic too near old orchards or treated wood.',
  'lead-method':
    'This lead figure has no class: only total lead has. Ask the laboratory for its method or its conversion.',
  'ammonium-nitrate': 'Ammonium nitrate: sales are often restricted. Never with fuel, organic matter or sulfur.',
  'caustic-lime':
    'This lime is caustic: gloves, goggles, long sleeves, away from wet leaves. Never quicklime, and never quicklime and water.',
  aluminum: 'An acidifying salt: never more than its cap in one pass, water it in, and never aluminum near food.',
  borax: 'Borax: out of reach of children and pets; weigh it, and spread it evenly.',
  copper: 'Copper: by the label and no more.',
  'manure-food':
    'Manure that is not fully composted: 120 days before the harvest of what touches soil, 90 days before other food.',
  'lime-dust': 'Lime dust: a still day, mask and eye protection. Never quicklime.',
  'sulfur-dust': 'Sulfur dust irritates eyes and can explode: mask, eye protection, no flame.',
  sewage: 'Made from sewage: check the label and local rules before it goes near food.',
  'nitrate-wells': 'Nitrate moves with water: keep it from private wells, and test the well where much is left over.',
  'weed-killer':
    'Lawn fertilizer may hold a weed killer, which ruins beds and borders: use it here only where the label shows none.',
  'carry-over': 'Manure, hay and compost can carry weed killer: grow beans in a pot of it first, and see them thrive.',
  mix: 'Mix without soil: no rate for field soil holds here, and one salts reading alone never says what to feed.',
  salts:
    'Salts above what this crop bears: find the cause, leach with good water where it drains, and feed nothing meanwhile.',
  'sulfur-overshoot': 'Retest before every repeat. Too much sulfur is slow to undo.',
  'sulfur-wet-cold':
    'Sulfur works slowly below 55 °F and must not go on waterlogged soil. Before planting, allow 6 to 12 months.',
  'free-lime': 'If the soil fizzes with acid, it holds free lime, and no reasonable amount of sulfur moves it.',
  'never-both': 'Never lime and sulfur on the same ground in one season.',
  'wood-ash':
    'Wood ash and hydrated lime never with ammonium fertilizer; ash of untreated wood only, 15 lb per 1,000 ft² a year.',
  'lime-ammonium': 'Lime two weeks or more before urea or ammonium, never in the same pass: ammonia is lost.',
  'quick-burns': 'Quick nitrogen burns: off wet leaves, not in hot dry weather, and water it in.',
  'muriate-heat': 'Muriate of potash burns in hot, dry weather.',
  'ammonium-only': 'Blueberries take ammonium. The label must show no nitrate and no muriate (chloride).',
  'P-over': 'This product brings phosphorus that the soil does not need. It piles up.',
  'P-rule': 'Many places limit phosphorus on lawns. Check your local rule.',
  'organic-soil': 'More than 20 % organic matter: figures for mineral soil do not hold here.',
  'beyond-range': 'The figure for lime lies beyond the range its method was made for: put on half, and retest.',
  'iron-manganese': 'Above its span, watch for iron and manganese shortage rather than acidify.',
  'iron-stains': 'Iron stains paving and clothes: sweep it off before watering.',
  'dogs-meal': 'Meals attract dogs and wildlife: scratch them in.',
  'water-edge': 'Keep clear of water, wells and storm drains; sweep granules off paving. Keep your local buffer strip.',
  dormant: 'Nothing on dormant or frozen ground, and none before heavy rain. Check local blackout dates.',
  label: 'The product label is the law; local rules come before this sheet.',
  'own-laboratory': 'Not a substitute for your laboratory’s or state’s own recommendation.',
} as const satisfies Readonly<Record<CautionId, string>>
