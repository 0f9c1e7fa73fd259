/** No circles between files, types among them: what is needed to understand a room lies below it. */
export default {
  forbidden: [
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
