/**
 * The walls of the house plan (docs/architecture.md). `npm test` runs them over the tree, and
 * scripts/walls.test.ts crosses each one in a scratch folder to prove that the check breaks.
 */
const screenFiles = '^src/(screens|ui)/';

/** @type {import('dependency-cruiser').IConfiguration} */
export default {
  forbidden: [
    {
      name: 'core-imports-only-core',
      comment: 'The core computes; it knows neither screens nor SQL nor services.',
      severity: 'error',
      from: { path: '^src/core/' },
      to: { path: '^(src/(?!core/)|demo/|bench/|e2e/|scripts/)' },
    },
    {
      name: 'core-has-no-platform',
      comment: 'No React, Next, Drizzle, database client or Node built-in in the core.',
      severity: 'error',
      from: { path: '^src/core/', pathNot: '\\.test\\.ts$' },
      to: {
        path: '(^|node_modules/)(react|react-dom|next|styled-components|react-aria-components|drizzle-orm|@libsql/client|libsql|zustand)(/|$)',
      },
    },
    {
      name: 'core-has-no-node',
      severity: 'error',
      from: { path: '^src/core/', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'ui-knows-nothing-of-cases',
      comment: 'Primitives and charts serve any screen.',
      severity: 'error',
      from: { path: '^src/ui/' },
      to: { path: '^src/(app|screens|services|store|sim|workers)/' },
    },
    {
      name: 'only-services-reach-the-store',
      severity: 'error',
      from: { path: '^(src|demo|scripts)/', pathNot: '^src/(services|store)/' },
      to: { path: '^src/store/' },
    },
    {
      name: 'the-store-knows-no-rules',
      comment: 'The store may take the shapes of core/case (what a row is), nothing that reasons.',
      severity: 'error',
      from: { path: '^src/store/', pathNot: '\\.test\\.ts$' },
      to: { path: '^src/(?!store/|core/case/)' },
    },
    {
      name: 'only-app-reaches-services',
      comment:
        'Scripts, the demo loader and the start of the server are entry points of their own, like app.',
      severity: 'error',
      from: { path: '^src/', pathNot: '^src/((app|services)/|instrumentation\\.ts$)' },
      to: { path: '^src/services/' },
    },
    {
      name: 'only-the-store-speaks-sql',
      severity: 'error',
      from: { path: '^src/', pathNot: '^src/store/' },
      to: { path: '(^|node_modules/)(drizzle-orm|@libsql/client|libsql)(/|$)' },
    },
    {
      name: 'stand-ins-know-only-core',
      comment: 'What stands in for a device outside must be replaceable by the device.',
      severity: 'error',
      from: { path: '^src/sim/' },
      to: { path: '^src/(?!sim/|core/)' },
    },
    {
      name: 'screens-stay-out-of-routes',
      severity: 'error',
      from: { path: screenFiles },
      to: { path: '^src/app/' },
    },
    {
      name: 'the-application-knows-no-benchmark',
      comment: 'What is measured must not be made from what measures it, in the demo either.',
      severity: 'error',
      from: { path: '^(src|demo)/' },
      to: { path: '^(bench|e2e)/' },
    },
    { name: 'no-circles', severity: 'error', from: { path: '^src/' }, to: { circular: true } },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};
