import { castDraft } from 'immer'
import { v4 as newId } from 'uuid'
import { blankArea } from '@/core/blank'
import type { Outline } from '@/core/geometry/plan/outline'
import type { PlanShape } from '@/core/geometry/plan/plan-size'
import { blankOffice } from '@/store/office'
import { inArea, useOpenCase } from '../../case/context'
import { useOffice } from '../../office/useOffice'
import { en as groundWords } from '../messages'

/** What a new shape becomes. */
export type Target = 'area' | 'part' | 'hole'

/** Changes to what is drawn, each an edit of the case. */
export function useShapes() {
  const { kase, area, edit, selectArea } = useOpenCase()
  const office = useOffice() ?? blankOffice
  return {
    /** Returns the shape's id. */
    add(outline: Outline, target: Target): string {
      const shape: PlanShape = { id: newId(), hole: target === 'hole', outline }
      if (target === 'area' || !area) {
        const id = newId()
        edit((draft) => {
          const blank = blankArea(id, groundWords.newArea(draft.areas.length + 1))
          draft.areas.push(castDraft({ ...blank, guide: office.guide, feeding: office.feeding, shapes: [shape] }))
        })
        selectArea(id)
      } else edit(inArea(area.id, (draft) => void draft.shapes.push(castDraft(shape))))
      return shape.id
    },
    put(shapeId: string, outline: Outline) {
      const owner = kase.areas.find(({ shapes }) => shapes.some(({ id }) => id === shapeId))
      if (!owner) return
      edit(
        inArea(owner.id, (draft) => {
          const shape = draft.shapes.find(({ id }) => id === shapeId)
          if (shape) shape.outline = castDraft(outline)
        }),
      )
    },
    setHole(shapeId: string, hole: boolean) {
      if (!area) return
      edit(
        inArea(area.id, (draft) => {
          const shape = draft.shapes.find(({ id }) => id === shapeId)
          if (shape) shape.hole = hole
        }),
      )
    },
    remove(shapeId: string) {
      edit((draft) => {
        for (const one of draft.areas) one.shapes = one.shapes.filter(({ id }) => id !== shapeId)
      })
    },
  }
}
