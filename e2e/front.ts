import { createServer, request, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { test as base } from './app'

/** A server of our own before the app's: it can be stopped, and go over to another version of the app. */
export interface Front {
  readonly address: string
  readonly stop: () => Promise<void>
  /** From now on what stands at this address is served. */
  readonly serve: (origin: string) => void
}

/** Tests with a service worker, at an address of their own. */
export const test = base.extend<{ front: Front }>({
  serviceWorkers: 'allow',
  apart: true,
  front: async ({ baseURL }, use) => {
    let origin = baseURL!
    const server: Server = createServer((incoming, outgoing) => {
      const onward = request(
        new URL(incoming.url!, origin),
        { method: incoming.method, headers: incoming.headers },
        (answer) => {
          outgoing.writeHead(answer.statusCode!, answer.headers)
          answer.pipe(outgoing)
        },
      )
      incoming.pipe(onward)
      onward.on('error', () => outgoing.destroy())
    })
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
    let running = true
    const stop = async () => {
      if (!running) return
      running = false
      server.closeAllConnections()
      await new Promise((resolve) => server.close(resolve))
    }
    await use({
      address: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
      stop,
      serve: (to) => (origin = to),
    })
    await stop()
  },
})

/** In the page: when its service worker has taken it over. */
export const workerReady = () =>
  navigator.serviceWorker.ready.then(
    () =>
      navigator.serviceWorker.controller !== null ||
      new Promise((done) => navigator.serviceWorker.addEventListener('controllerchange', done)),
  )
