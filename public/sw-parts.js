/*
 * Parts of the app that the list of this version does not cover: workers, and what pages of the former version still ask
 * for.
 */
const formerParts = 'agrologos-former'
const formerPages = '/former-pages'

const isPart = (request) => new URL(request.url).pathname.startsWith('/_next/static/')

/** Before a new version comes in, the parts of the one that runs are set aside: its own list forgets them. */
async function setAside() {
  if (!self.registration.active) return
  const aside = await caches.open(formerParts)
  for (const name of (await caches.keys()).filter((one) => one.includes('precache'))) {
    const kept = await caches.open(name)
    for (const request of (await kept.keys()).filter(isPart)) {
      const part = await kept.match(request)
      if (part) await aside.put(request, part)
    }
  }
}

const openPages = async () =>
  (await self.clients.matchAll({ type: 'window', includeUncontrolled: true })).map(({ id }) => id)

/** They stay while any page is open that was open when the new version started. */
async function remember() {
  const aside = await caches.open(formerParts)
  await aside.put(formerPages, new Response(JSON.stringify(await openPages())))
}

async function tidy() {
  if (!(await caches.has(formerParts))) return
  const listed = await (await caches.open(formerParts)).match(formerPages)
  if (!listed) return
  const [were, are] = [await listed.json(), await openPages()]
  if (!were.some((id) => are.includes(id))) await caches.delete(formerParts)
}

/**
 * A worker's settings stand behind the # of its address. A kept response would give it an address without them, so it
 * is handed over as a response that has no address of its own.
 */
async function part(request) {
  const kept = await caches.match(request)
  if (!kept) return fetch(request)
  return request.destination === 'worker' ? new Response(kept.body, { headers: kept.headers }) : kept
}

self.addEventListener('install', (event) => event.waitUntil(setAside()))
self.addEventListener('activate', (event) => event.waitUntil(remember()))
self.addEventListener('fetch', (event) => {
  const { request } = event
  if (request.mode === 'navigate') event.waitUntil(tidy())
  if (request.destination !== 'worker' && !isPart(request)) return
  event.stopImmediatePropagation()
  event.respondWith(part(request))
})
