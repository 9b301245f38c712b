import type { Finding } from '../errors/finding.ts';
import { say } from '../errors/wording.ts';
import type { NamedLine, Ring, Room } from '../pieces/room.ts';
import type { CutParts } from './cut-parts.ts';

/** Rooms with a boundary that is named and not there: nothing can be said of what lies in them, so that it must not be said to go in. */
export function checkOpen(rooms: readonly Room[], parts: CutParts): Finding[] {
  const open = ({ walls, floor, corners = [], over }: Ring): boolean =>
    walls.some((wall) => linesOf(wall).some((line) => !parts.has(wall.piece, line))) ||
    (floor?.bounds.some((line) => !parts.has(floor.piece, line)) ?? false) ||
    !corners.every(parts.joins) ||
    (over !== undefined && open(over));
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

const linesOf = ({
  left,
  right,
  base,
  mouth,
  beyond,
  slopes = [],
  roundEnd = [],
  pinched = {},
}: Ring['walls'][number]): NamedLine[] =>
  [left, right, base, mouth, beyond, ...slopes, ...roundEnd, ...Object.values(pinched)].filter(
    (line) => line !== undefined,
  );
