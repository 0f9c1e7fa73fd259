export const en = {
  waiting: 'A new version of Agrologos is here. It starts when all its pages are closed, or now, if it suits you.',
  use: 'Start it now',
  later: 'Later',
  replaced: 'A new version was started in another tab. Reload this page when it suits you; all you typed is kept.',
  reload: 'Reload',
  lost: 'A new version of Agrologos is here, and a part of this one is no longer to be had. Reload; all you typed is kept.',
  lostOffline: 'A part of this page did not come: there is no network. All you typed is kept; reload when it is back.',
  withoutOffline: {
    insecure:
      'Without network this browser has no Agrologos: its address begins with http, and only https (or this machine itself) may keep a copy.',
    unable: 'Without network this browser has no Agrologos: it cannot keep a copy.',
    refused:
      'Without network this browser has no Agrologos: it refused to keep a copy (a private window, or no room left?).',
  },
  database: {
    slow: 'The browser has not opened its database yet. What is in it is safe; this page goes on as soon as it opens. If it does not, close all other tabs of Agrologos.',
    blocked:
      'Another tab of Agrologos still works with the database in its former version. Close the other tabs; this page goes on by itself.',
    failed:
      'The browser does not open its database just now, so nothing of yours is shown and nothing can be kept. What is in it is not gone; it is tried again every few seconds.',
    missing:
      'This browser gives pages no database (a private window, or it is forbidden): nothing typed here stays after the page is closed, unless it is saved as a file.',
    outdated:
      'A newer version of Agrologos keeps its data here now: nothing is written from this page any more. Reload it.',
  },
  rescue: 'Get everything out',
} as const
