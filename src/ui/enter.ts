import type { KeyboardEvent } from 'react'

const way = '[data-entry] input:not([data-aside]), [data-entry] select:not([data-aside])'

/** Enter goes on to the next field, as one types down a sheet of paper; what is marked `data-aside` is passed by. */
export function enterGoesOn(event: KeyboardEvent<HTMLElement>) {
  if (event.key !== 'Enter' || !event.currentTarget.closest('[data-entry]')) return
  event.preventDefault()
  const fields = [...document.querySelectorAll<HTMLElement>(way)].filter((field) => field.offsetParent !== null)
  fields[fields.indexOf(event.currentTarget) + 1]?.focus()
}
