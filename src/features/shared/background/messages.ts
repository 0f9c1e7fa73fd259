export const en = {
  waiting: 'A new version of Agrologos is here. It starts when all its pages are closed, or now, if it suits you.',
  use: 'Start it now',
  later: 'Later',
  replaced: 'A new version was started in another tab. Reload this page when it suits you; all you typed is kept.',
  reload: 'Reload',
} as const
