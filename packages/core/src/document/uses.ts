import type { ShelfId } from '../shelves/shelf-specs.ts';
import { stacksOf, type DesignDocument, type Params } from './design-document.ts';

const values = (params: Params): string[] =>
  Object.values(params).filter((value): value is string => typeof value === 'string');

/** Ids of the entries of a shelf that a design names. */
export function usedBy(document: DesignDocument, shelf: ShelfId): Set<string> {
  if (shelf === 'items') return new Set(document.contents.map(({ item }) => item));
  if (shelf === 'materials')
    return new Set(
      [...Object.values(stacksOf(document)), ...(document.pieces ?? []).map(({ layers = [] }) => layers)].flatMap(
        (layers) => layers.map(({ material }) => material),
      ),
    );
  if (shelf === 'machines') return new Set();
  const { body, holders, closure, parts = [], hardware = {} } = document;
  const named = [body, closure, ...holders, ...parts].flatMap(({ params }) => values(params));
  return new Set([...named, ...Object.values(hardware)]);
}
