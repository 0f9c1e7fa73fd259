import type { BackupFault, Refused } from '@/store/backup-file'
import type { Standing } from '@/store/ancestry'
import type { Settings } from '@/store/db'

const cases = (n: number) => (n === 1 ? '1 case' : `${n.toLocaleString('en')} cases`)
const are = (n: number) => (n === 1 ? 'is' : 'are')
const changes = (n: number) => (n === 1 ? '1 change' : `${n.toLocaleString('en')} changes`)

export const en = {
  title: 'Backup',
  lead: 'This browser holds the only copy of your cases. A backup is one file with everything in it: cases and their histories, the trash, the office with its logo, and the guides used.',
  save: 'Save a backup',
  restore: 'Restore from a backup',
  cancel: 'Cancel',
  packing: 'Packing the backup',
  reading: 'Reading the backup',
  restoring: 'Restoring',
  saved: (name: string) => `Saved as ${name}.`,
  unchecked:
    'It was read back as it was made, and this in it could not be: it is in the file as it lies in this browser, to be looked at, and the rest is whole.',
  nameless: 'without a client',
  failed: 'The backup could not be made, so there is no file. Try again, or save cases one by one.',
  never: 'No backup has been made from this browser yet.',
  last: (when: string, edits: number) =>
    `Last backup ${when}, ${edits === 0 ? 'and nothing changed since.' : `with ${changes(edits)} since.`}`,
  due: (edits: number, when: string | undefined) =>
    `${changes(edits)} ${are(edits)} in no backup${when ? `; the last one was made ${when}` : ''}.`,
  toOffice: 'More about backups',
  remind: 'Remind me on the Desk',
  remindDays: 'after days',
  remindEdits: 'or after changes',
  wholeNumber: 'A whole number from 1 up, like 7.',
  automatic: 'Write it by itself',
  automaticWhy:
    'Choose a file, best on another disk or in a synchronised folder. A few seconds after each change the backup there is replaced.',
  unable: 'This browser cannot write to a file by itself. Save a backup now and then instead.',
  choose: 'Choose a file',
  chooseOther: 'Choose another file',
  stop: 'Stop writing to it',
  writesTo: (name: string) => `Written by itself to ${name}.`,
  permission: (name: string) => `The browser asks again before it writes to ${name}.`,
  allow: 'Allow',
  autoFailed: (name: string) =>
    `The last backup to ${name} could not be written: is the disk there, and is there room?`,
  autoUnchecked: (name: string) =>
    `The last backup to ${name} was written, but something in it could not be read back. Save a backup here to see what.`,
  fileName: 'agrologos-backup.zip',
  fileKind: 'Agrologos backup',
  storage: 'Room in this browser',
  used: (used: string, of: string) => `${used} used of about ${of}.`,
  persisted: 'The browser has promised not to clear it by itself.',
  notPersisted: 'When the disk runs full, the browser may clear it.',
  persist: 'Ask it to keep everything',
  refusedPersist: 'It did not promise. Most browsers do once the app is installed or often used.',
  faults: {
    'not-a-backup': 'That is not a backup. Backups are saved from Office and end in .zip.',
    newer: 'That backup was made by a newer version of Agrologos. Update this one, then restore it.',
    damaged: 'That backup is damaged: something in it is missing or was changed. Nothing was taken from it.',
    'too-large': 'That file opens to more than a backup can hold, so it was not read.',
    'strange-entry': 'That file holds something that belongs to no backup, so nothing was taken from it.',
  } satisfies Record<BackupFault, string>,
  refusedHead: (n: number) =>
    n === 1
      ? 'One thing in it cannot be taken as it is. The rest can.'
      : `${n} things in it cannot be taken as they are. The rest can.`,
  refusedWhy: {
    'bad-case': 'a case that breaks the form',
    newer: 'a case of a newer version of Agrologos',
    'bad-office': 'the office',
    'bad-attachment': 'a picture or file',
    damaged: 'missing, or changed since it was written',
    unchecked: 'a case that could not be read when the backup was made',
  } satisfies Record<Refused['why'], string>,
  saveRaw: 'Save it as it is',
  takePart: 'Take what can be read of it, without its history',
  restoreTitle: (when: string) => `Backup of ${when}`,
  holds: (n: number) => `It holds ${cases(n)}.`,
  standings: {
    new: (n) => `${cases(n)} ${are(n)} not here and will be added.`,
    newer: (n) => `${cases(n)} went on in the backup and will be brought up to date.`,
    same: (n) => `${cases(n)} ${are(n)} the same here.`,
    older: (n) => `${cases(n)} went on here, and stay${n === 1 ? 's' : ''} as here.`,
    parted: (n) =>
      `${cases(n)} changed on both sides and will be merged by field. Where a field differs, what is here stands, and the case shows both to choose from.`,
    unrelated: (n) =>
      `${cases(n)} did not grow from the same beginning. Every field that differs will be shown in the case to choose from; what is here stands until then.`,
  } satisfies Record<Standing | 'new', (n: number) => string>,
  replaced: {
    new: (n) => `${cases(n)} ${are(n)} not here and will be added.`,
    newer: (n) => `${cases(n)} will go forward to the backup.`,
    same: (n) => `${cases(n)} ${are(n)} the same here.`,
    older: (n) => `${cases(n)} will go back to the backup.`,
    parted: (n) => `${cases(n)} changed on both sides and will become what the backup says.`,
    unrelated: (n) => `${cases(n)} will become what the backup says.`,
  } satisfies Record<Standing | 'new', (n: number) => string>,
  onlyHere: (n: number) => `${cases(n)} ${are(n)} only here, and stay${n === 1 ? 's' : ''}.`,
  onlyHereReplaced: (n: number) => `${cases(n)} ${are(n)} only here, and will go to the trash.`,
  how: 'How',
  merge: 'Add and merge',
  mergeWhy: 'Nothing that is here is taken away.',
  replace: 'Make it as the backup says',
  replaceWhy: 'What is only here goes to the trash for 30 days. Every change can be undone in its case’s history.',
  office: {
    none: 'The backup has no office in it.',
    same: 'The office is the same here.',
    differs: 'The office here is another one.',
    'blank-here': 'There is no office of your own here yet.',
  },
  takeOffice: 'Take name, address, logo and people from the backup',
  missingGuides: (refs: string, n: number) =>
    `This version does not have the guide ${refs}. ${cases(n)} will show no amounts until it does.`,
  differingGuides: (refs: string) =>
    `The guide ${refs} says something else here than when the backup was made, so amounts can differ.`,
  go: 'Restore',
  close: 'Close',
  others: (n: number) => `and ${n.toLocaleString('en')} more`,
  done: 'Restored.',
  undone: 'Nothing was restored, and everything here is as it was.',
  refused: 'This browser refuses to keep it (no room left?). Nothing was restored, and everything here is as it was.',
} as const

/** What went wrong with the file that is written by itself. */
export const autoFault = (fault: Settings['backupFault'], name: string): string =>
  ({ permission: en.permission, failed: en.autoFailed, unchecked: en.autoUnchecked })[fault](name)
