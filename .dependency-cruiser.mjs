/** The rooms of the core, each upon those before it. */
const floors = [
  'geometry',
  'sentence',
  'units',
  'guides',
  'shape',
  'report',
  'case',
  'ground',
  'reading',
  'acts',
  'shelf',
  'calendar',
  'needs',
  'bags',
  'course',
  'told',
  'recommend.ts',
  'compare',
  'mix',
  'passes',
  'doubt',
  'intake',
  'sampling',
  'plan',
  'letter',
  'office.ts',
  'practice',
  'spreader',
]
const roomsAt = (from, to) => `^src/core/(?:${floors.slice(from, to).join('|')})(?:/|$)`

/** No circles between files, types among them: what is needed to understand a room lies below it. */
export default {
  forbidden: [
    ...floors.slice(0, -1).map((floor, i) => ({
      name: `${floor}-stands-on-what-is-below`,
      severity: 'error',
      from: { path: roomsAt(i, i + 1) },
      to: { path: roomsAt(i + 1) },
    })),
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'no-circles-between-features',
      severity: 'error',
      scope: 'folder',
      from: { path: '^src/features' },
      to: { circular: true },
    },
  ],
  options: {
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    doNotFollow: { path: 'node_modules' },
    exclude: { path: ['\\.test\\.tsx?$', '^src/core/testing', 'node_modules'] },
  },
}
