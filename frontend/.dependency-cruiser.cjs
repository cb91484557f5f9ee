/** The arrows of the front end: features apart, nobody imports the app shell, shared and drawing import neither. */
module.exports = {
  forbidden: [
    {
      name: 'features-apart',
      severity: 'error',
      from: { path: '^src/features/([^/]+)/' },
      to: { path: '^src/features/([^/]+)/', pathNot: '^src/features/$1/' },
    },
    {
      name: 'nobody-imports-the-shell',
      severity: 'error',
      from: { pathNot: '^src/(app/|main.ts)' },
      to: { path: '^src/app/' },
    },
    {
      name: 'shared-stands-below',
      severity: 'error',
      from: { path: '^src/(shared|drawing)/' },
      to: { path: '^src/(features|app)/' },
    },
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
  },
}
