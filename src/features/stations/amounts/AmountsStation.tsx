'use client'

import { answerOf, useOpenCase } from '../../case/context'
import { NothingYet } from '../../shared/NothingYet'
import { AmountsSheet } from './AmountsSheet'
import { en } from './messages'

export function AmountsStation() {
  const { area, recommendation } = useOpenCase()
  return area ? <AmountsSheet found={answerOf(recommendation, area.id)} /> : <NothingYet says={en.noArea} />
}
