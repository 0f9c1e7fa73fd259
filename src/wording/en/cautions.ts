import type { CautionId } from '../../core/sentence/keys'

/** What to mind before anything goes on, in order of harm. */
export const cautions = {
  'lead-no-food': 'Lead above 400 ppm: no food crops here. Ask the health department before digging or gardening.',
  lead: 'Lead: no leafy or root crops in this soil, no bare ground where children play; raised beds, mulch, washed produce, pH 6.5 to 7. Ask the health department; test for arsenic too near old orchards or treated wood.',
  'lead-method': 'This lead figure has no class: only total lead has. Ask the lab for its method or its conversion.',
  'ammonium-nitrate': 'Ammonium nitrate: sales are often restricted. Never with fuel, organic matter or sulfur.',
  'caustic-lime':
    'This lime is caustic: gloves, goggles, long sleeves, away from wet leaves. Never quicklime, and never quicklime and water.',
  aluminum: 'An acidifying salt: never more than its cap at a time, water in, and never aluminum near food.',
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
  mix: 'In soilless mix one salts reading alone never says what is needed.',
  salts:
    'Salts above what this crop bears: find the cause, leach with good water where it drains, and apply no fertilizer meanwhile.',
  'sulfur-overshoot': 'Test again before every repeat. Too much sulfur is slow to undo.',
  'sulfur-wet-cold':
    'Sulfur works slowly below 55 °F and must not go on waterlogged soil. Before planting, allow 6 to 12 months.',
  'free-lime': 'If the soil fizzes with acid, it holds free lime, and no reasonable amount of sulfur moves it.',
  'never-both': 'Never put lime and sulfur on the same soil in one season.',
  'wood-ash':
    'Wood ash and hydrated lime never with ammonium fertilizer; ash of untreated wood only, 15 lb per 1,000 ft² a year.',
  'lime-ammonium': 'Apply lime two weeks or more before urea or ammonium, never together: ammonia is lost.',
  'quick-burns': 'Quick nitrogen burns leaves. Keep it off wet leaves and out of hot, dry weather. Water it in.',
  'muriate-heat': 'Muriate of potash burns in hot, dry weather.',
  'ammonium-only': 'Blueberries take ammonium. The label must show no nitrate and no muriate (chloride).',
  'P-over': 'This product brings phosphorus that the soil does not need. It piles up.',
  'P-rule': 'Many places limit phosphorus on lawns. Check your local rule.',
  'organic-soil': 'More than 20% organic matter: figures for mineral soil do not hold here.',
  'beyond-range': 'This amount of lime lies beyond the range of its method: apply half, and test again.',
  'iron-stains': 'Iron stains paving and clothes: sweep it off before watering.',
  'dogs-meal': 'Meals attract dogs and wildlife: scratch them in.',
  'water-edge': 'Keep clear of water, wells and storm drains; sweep granules off paving. Keep your local buffer strip.',
  dormant: 'No fertilizer on dormant or frozen lawns, and none before heavy rain. Check local blackout dates.',
  label: 'Follow the product label and local rules: they come before this sheet.',
  'own-laboratory': 'This does not replace your lab’s or state’s own recommendation.',
} as const satisfies Readonly<Record<CautionId, string>>
