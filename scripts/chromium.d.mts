export const chromium: string
export const chromiumShell: string
export const flags: string[]
