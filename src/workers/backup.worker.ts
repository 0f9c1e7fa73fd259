import { expose, transfer } from 'comlink'
import { openBackup, packBackup, type Backup, type OnProgress } from '../store/backup-file'

/** At most so often is progress told across, ms. */
const beat = 50

function seldom(onProgress: OnProgress): OnProgress {
  let last = 0
  return (share) => {
    const now = Date.now()
    if (share < 1 && now - last < beat) return
    last = now
    onProgress(share)
  }
}

const work = {
  pack(backup: Backup, onProgress: OnProgress) {
    const file = packBackup(backup, seldom(onProgress))
    return transfer(file, [file.buffer])
  },
  open: (file: ArrayBuffer, onProgress: OnProgress) => openBackup(new Uint8Array(file), seldom(onProgress)),
}

export type BackupWork = typeof work

expose(work)
