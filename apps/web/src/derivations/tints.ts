import { stacksOf, type DesignDocument, type Piece, type Role } from '@zindle/core';
import { shelvesNow } from '../store/shelves.ts';

/** One tint for each thing, the same in tray, board and section. */
const things = ['#CBD8EA', '#E7D9B5', '#D3E5DB', '#EBDDD8', '#D9D2E8', '#F0CDB4', '#C9E0E4', '#E2E0CF'];

export const thingTint = ({ contents }: DesignDocument, line: string): string =>
  things[
    Math.max(
      0,
      contents.findIndex(({ id }) => id === line),
    ) % things.length
  ]!;

/** Colour of the outermost cloth of a role. */
export function clothTint({ stacks }: DesignDocument, role: Role): string {
  const [first] = stacksOf({ stacks })[role];
  return shelvesNow().materials.find(({ id }) => id === first?.material)?.tint ?? '#DDD6C6';
}

/** Colour of what a piece is cut from. */
export const pieceTint = (document: DesignDocument, { layers, role }: Pick<Piece, 'layers' | 'role'>): string =>
  shelvesNow().materials.find(({ id }) => id === layers[0]?.material)?.tint ?? clothTint(document, role);

/** The colours of a design's drawings. */
export const tintsOf = (document: DesignDocument) => ({
  cloth: (role: Role) => clothTint(document, role),
  thing: (line: string) => thingTint(document, line),
  inkOn,
});

/** Ink that reads on a tint. */
export function inkOn(tint: string): string {
  const [red, green, blue] = [1, 3, 5].map((from) => parseInt(tint.slice(from, from + 2), 16) / 255);
  return 0.3 * red! + 0.59 * green! + 0.11 * blue! > 0.5 ? '#1F2B44' : '#FBF9F3';
}

/** A tint in more or less light, 0 to 1; a half is as it is. */
export function shaded(tint: string, light: number): string {
  const to = light > 0.5 ? 255 : 20;
  const share = Math.abs(light - 0.5) * 0.62;
  const channel = (from: number) => {
    const value = parseInt(tint.slice(from, from + 2), 16);
    return Math.round(value + (to - value) * share)
      .toString(16)
      .padStart(2, '0');
  };
  return `#${channel(1)}${channel(3)}${channel(5)}`;
}
