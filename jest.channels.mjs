/**
 * The database tells its other tabs of every write over a channel. All test files share one process, so without this
 * the pages of one file would go on listening to those of the next.
 */
const open = new Set()

globalThis.BroadcastChannel = class extends globalThis.BroadcastChannel {
  constructor(name) {
    super(name)
    open.add(this)
  }
}

afterAll(() => open.forEach((channel) => channel.close()))
