/** The store as one page has it: loaded for itself, so that tests can open several. */
export type Page = typeof import('./cases') &
  typeof import('./exchange') &
  typeof import('./db') &
  typeof import('./guides') &
  typeof import('./products') &
  typeof import('./backup') &
  typeof import('./put') &
  typeof import('./raw-case') &
  typeof import('./repair')

/** Opens a page on the database of `machine`; for tests, which alone can load a module twice. */
export function openPage(machine: IDBFactory): Page {
  let page: Page | undefined
  jest.isolateModules(() => {
    globalThis.indexedDB = machine
    /* eslint-disable @typescript-eslint/no-require-imports -- only this loads a module a second time */
    page = {
      ...require('./cases'),
      ...require('./exchange'),
      ...require('./db'),
      ...require('./guides'),
      ...require('./products'),
      ...require('./backup'),
      ...require('./put'),
      ...require('./raw-case'),
      ...require('./repair'),
    } as Page
  })
  return page!
}
