import type { Arrangement, DesignDocument } from '../document/design-document.ts';
import { limits } from '../document/limits.ts';
import { CoreError } from '../errors/core-error.ts';
import type { Item } from '../shelves/items/item.ts';
import { gridIds } from '../units/grid.ts';

/** Refuses numbers that no door lets in and no sum could bear: they would give endless slots or sizes that are no numbers.
 * @throws CoreError `document.count`, `document.size`, `document.grid`, `document.deep` with the path of the object */
export function assertSound(document: DesignDocument): void {
  const { contents, holders, faces, ownItems, pins = {}, limits: most = {}, grid } = document;
  for (const { id, count, perHolder } of contents) {
    assertCount(count, `contents/${id}/count`);
    assertCount(perHolder, `contents/${id}/perHolder`);
  }
  for (const { id, contents: held } of holders) for (const { count } of held) assertCount(count, `holders/${id}`);
  for (const item of ownItems) assertItem(item);
  for (const [path, size] of Object.entries({ ...pins, ...most })) assertSize(size, 0, limits.pinned.most, path);
  for (const [face, arrangement] of Object.entries(faces)) assertArrangement(arrangement, `faces/${face}`, 0);
  if (!gridIds.includes(grid)) throw new CoreError('document.grid', `there is no grid “${String(grid)}”`, 'grid');
}

function assertCount(count: number, path: string): void {
  if (!Number.isInteger(count) || count < limits.count.least || count > limits.count.most)
    throw new CoreError(
      'document.count',
      `${path} must be a whole number from ${limits.count.least} to ${limits.count.most}`,
      path,
    );
}

function assertSize(size: number, least: number, most: number, path: string): void {
  if (!(size >= least && size <= most))
    throw new CoreError('document.size', `${path} must be a length from ${least} to ${most} mm`, path);
}

/** @throws CoreError `document.size` */
export function assertItem(item: Item): void {
  const { least, most } = limits.size;
  const path = `items/${item.id}`;
  for (const key of ['length', 'width', 'thickness'] as const) assertSize(item[key], least, most, `${path}/${key}`);
  for (const key of ['planRadius', 'edgeRadius', 'girth', 'tolerance'] as const)
    assertSize(item[key] ?? 0, 0, 4 * most, `${path}/${key}`);
  assertSize(item.compressible ?? 0, 0, 0.9, `${path}/compressible`);
  for (const point of item.section ?? []) for (const place of point) assertSize(place, -most, most, `${path}/section`);
}

const DEEPEST = 8;
function assertArrangement(arrangement: Arrangement, path: string, depth: number): void {
  if (depth > DEEPEST) throw new CoreError('document.deep', `${path} is nested more than ${DEEPEST} deep`, path);
  if (arrangement.kind === 'holder') return;
  assertSize(arrangement.gap, limits.gap.least, limits.gap.most, `${path}/gap`);
  for (const child of arrangement.children) assertArrangement(child, path, depth + 1);
}
