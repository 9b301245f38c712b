import {
  builtInKinds,
  holdersFor,
  itemOf as findItem,
  type ContentsLine,
  type DesignDocument,
  type Item,
  type Kinds,
} from '@zindle/core';
import { shelvesNow } from '../store/shelves.ts';

/** A line of contents with its item and the place that holds it. */
export interface ThingToHold {
  line: ContentsLine;
  item: Item | undefined;
  name: string;
  /** Names of its pockets, such as `A1`; empty if it has no home. */
  places: string[];
  /** Whether all of them have a home. */
  held: boolean;
}

/** The thing of a line, as the shelves are now. */
export const itemOf = (document: DesignDocument, { item }: ContentsLine): Item | undefined =>
  findItem(document, item, shelvesNow().items);

/** What the maker calls a line. */
export function thingName(document: DesignDocument, id: string): string {
  const line = document.contents.find((each) => each.id === id);
  return line ? (line.name ?? itemOf(document, line)?.name ?? line.item) : id;
}

/** Everything that must be held, in the maker's order. */
export function thingsToHold(document: DesignDocument, kinds: Kinds = builtInKinds): ThingToHold[] {
  const slots = pocketsByLine(document, kinds);
  return document.contents.map((line) => {
    const item = itemOf(document, line);
    const entries = document.holders.flatMap(({ contents }) => contents.filter((entry) => entry.line === line.id));
    const held = entries.reduce((total, { count }) => total + count, 0);
    return {
      line,
      item,
      name: thingName(document, line.id),
      places: slots.get(line.id) ?? [],
      held: held >= line.count,
    };
  });
}

function pocketsByLine({ holders, contents }: DesignDocument, kinds: Kinds): Map<string, string[]> {
  const shared = (line: string) => contents.find(({ id }) => id === line)?.perHolder ?? 1;
  const places = new Map<string, string[]>();
  for (const { id, kind, contents: held } of holders) {
    let slot = 0;
    for (const { line, count } of held) {
      const pockets = kinds.holders[kind]?.shown?.numbered ? Math.ceil(count / shared(line)) : 0;
      const names = pockets > 0 ? Array.from({ length: pockets }, () => `${id}${++slot}`) : [id];
      places.set(line, [...(places.get(line) ?? []), ...names]);
    }
  }
  return places;
}

/** How many things there are in all. */
export const countThings = ({ contents }: DesignDocument): number =>
  contents.reduce((total, { count }) => total + count, 0);

/** Height of a thing seen from above: discs and balls are as high as they are long. mm */
export const heightSeen = ({ shape, length, width }: Item): number =>
  shape === 'disc' || shape === 'ball' ? length : width;

/** How many things there are, in words. */
export function countWords(document: DesignDocument): string {
  const count = countThings(document);
  return count === 1 ? '1 thing' : `${count} things`;
}

/** Why no holder takes a thing without being asked, in the words of the holders. */
export const whyHomeless = (item: Item, document: DesignDocument, kinds?: Kinds): string =>
  [...new Set(holdersFor(document, kinds).map(([, kind]) => kind.suits(item).why))].join(' ');
