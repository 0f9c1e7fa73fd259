import type { Patch } from '../core/report/kit'

/** A colour as red, green and blue, 0 to 255. */
export type Colour = readonly [number, number, number]

/** A colour-chart kit: patches with what they stand for, and a vial that takes on a colour among them. */
export interface ColourKit {
  readonly test: KitTest
  readonly patches: readonly { readonly stands: Patch; readonly colour: Colour }[]
}

export const kitTests = ['pH', 'P', 'K', 'nitrate'] as const
export type KitTest = (typeof kitTests)[number]

const patch = (stands: Patch, ...colour: readonly [number, number, number]) => ({ stands, colour })

/** Made-up charts. The colours are invented: the pH chart goes as the dye of red cabbage does, and no kit that is sold. */
export const colourKits: Readonly<Record<KitTest, ColourKit>> = {
  pH: {
    test: 'pH',
    patches: [
      patch(4.5, 196, 58, 92),
      patch(5, 188, 80, 128),
      patch(5.5, 168, 96, 154),
      patch(6, 138, 106, 172),
      patch(6.5, 104, 112, 180),
      patch(7, 72, 122, 172),
      patch(7.5, 54, 136, 146),
      patch(8, 62, 150, 112),
    ],
  },
  P: {
    test: 'P',
    patches: [
      patch('very-low', 232, 234, 228),
      patch('low', 198, 214, 224),
      patch('medium', 152, 184, 210),
      patch('optimum', 100, 144, 190),
      patch('excess', 52, 92, 158),
    ],
  },
  K: {
    test: 'K',
    patches: [
      patch('very-low', 236, 232, 216),
      patch('low', 230, 214, 172),
      patch('medium', 220, 188, 122),
      patch('optimum', 204, 154, 78),
      patch('excess', 176, 114, 48),
    ],
  },
  nitrate: {
    test: 'nitrate',
    patches: [
      patch(0, 238, 232, 232),
      patch(5, 236, 206, 210),
      patch(10, 230, 170, 182),
      patch(20, 218, 126, 150),
      patch(40, 192, 76, 116),
      patch(80, 150, 40, 84),
    ],
  },
}

/** Daylight, a warm lamp, dim shade: how much of red, green and blue they let come back. */
export const lights = {
  day: [1, 1, 1],
  lamp: [1, 0.88, 0.66],
  shade: [0.62, 0.66, 0.74],
} as const satisfies Record<string, Colour>
export type Light = keyof typeof lights

/**
 * The colour of a vial somewhere along the chart.
 *
 * @param at from 0, the first patch, to 1, the last
 */
export function vialColour({ patches }: ColourKit, at: number): Colour {
  const place = Math.min(Math.max(at, 0), 1) * (patches.length - 1)
  const low = Math.min(Math.floor(place), patches.length - 2)
  const share = place - low
  const [from, to] = [patches[low]!.colour, patches[low + 1]!.colour]
  return [0, 1, 2].map((i) => from[i]! + (to[i]! - from[i]!) * share) as unknown as Colour
}

/** A colour as one sees it in that light. */
export const inLight = (colour: Colour, light: Light): string =>
  `rgb(${colour.map((part, i) => Math.round(part * lights[light][i]!)).join(' ')})`
