export const median = (times) => [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)]
export const seconds = (ms) => `${(ms / 1000).toFixed(1)} s`
