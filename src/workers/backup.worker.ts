import { expose, transfer } from 'comlink'
import { openBackup, packBackup, type Backup, type OnProgress } from '../store/backup-file'
import { seldom } from './in-worker'

const work = {
  pack(backup: Backup, onProgress: OnProgress) {
    const packed = packBackup(backup, seldom(onProgress))
    return transfer(packed, [packed.file.buffer])
  },
  open: (file: ArrayBuffer, onProgress: OnProgress) => openBackup(new Uint8Array(file), seldom(onProgress)),
}

export type BackupWork = typeof work

expose(work)
