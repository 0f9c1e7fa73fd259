/*
 * A worker's settings stand behind the # of its address. A kept response would give it an address without them, so it
 * is handed over as a response that has no address of its own.
 */
self.addEventListener('fetch', (event) => {
  if (event.request.destination !== 'worker') return
  event.stopImmediatePropagation()
  event.respondWith(
    caches
      .match(event.request)
      .then((kept) => (kept ? new Response(kept.body, { headers: kept.headers }) : fetch(event.request))),
  )
})
