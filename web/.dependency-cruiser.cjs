/**
 * The floors of the front end: app, places, sheet, shared. What lies below knows nothing of what lies above, no place
 * knows another, and no file or folder leads back to itself.
 */
const places = '(account|assets|bench|importing|inbox|notebook|outlines|report|sections|setup|worklist)'

module.exports = {
  forbidden: [
    { name: 'no-cycle-of-files', severity: 'error', from: {}, to: { circular: true } },
    { name: 'no-cycle-of-folders', severity: 'error', scope: 'folder', from: {}, to: { circular: true } },
    {
      name: 'shared-knows-only-shared',
      severity: 'error',
      from: { path: '^src/shared/' },
      to: { path: '^src/', pathNot: '^src/shared/' },
    },
    {
      name: 'sheet-knows-only-shared',
      severity: 'error',
      from: { path: '^src/sheet/' },
      to: { path: '^src/', pathNot: '^src/(sheet|shared)/' },
    },
    {
      name: 'the-sheet-by-its-door',
      comment: 'What the application may know of the sheet stands in its index.',
      severity: 'error',
      from: { path: '^src/', pathNot: '^src/sheet/' },
      to: { path: '^src/sheet/', pathNot: '^src/sheet/index\\.ts$' },
    },
    {
      name: 'no-place-knows-another',
      severity: 'error',
      from: { path: `^src/${places}/` },
      to: { path: `^src/(${places.slice(1, -1)}|app)/`, pathNot: '^src/$1/' },
    },
    {
      name: 'every-file-is-used',
      severity: 'error',
      from: { orphan: true, pathNot: '\\.(css|d\\.ts|test\\.ts)$|^src/main\\.tsx$' },
      to: {},
    },
  ],
  options: {
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    doNotFollow: { path: 'node_modules' },
    exclude: { path: 'node_modules' },
  },
}
