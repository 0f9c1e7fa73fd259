import { strToU8, zipSync, type Zippable } from 'fflate'
import { caseFileName, toCaseFile } from '@/store/case-file'
import { versionOf } from '@/store/cases'
import { soundCases } from '@/store/desk'
import { ownGuides } from '@/store/guides'
import { ownProducts } from '@/store/products'

/** Case files in one archive, each as it would be saved by itself; what cannot be read is left out. */
export async function archiveOf(ids: readonly string[]): Promise<{ readonly file: Blob; readonly count: number }> {
  const files: Zippable = {}
  for (const kase of await soundCases(ids)) {
    if (!kase) continue
    let name = caseFileName(kase)
    // Two of one client and day.
    while (name in files) name = name.replace(/\.json$/, ' again.json')
    files[name] = strToU8(toCaseFile(await versionOf(kase), ownGuides(), ownProducts()))
  }
  return { file: new Blob([zipSync(files) as BlobPart], { type: 'application/zip' }), count: Object.keys(files).length }
}
