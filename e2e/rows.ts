import type { Page } from '@playwright/test'

/** The app's database as it lies in the browser, read and written past the app. */
export interface Rows {
  readonly version: number
  readonly tables: readonly Table[]
}

interface Table {
  readonly name: string
  readonly options: IDBObjectStoreParameters
  readonly indexes: readonly { name: string; keyPath: string | string[]; unique: boolean; multiEntry: boolean }[]
  readonly rows: readonly unknown[]
}

/** All of it, of a page of the app's address. What is no plain data, such as the bytes of a file, does not come along. */
export const rowsOf = (page: Page): Promise<Rows> =>
  page.evaluate(async () => {
    const of = <T>(request: IDBRequest<T>) =>
      new Promise<T>((resolve, reject) => {
        request.onsuccess = () => resolve(request.result)
        request.onerror = () => reject(request.error!)
      })
    const database = await of(indexedDB.open('agrologos'))
    const reading = database.transaction([...database.objectStoreNames])
    const tables = [...database.objectStoreNames].map(async (name) => {
      const store = reading.objectStore(name)
      return {
        name,
        options: { keyPath: store.keyPath, autoIncrement: store.autoIncrement },
        indexes: [...store.indexNames].map((one) => {
          const { keyPath, unique, multiEntry } = store.index(one)
          return { name: one, keyPath, unique, multiEntry }
        }),
        rows: await of(store.getAll()),
      }
    })
    const found = { version: database.version, tables: await Promise.all(tables) }
    database.close()
    return found
  })

/** Makes the database anew, with these rows; of a page of the app's address that has not opened it. */
export const putRows = (page: Page, all: Rows): Promise<void> =>
  page.evaluate(
    ({ version, tables }) =>
      new Promise((resolve, reject) => {
        indexedDB.deleteDatabase('agrologos')
        const opening = indexedDB.open('agrologos', version)
        opening.onerror = () => reject(opening.error!)
        opening.onupgradeneeded = () => {
          for (const { name, options, indexes, rows } of tables) {
            const store = opening.result.createObjectStore(name, options)
            for (const { name: index, keyPath, ...rest } of indexes) store.createIndex(index, keyPath, rest)
            for (const row of rows) store.put(row)
          }
        }
        opening.onsuccess = () => {
          opening.result.close()
          resolve()
        }
      }),
    all,
  )
