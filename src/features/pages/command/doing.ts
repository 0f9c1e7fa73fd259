'use client'

import type { Case } from '@/core/case/case'
import { addressOf } from '../../case/address'
import { dropOn } from '../../shared/dropped'

/** ms that a letter may take until it stands there. */
const patience = 10_000

/** Prints the letter as soon as it stands there. */
export function printLetter(): void {
  const from = performance.now()
  const look = () => {
    if (document.querySelector('main article')) window.print()
    else if (performance.now() - from < patience) requestAnimationFrame(look)
  }
  requestAnimationFrame(look)
}

export const saveNow = (kase: Case): void =>
  void import('../../case/save-file').then(({ saveCaseFile }) => saveCaseFile(kase))

export const startCase = (go: (path: string) => void): void =>
  void import('../desk/actions').then((desk) => desk.startCase()).then((id) => go(addressOf(id, 'ground')))

/** Asks for a file, which the Desk takes. */
export function askForFile(go: (path: string) => void): void {
  const picker = document.createElement('input')
  picker.type = 'file'
  picker.accept = '.json,.zip,application/json,application/zip'
  picker.onchange = () => {
    dropOn('desk', [...(picker.files ?? [])])
    go('/')
  }
  picker.click()
}
