import { girthDoubt, girthRange } from '../contents/girth.ts';
import { given } from '../derived/derived.ts';
import { roles, stacksOf, type DesignDocument, type Layer, type Role } from '../document/design-document.ts';
import type { Finding } from '../errors/finding.ts';
import { mm, say } from '../errors/wording.ts';
import type { HeldContents, StackReach, StackThickness } from '../holders/holder-kind.ts';
import type { Material } from '../shelves/materials/material.ts';
import type { Item } from '../shelves/items/item.ts';
import { mayBe, type RuleTable } from '../shelves/rules/house-rule.ts';
import { rulesFor, settingsOutOfRange, type Rules } from '../shelves/rules/rules-for.ts';
import { givesWay, stackOf, type WallLayer } from '../stacks/reach.ts';
import { assertSound } from './sound.ts';
import type { Shelves } from '../shelves/shelves.ts';

/** A design with everything it refers to found on the shelves. */
export interface Resolved {
  rules: Rules;
  stacks: StackThickness;
  reach: StackReach;
  items: ReadonlyMap<string, Item>;
  /** What each holder holds, by holder id. */
  held: ReadonlyMap<string, HeldContents[]>;
  findings: Finding[];
}

/** Looks up items, materials and rules; what is missing becomes a finding, never an exception.
 * @throws CoreError for numbers that no door lets in (see `assertSound`) */
export function resolve(document: DesignDocument, shelves: Shelves, table: RuleTable): Resolved {
  assertSound(document);
  const items = itemsOf(document, shelves);
  const findings: Finding[] = [
    ...unknownItems(document, items),
    ...measuredGirths(document, items),
    ...unusableRules(document, table),
  ];
  const layers = stacksOf(document);
  const found = ofRoles((role) => {
    const { there, missing: gone } = wallLayers(layers[role], shelves);
    // a role that the design does not name is only missed where it is used
    if (document.stacks[role]) findings.push(...gone.map((id) => noMaterial(`stacks/${role}`, `The ${role}`, id)));
    return stackOf(role, there);
  });
  const stacks = ofRoles((role) => found[role].stack);
  const reach = {
    ...ofRoles((role) => found[role].inner),
    outside: found.exterior.outside,
    onPocket: found.pocket.outside,
    meshStretch: found.mesh.stretch,
  };
  for (const { id, layers: own = [] } of document.pieces ?? [])
    for (const gone of wallLayers(own, shelves).missing)
      findings.push(noMaterial(`pieces/${id}`, `A piece (${id})`, gone));
  const held = new Map(document.holders.map(({ id, contents }) => [id, heldBy(contents, document, items)]));
  return { rules: rulesFor(shelves.rules, document.rules, document.grid), stacks, reach, items, held, findings };
}

/** Shelves may be long: each is indexed once. */
const indexes = new WeakMap<readonly { id: string }[], ReadonlyMap<string, { id: string }>>();
function indexOf<T extends { id: string }>(entries: readonly T[]): ReadonlyMap<string, T> {
  const known = indexes.get(entries) as ReadonlyMap<string, T> | undefined;
  if (known) return known;
  const index = new Map(entries.map((entry) => [entry.id, entry]));
  indexes.set(entries, index);
  return index;
}

/** A material of the shelves; nothing if it is not there. */
export const materialOf = ({ materials }: Shelves, id: string): Material | undefined => indexOf(materials).get(id);

/** The things that a design names; its own before those of the shelf. */
function itemsOf({ contents, ownItems }: DesignDocument, shelves: Shelves): Map<string, Item> {
  const shelf = indexOf(shelves.items);
  const own = new Map(ownItems.map((item) => [item.id, item]));
  return new Map(
    contents.flatMap(({ item: id }): [string, Item][] => {
      const item = own.get(id) ?? shelf.get(id);
      return item ? [[id, item]] : [];
    }),
  );
}

function heldBy(
  entries: DesignDocument['holders'][number]['contents'],
  document: DesignDocument,
  items: ReadonlyMap<string, Item>,
): HeldContents[] {
  return entries.flatMap(({ line: id, count }) => {
    const line = document.contents.find((each) => each.id === id);
    const item = line && items.get(line.item);
    return line && item && count > 0 ? [{ line, item, name: line.name ?? item.name, count }] : [];
  });
}

const ofRoles = <T>(of: (role: Role) => T): Record<Role, T> =>
  Object.fromEntries(roles.map((role) => [role, of(role)])) as Record<Role, T>;

/** Layers with their materials, from the right side inwards, and the ids of what the shelf has not. */
export function wallLayers(layers: readonly Layer[], shelves: Shelves): { there: WallLayer[]; missing: string[] } {
  const missing: string[] = [];
  const there = layers.flatMap(({ material: id }) => {
    const material = materialOf(shelves, id);
    if (!material) {
      missing.push(id);
      return [];
    }
    const path = `materials/${id}/thickness`;
    const thickness = given(material.name, material.thickness, { kind: 'material', path });
    const across = { kind: 'material', path: `materials/${id}/stretchAcross` } as const;
    const stretch = given(material.name, material.stretchAcross ?? 0, across, 'ratio');
    return [{ thickness, gives: givesWay(material), stretch }];
  });
  return { there, missing };
}

const noMaterial = (about: string, what: string, id: string): Finding => ({
  code: 'materials.missing',
  severity: 'stop',
  about: [about],
  numbers: {},
  text: say`${what} names a material that is not on the shelf (${id}). Choose another.`,
});

function unknownItems(document: DesignDocument, items: ReadonlyMap<string, Item>): Finding[] {
  return document.contents
    .filter(({ item }) => !items.has(item))
    .map(({ id, item }) => ({
      code: 'contents.unknownItem',
      severity: 'stop',
      about: [`contents/${id}`],
      numbers: {},
      text: say`The thing “${item}” is not on the shelves. Put it there, or choose another.`,
    }));
}

/** A tape that cannot be right is told and left aside; one that may be is asked about. */
function measuredGirths({ contents }: DesignDocument, items: ReadonlyMap<string, Item>): Finding[] {
  return contents.flatMap(({ id, item: of, name }): Finding[] => {
    const item = items.get(of);
    const doubt = item && girthDoubt(item);
    if (!doubt) return [];
    const { least, most, plain } = girthRange(item)!;
    const [about, called, girth] = [[`contents/${id}`], name ?? item.name, item.girth!];
    if (doubt === 'impossible') {
      const text = say`${called}: its girth is given as ${mm(girth)}, but by its sides it is ${mm(least)} to ${mm(most)} round. The sides are used. Measure the girth again, or its sides.`;
      return [{ code: 'item.girthImpossible', severity: 'stop', about, numbers: { girth, least, most }, text }];
    }
    const text = say`${called}: its girth of ${mm(girth)} is less than ${mm(plain)}, so it must be thinner where it is widest. Is that so? If not, measure it again.`;
    return [{ code: 'item.girthDoubtful', severity: 'watch', about, numbers: { girth, plain }, text }];
  });
}

function unusableRules(document: DesignDocument, table: RuleTable): Finding[] {
  return settingsOutOfRange(document.rules, table).map(({ id, value, rule }): Finding => {
    const range =
      rule?.kind === 'length'
        ? say`${rule.title} may be ${mm(rule.least)} to ${mm(rule.most)}; `
        : rule?.kind === 'number'
          ? say`${rule.title} may be ${mayBe(rule)}; `
          : say`“${rule?.title ?? id}” cannot be “${String(value)}”; `;
    return {
      code: 'rule.outOfRange',
      severity: 'watch',
      about: [`rules/${id}`],
      numbers: numbersOf(value),
      text: [...range, 'the standard value is used.'],
    };
  });
}

const numbersOf = (value: number | string): Record<string, number> => (typeof value === 'number' ? { value } : {});
