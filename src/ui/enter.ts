import type { KeyboardEvent } from 'react'

const way = '[data-entry] input:not([data-aside]), [data-entry] select:not([data-aside])'

/** Enter goes on to the next field, as one types down a sheet of paper; what is marked `data-aside` is passed by. */
export function enterGoesOn(event: KeyboardEvent<HTMLElement>) {
  if (event.key !== 'Enter' || !event.currentTarget.closest('[data-entry]')) return
  event.preventDefault()
  const here = event.currentTarget
  const follows = (field: Node) => (here.compareDocumentPosition(field) & Node.DOCUMENT_POSITION_FOLLOWING) > 0
  const fields = [...document.querySelectorAll<HTMLElement>(way)]
  fields.find((field) => field.offsetParent !== null && follows(field))?.focus()
}
