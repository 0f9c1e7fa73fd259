import type { Ground, Point } from '@/core/geometry/polygon'

/** Ground as the path of an SVG, its holes left out by the even-odd rule. */
export const pathOf = (ground: Ground, place: (point: Point) => Point): string =>
  ground
    .flat()
    .map(
      (ring) =>
        `M${ring
          .map((point) =>
            place(point)
              .map((v) => Math.round(v * 100) / 100)
              .join(' '),
          )
          .join('L')}Z`,
    )
    .join('')
