/** When the page has nothing else to do, or after two seconds. */
export const idle = (): Promise<unknown> =>
  new Promise((resolve) =>
    'requestIdleCallback' in window ? requestIdleCallback(resolve, { timeout: 2_000 }) : setTimeout(resolve, 200),
  )
