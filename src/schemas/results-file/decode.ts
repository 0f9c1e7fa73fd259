export type Encoding = 'UTF-8' | 'UTF-16' | 'Windows-1252'

/**
 * The text of a file: by its byte order mark; without one as UTF-8 where it is that, else as Windows-1252, as older
 * spreadsheets write it.
 */
export function decoded(bytes: Uint8Array): { readonly text: string; readonly encoding: Encoding } {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return { text: read('utf-16le', bytes), encoding: 'UTF-16' }
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return { text: read('utf-16be', bytes), encoding: 'UTF-16' }
  try {
    return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes), encoding: 'UTF-8' }
  } catch {
    return { text: read('windows-1252', bytes), encoding: 'Windows-1252' }
  }
}

const read = (encoding: string, bytes: Uint8Array): string => new TextDecoder(encoding).decode(bytes)
