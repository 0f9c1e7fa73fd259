'use client'

/** Hands something to the browser as a file to save. */
export function saveFile(name: string, content: Blob): void {
  const url = URL.createObjectURL(content)
  Object.assign(document.createElement('a'), { href: url, download: name }).click()
  setTimeout(() => URL.revokeObjectURL(url), 60_000)
}
