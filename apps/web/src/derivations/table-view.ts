import { heightSeen, type ThingToHold } from './things.ts';
import type { Item } from '@zindle/core';

/** A thing on the table: so many of it side by side, mm from the table's upper left corner. */
export interface TableThing {
  thing: ThingToHold & { item: Item };
  x: number;
  y: number;
  width: number;
  height: number;
  /** Upper left corner of each one. */
  each: { x: number; y: number }[];
}

const GAP = 18;
/** Room under each thing for its words, mm. */
const WORDS = 12;
/** Things that are many lie fanned out, this far apart. */
const FAN = 6;

/** Lays things out in rows, as on a table, and a bank card behind them.
 * @param width of the table, mm */
export function tableView(
  things: readonly ThingToHold[],
  width: number,
  card: { width: number; height: number },
): { things: TableThing[]; height: number; card: { x: number; y: number } } {
  let [x, y, row] = [0, 0, 0];
  const result: TableThing[] = [];
  for (const thing of things) {
    const { item, line } = thing;
    if (!item) continue;
    const shown = Math.min(line.count, 6);
    const size = { width: item.length + (shown - 1) * FAN, height: heightSeen(item) + (shown - 1) * FAN };
    if (x > 0 && x + size.width > width) [x, y, row] = [0, y + row + GAP + WORDS, 0];
    const each = Array.from({ length: shown }, (_, index) => ({ x: x + index * FAN, y: y + index * FAN }));
    result.push({ thing: { ...thing, item }, x, y, ...size, each });
    x += Math.max(size.width, 34) + GAP;
    row = Math.max(row, size.height);
  }
  // the bank card, for a measure, lies behind the last thing
  if (x > 0 && x + card.width > width) [x, y, row] = [0, y + row + GAP + WORDS, 0];
  return { things: result, height: y + Math.max(row + WORDS, card.height), card: { x, y } };
}
