import { v4 as newId } from 'uuid'
import { blankArea } from '@/core/case/blank'
import { withParts } from '@/core/case/in-season'
import { addAreas, addShape, changeShape, removeShape } from '@/core/acts/areas'
import type { Outline } from '@/core/case/outline'
import type { PlanShape } from '@/core/ground/plan/plan-size'
import { blankOffice } from '@/core/office'
import { useOpenCase } from '../../../case/context'
import { useOffice } from '../../../shared/office/useOffice'
import { en as groundWords } from '../messages'

/** What a new shape becomes. */
export type Target = 'area' | 'part' | 'hole'

/** Changes to what is drawn, each an edit of the case. */
export function useShapes() {
  const { kase, area, act, selectArea } = useOpenCase()
  const office = useOffice() ?? blankOffice
  return {
    /** Returns the shape's id. */
    add(outline: Outline, target: Target): string {
      const shape: PlanShape = { id: newId(), hole: target === 'hole', outline }
      if (target === 'area' || !area) {
        const blank = blankArea(newId(), groundWords.newArea(kase.areas.length + 1))
        const { guide, feeding } = office
        act(addAreas([withParts(blank, kase.season, { guide, feeding, shapes: [shape] })]))
        selectArea(blank.id)
      } else act(addShape(area.id, shape))
      return shape.id
    },
    put: (shapeId: string, outline: Outline) => act(changeShape(shapeId, { outline })),
    setHole: (shapeId: string, hole: boolean) => act(changeShape(shapeId, { hole })),
    remove: (shapeId: string) => act(removeShape(shapeId)),
  }
}
