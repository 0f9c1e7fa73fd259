export const chromium: string
export const chromiumShell: string
