export * from './read-document.ts';
export * from './json-schema.ts';
export * from './read-shelves.ts';
export * from './problems.ts';
export { entryProblems } from './entry-schemas.ts';
export { MayBeLeftOut } from './checks.ts';
