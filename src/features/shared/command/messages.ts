export const en = { open: 'Find or do' } as const
