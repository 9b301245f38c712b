import type { Finding } from '../errors/finding.ts';
import { say } from '../errors/wording.ts';
import type { NamedLine, Ring } from '../pieces/room.ts';
import { chainsOf } from './lines.ts';
import type { Fitting } from './fit-rooms.ts';

/** Rooms with a boundary that is named and not there: nothing can be said of what lies in them, so that it must not be said to go in. */
export function checkOpen({ rooms, pieces, seams }: Pick<Fitting, 'rooms' | 'pieces' | 'seams'>): Finding[] {
  const byId = new Map(pieces.map((piece) => [piece.id, piece]));
  const sewn = new Map(seams.map((seam) => [seam.id, seam]));
  const lacks = (id: string, line: NamedLine): boolean => {
    const piece = byId.get(id);
    return !piece || chainsOf(piece, line, (seam) => sewn.get(seam)).length === 0;
  };
  const open = (ring: Ring): boolean =>
    ring.walls.some((wall) => linesOf(wall).some((line) => lacks(wall.piece, line))) ||
    (ring.floor?.bounds.some((line) => lacks(ring.floor!.piece, line)) ?? false) ||
    (ring.corners?.some((id) => !sewn.has(id)) ?? false) ||
    (ring.over !== undefined && open(ring.over));
  return rooms
    .filter(({ rings }) => rings.length === 0 || rings.some(open))
    .map(({ id, holds }): Finding => {
      const [, holder = id] = id.split('/');
      const text = say`The pieces do not close ${holder} on all sides: what lies in it is not held. Leave out what was changed last, or choose another holder for it.`;
      return {
        code: 'room.notClosed',
        severity: 'stop',
        about: [`holders/${holder}`, ...holds.map((line) => `contents/${line}`)],
        numbers: {},
        text,
      };
    });
}

const linesOf = ({ left, right, base, mouth, beyond, pinched = {} }: Ring['walls'][number]): NamedLine[] =>
  [left, right, base, mouth, beyond, ...Object.values(pinched)].filter((line) => line !== undefined);
