import { stacksOf, type DesignDocument } from '../document/design-document.ts';
import type { Item } from '../shelves/items/item.ts';
import type { Material } from '../shelves/materials/material.ts';

/** What a trait of a thing asks of the piece, and whether the piece has it. */
export interface TraitAdvice {
  trait: 'fragile' | 'sharp' | 'wet' | 'magnetSensitive' | 'valuable' | 'smallPart';
  text: string;
  /** Nothing where it cannot be told from the design. */
  met?: boolean;
}

/** What is there to answer with. */
export interface TraitFacts {
  /** The shelf that the layers are looked up on. */
  materials: readonly Material[];
  /** Whether a magnet is set in the piece. */
  magnets: boolean;
}

/** What the answers about a thing ask for (common practice). */
export function traitAdvice(
  item: Item,
  document: Pick<DesignDocument, 'stacks' | 'closure'>,
  { materials, magnets }: TraitFacts,
): TraitAdvice[] {
  const stacks = stacksOf(document);
  const found = (role: 'exterior' | 'lining' | 'pocket') =>
    stacks[role].flatMap((layer) => materials.find(({ id }) => id === layer.material) ?? []);
  const advice: TraitAdvice[] = [];
  const add = (trait: TraitAdvice['trait'], text: string, met?: boolean) => {
    if (item[trait]) advice.push({ trait, text, ...(met !== undefined && { met }) });
  };
  const padded = (['exterior', 'lining', 'pocket'] as const).some((role) =>
    found(role).some(({ use }) => use === 'padding'),
  );
  add('fragile', padded ? 'It breaks: a padded layer lies round it.' : 'It breaks: give it a padded layer.', padded);
  add('sharp', 'It cuts: a cap on it, or a doubled layer below its points.');
  const wipes = found('lining')[0]?.washable === true;
  add(
    'wet',
    wipes ? 'It is put away wet: its lining can be washed.' : 'It is put away wet: line it with what can be washed.',
    wipes,
  );
  add(
    'magnetSensitive',
    magnets ? 'Magnets must stay away: close it with something else.' : 'No magnet closes this piece.',
    !magnets,
  );
  const closes = document.closure.kind !== 'none';
  add('valuable', closes ? 'Its loss would hurt: the piece closes.' : 'Its loss would hurt: close the piece.', closes);
  add('smallPart', 'It is easily lost: a pocket that closes. Keep it from small children.');
  return advice;
}
