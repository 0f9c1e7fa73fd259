/** When the page stands as it was drawn last, and has nothing else to do; or after two seconds. */
export const idle = (): Promise<void> =>
  new Promise((resolve) => {
    const rest = () =>
      'requestIdleCallback' in window
        ? requestIdleCallback(() => resolve(), { timeout: 2_000 })
        : setTimeout(resolve, 200)
    if (document.hidden) rest()
    else requestAnimationFrame(() => requestAnimationFrame(rest))
  })
