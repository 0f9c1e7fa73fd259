'use client'

import type { Case } from '@/core/case/case'
import { caseFileName, toCaseFile } from '@/store/case-file'
import { ownGuides } from '@/store/guides'
import { ownProducts } from '@/store/products'
import { versionOf } from '@/store/cases'
import { saveFile } from '@/ui/save-file'

/** Hands the case, with its log, to the browser as a file to save. */
export const saveCaseFile = async (kase: Case): Promise<void> =>
  saveFile(
    caseFileName(kase),
    new Blob([toCaseFile(await versionOf(kase), ownGuides(), ownProducts())], { type: 'application/json' }),
  )
