import type { Phrases } from '../phrase'

/** What a test that the report lacks would add. */
export const missingTests = {
  'missing-test.pH': () => 'pH, without which nothing can be said about lime or sulfur.',
  'missing-test.narrowPH': () => 'A laboratory’s pH: this one only lies between two ends.',
  'missing-test.bufferPH': () => 'A buffer pH, which tells how much lime it takes; by texture it may be 40 % out.',
  'missing-test.texture': () => 'The soil’s texture: rub it wet between the fingers, or look at the soil map.',
  'missing-test.P': () => 'Phosphorus.',
  'missing-test.K': () => 'Potassium.',
  'missing-test.cec': () => 'The CEC, by which this guide chooses its classes.',
  'missing-test.organicMatter': () => 'Organic matter, which gives nitrogen by itself where there is much of it.',
  'missing-test.nitrate': () => 'Nitrate, which tells what earlier feeding left for the next crop.',
  'missing-test.salts': () => 'Soluble salts in the saturated paste, since plants burn.',
  'missing-test.lead': () => 'Total lead, which decides whether food may grow here. Ask the health department where.',
} as const satisfies Partial<Phrases>
