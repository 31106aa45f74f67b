/** Folders of core, in the order in which each may use those before it, and never one behind it. */
const core = [
  'quantity',
  'catalogue',
  'teardown',
  'figures',
  'compare',
  'claims',
  'money',
  'score',
  'verdict',
  'kin',
  'review',
  'vision',
  'plan',
  'exchange',
  'device',
  'find',
]

const tests = '\\.(test|bench|fixture)\\.tsx?$'

const upward = core.slice(0, -1).map((folder, at) => ({
  name: `core-${folder}-uses-none-behind-it`,
  comment: `core/${folder} stands before ${core.slice(at + 1).join(', ')} and must not know them.`,
  severity: 'error',
  from: { path: `^core/${folder}/`, pathNot: tests },
  to: { path: `^core/(${core.slice(at + 1).join('|')})/` },
}))

const arrow = (name, from, to, more = {}) => ({
  name,
  severity: 'error',
  from: { path: from, pathNot: tests },
  to: { path: to, ...more },
})

/** What the browser loads may know the types of what stays on the server, and no more. */
const exceptTypes = { dependencyTypesNot: ['type-only'] }

/** @type {import('dependency-cruiser').IConfiguration} */
export default {
  forbidden: [
    { name: 'no-circle', severity: 'error', from: {}, to: { circular: true } },
    { name: 'no-orphan-import', severity: 'error', from: {}, to: { couldNotResolve: true } },
    ...upward,
    arrow('core-root-knows-no-folder', '^core/[^/]+$', '^core/[^/]+/'),
    arrow(
      'core-is-alone',
      '^core/',
      '^(app|db)/|node_modules/(react|react-router|knex|better-sqlite3|express|styled-components)/',
    ),
    arrow('core-without-node', '^core/', '^', { dependencyTypes: ['core'] }),
    arrow('ui-knows-no-place', '^app/(ui|drawing)/', '^app/(features|routes|data|workers)/'),
    arrow('drawing-before-ui', '^app/ui/', '^app/drawing/'),
    arrow('no-schemas-on-every-page', '^app/(ui|drawing)/', 'node_modules/zod/'),
    arrow('features-know-no-route', '^app/features/', '^app/routes/'),
    arrow('features-stay-in-the-browser', '^app/(features|ui|drawing|workers)/', '\\.server\\.tsx?$', exceptTypes),
    arrow('data-knows-core-alone', '^app/data/', '^app/(features|routes|ui|drawing|workers)/'),
    arrow('storage-knows-core-alone', '^app/storage/', '^app/(?!(storage|texts)/)'),
    arrow('texts-know-core-alone', '^app/texts/', '^app/'),
    arrow(
      'storage-stays-on-the-server',
      '^app/(features|ui|drawing|workers)/',
      '^app/storage/(?!describe-contents)',
      exceptTypes,
    ),
    arrow('nobody-knows-the-server', '^app/(?!server/)', '^app/server/'),
    arrow('workers-are-thin', '^app/workers/', '^app/'),
    arrow('migrations-know-nothing', '^db/migrations/', '^(app|core|db/demo)/'),
    arrow('only-the-line-ups-know-the-demo', '^(core/|app/(?!routes/lineups\\.tsx$))', '^db/demo/'),
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)(\\.react-router|build)/|/\\+types/|^virtual:' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'default', 'types'] },
  },
}
