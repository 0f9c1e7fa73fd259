export const en = {
  signer: 'Working now',
  signerWhy: 'Signs every change in the history, and drafts new cases',
} as const
