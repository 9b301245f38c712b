import type { Finding } from '../errors/finding.ts';
import { capital } from '../errors/first-letter.ts';
import { mm, say } from '../errors/wording.ts';
import type { Point } from '../geometry/perimeter.ts';
import type { Mark, Piece } from '../pieces/piece.ts';
import type { CutDesign, CutParts } from './cut-parts.ts';
import { apartFrom, wholeChain } from './lines.ts';
import type { Room } from '../pieces/room.ts';

type Fastened = Pick<CutDesign, 'pieces'> & { rooms: readonly Room[] };

/** Fasteners that are set where something is sewn or opens, or beneath a pocket: its stitching would meet metal, and what lies beneath
 * cloth fastens nothing. */
export function checkFasteners({ pieces, rooms }: Fastened, parts: CutParts): Finding[] {
  return pieces.flatMap((piece) =>
    piece.marks.flatMap((mark): Finding[] => {
      const radius = mark.hardware?.radius;
      if (radius === undefined) return [];
      return [...onLine(piece, mark, radius), ...beneath(piece, mark, rooms, parts)].slice(0, 1);
    }),
  );
}

/** The line or edge that lies nearest to a fastener, if it lies under it. */
function onLine(piece: Piece, mark: Mark, radius: number): Finding[] {
  const { lines, folds, stitch, name, id } = piece;
  const far = [...[...lines, ...folds].map(({ from, to }) => [[from, to]]), ...stitch.map(wholeChain)].reduce(
    (least, line) => Math.min(least, apartFrom(mark.at, line)),
    Infinity,
  );
  if (far >= radius - 1e-6) return [];
  const text = say`“${capital(mark.label)}” on ${name} lies ${mm(far)} from an edge or a line that is sewn, opened or folded, and takes ${mm(radius)} all round: the needle would meet it. Set it further in or out, or move what is sewn there.`;
  return [
    {
      code: 'hardware.notClear',
      severity: 'stop',
      about: [`pieces/${id}`],
      numbers: { far },
      limit: radius,
      text,
    },
  ];
}

/** The pocket that covers a fastener. */
function beneath({ id, name }: Piece, { at, label }: Mark, rooms: readonly Room[], parts: CutParts): Finding[] {
  const covers = (room: Room): boolean =>
    room.rings.some(({ walls: [front, back] }) => {
      if (!front || back?.piece !== id || !back.rightSide || front.piece === id) return false;
      const place = parts.bounds(id, [back.left, back.right]);
      return place !== undefined && within(at, place);
    });
  const over = rooms.find(covers);
  if (!over) return [];
  const [, holder = over.id] = over.id.split('/');
  const text = say`“${capital(label)}” on ${name} lies beneath ${holder}, where nothing can reach it. Move ${holder}, or let what closes lie further from it.`;
  return [
    { code: 'hardware.covered', severity: 'stop', about: [`pieces/${id}`, `holders/${holder}`], numbers: {}, text },
  ];
}

const within = ([x, y]: Point, place: { x: [number, number]; y: [number, number] }): boolean =>
  x > place.x[0] + 1e-6 && x < place.x[1] - 1e-6 && y > place.y[0] + 1e-6 && y < place.y[1] - 1e-6;
