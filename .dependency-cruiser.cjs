// The stair of docs/decisions/0001: every floor of the core knows only the floors below it.
const floors = [
  ['errors', 'units'],
  ['derived', 'geometry', 'packing'],
  ['sizing'],
  ['shelves'],
  ['document', 'contents', 'stacks'],
  ['sewing/actions'],
  ['pieces'],
  ['sewing/model', 'sewing/rows', 'sewing/minutes'],
  ['form'],
  ['holders'],
  ['faces'],
  ['bodies'],
  ['closures'],
  ['inserts'],
  ['carry'],
  ['kinds'],
  ['fit', 'sewing/tell'],
  ['solve'],
  ['boards', 'trials'],
  ['proposals'],
  ['files', 'quick-sums', 'demo'],
];
// parts of `document/` that stand higher than the stored type itself
const EDITS = '^packages/core/src/document/edits/';
const core = (names) => `^packages/core/src/(${names.join('|')})/`;

const upwards = floors.slice(0, -1).map((floor, index) => ({
  name: `core-${floor.join('-')}-looks-up`,
  severity: 'error',
  comment: `${floor.join(', ')} may only import the floors below`,
  from: { path: core(floor), pathNot: `${EDITS}|\\.test\\.ts$` },
  to: { path: core(floors.slice(index + 1).flat()) },
}));

module.exports = {
  forbidden: [
    ...upwards,
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'edits-below-solve',
      severity: 'error',
      comment: 'edits know the families, never a solution',
      from: { path: EDITS, pathNot: '\\.test\\.ts$' },
      to: { path: core(['solve', 'boards', 'trials', 'proposals', 'files', 'quick-sums', 'demo', 'fit']) },
    },
    {
      name: 'fit-knows-no-rule-that-makes-a-size',
      severity: 'error',
      comment: 'the fitting reads cut pieces and things, never a rule that made a size',
      from: { path: core(['fit']), pathNot: '\\.test\\.ts$' },
      to: { path: core(['sizing', 'holders', 'faces', 'bodies', 'closures', 'inserts', 'carry', 'kinds']) },
    },
    {
      name: 'stored-type-knows-no-edits',
      severity: 'error',
      from: {
        path: '^packages/core/src/(?!document/edits|boards|trials|proposals|demo|solve|testing|index)',
        pathNot: '\\.test\\.ts$',
      },
      to: { path: EDITS },
    },
    {
      name: 'core-is-pure',
      severity: 'error',
      comment: 'no Node and no DOM in the core',
      from: { path: '^packages/core/src', pathNot: '\\.test\\.ts$|/testing/' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'core-knows-no-application',
      severity: 'error',
      from: { path: '^packages/core' },
      to: { path: '^apps/' },
    },
    { name: 'web-knows-no-server', severity: 'error', from: { path: '^apps/web' }, to: { path: '^apps/server' } },
    { name: 'server-knows-no-web', severity: 'error', from: { path: '^apps/server' }, to: { path: '^apps/web' } },
    {
      name: 'web-derives-below-the-screen',
      severity: 'error',
      comment: 'derivations, store and api are plain TypeScript under the components',
      from: { path: '^apps/web/src/(derivations|store|api)/', pathNot: '\\.test\\.ts$' },
      to: { path: '^apps/web/src/(ui|board|stages|shelf|shelves|app)/' },
    },
    {
      name: 'web-kit-knows-no-stage',
      severity: 'error',
      from: { path: '^apps/web/src/(ui|board)/' },
      to: { path: '^apps/web/src/(stages|shelf|shelves|app)/' },
    },
    {
      name: 'core-through-its-doors',
      severity: 'error',
      comment: 'applications import @zindle/core and its named entries, never its files by path',
      from: { path: '^apps/' },
      to: {
        path: '^packages/core/src/(?!(index|files/index|files/imports|files/drawing|form/index|document/reading/index|demo/index)\\.ts$)',
      },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['source', 'import', 'node', 'default', 'types'],
    },
  },
};
