import { rounded, type Derived } from '../derived/derived.ts';
import type { Finding } from '../errors/finding.ts';
import { mm, say } from '../errors/wording.ts';
import { gridLabel, type RulerId } from '../units/grid.ts';
import type { Edge } from '../geometry/outline.ts';
import type { Piece } from './piece.ts';
import type { EdgeRun } from './seam.ts';
import type { WalkedSeam } from './walk-seams.ts';

/** A piece as it is cut by a ruler, with what that adds to each of its sides. All mm. */
export interface Ruled {
  width: Derived;
  height: Derived;
}

/** The sizes of a piece as it is cut by a ruler: what holds is cut larger, what lies inside another piece smaller. What is cut from a
 * length is bought as wide as it is.
 * @returns nothing of a piece whose sides are not straight: it is cut from the pattern */
export function ruledCut(piece: Piece, ruler: RulerId | undefined): Ruled | undefined {
  const { cutWidth, cutHeight, layerOf, byRuler, cut } = piece;
  if (!ruler || !cut.every(isSquare)) return undefined;
  const direction = layerOf === undefined ? 'up' : 'down';
  return {
    width: rounded(cutWidth, ruler, direction),
    height: byRuler ? cutHeight : rounded(cutHeight, ruler, direction),
  };
}

const isSquare = ({ kind, from, to }: Edge): boolean =>
  kind === 'line' && (Math.abs(from[0] - to[0]) < 1e-6 || Math.abs(from[1] - to[1]) < 1e-6);

/** Common practice: of a seam so much can be eased in without puckers, and so much in any. Share, mm */
const EASES = 0.02;
const ALWAYS = 1;

/** Edges that a ruler makes longer than what they are sewn to by more than can be eased in. */
export function checkRuler(pieces: readonly Piece[], seams: readonly WalkedSeam[], ruler?: RulerId): Finding[] {
  if (!ruler) return [];
  const added = addedTo(pieces, ruler);
  const worst = seams
    .map(({ id, a, b, lengthA, lengthB }) => {
      const by = Math.abs(more(a, added) - more(b, added));
      const most = Math.max(ALWAYS, EASES * Math.min(lengthA, lengthB));
      return { id, by, most, of: added.get(a.piece)?.name ?? a.piece, to: added.get(b.piece)?.name ?? b.piece };
    })
    .filter(({ by, most }) => by > most + 1e-9)
    .sort((one, other) => other.by / other.most - one.by / one.most)[0];
  if (!worst) return [];
  const { id, by, most, of, to } = worst;
  const text = say`Cut by a ruler read to ${gridLabel(ruler)}, an edge of ${of} and that of ${to} which it is sewn to differ by ${mm(by)}; ${mm(most)} can be eased in (common practice). Take a finer ruler, or cut these from the pattern.`;
  return [{ code: 'ruler.ease', severity: 'watch', about: [`seams/${id}`], numbers: { by }, limit: most, text }];
}

interface Added {
  name: string;
  across: number;
  up: number;
  /** Which way each of its edges runs. */
  level: ReadonlySet<string>;
}

function addedTo(pieces: readonly Piece[], ruler: RulerId): Map<string, Added> {
  return new Map(
    pieces.flatMap((piece): [string, Added][] => {
      const ruled = ruledCut(piece, ruler);
      if (!ruled) return [];
      const level = piece.stitch.filter(({ from, to }) => Math.abs(from[1] - to[1]) < 1e-6).map(({ id }) => id);
      return [
        [
          piece.id,
          {
            name: piece.name,
            across: ruled.width.value - piece.cutWidth.value,
            up: ruled.height.value - piece.cutHeight.value,
            level: new Set(level),
          },
        ],
      ];
    }),
  );
}

/** How much longer a run is than on the pattern: all of what its piece is cut larger by falls to an edge that it takes whole. */
function more({ piece, parts }: EdgeRun, added: ReadonlyMap<string, Added>): number {
  const own = added.get(piece);
  if (!own) return 0;
  return parts.reduce((total, part) => {
    if ('line' in part || part.from !== undefined || part.to !== undefined) return total;
    return total + (own.level.has(part.edge) ? own.across : own.up);
  }, 0);
}
