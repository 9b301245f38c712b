import type { Finding } from '../errors/finding.ts';
import { mm, say } from '../errors/wording.ts';
import { hullRound } from '../geometry/discs.ts';
import type { Piece } from '../pieces/piece.ts';
import { stiffThrough, turningGapsOf, type BendingOf, type OpenGap, type Stiff } from '../pieces/turned-through.ts';

/** Half of the way round a sheet as it goes through a gap: flat with square edges, or rolled up to half its width, its edges round
 * then. mm */
function halfRound({ wide, thick, rolls }: Stiff): number {
  const r = thick / 2;
  if (rolls)
    return (
      hullRound([
        { x: 0, y: 0, r },
        { x: wide / 2, y: 0, r },
      ]) / 2
    );
  const corners = [
    [0, 0],
    [wide, 0],
    [wide, thick],
    [0, thick],
  ] as const;
  return hullRound(corners.map(([x, y]) => ({ x, y, r: 0 }))) / 2;
}

const longOf = ({ gap }: OpenGap): number => gap.to - gap.from;

/** Stiff pieces that do not pass the gap that they go through: a gap opens to a loop twice as long as it is. Of several gaps of
 * one piece the longest counts. */
export function checkPassing(pieces: readonly Piece[], bendingOf: BendingOf): Finding[] {
  // all of the body is turned through the longest of its gaps
  const longestOf = new Map<string, OpenGap>();
  for (const open of turningGapsOf(pieces)) {
    const turned = open.piece.startsWith('body/') ? 'body' : open.piece;
    const before = longestOf.get(turned);
    if (!before || longOf(open) > longOf(before)) longestOf.set(turned, open);
  }
  return [...longestOf.values()].flatMap((open): Finding[] => {
    const { piece, edge } = open;
    const longest = longOf(open);
    const [most] = stiffThrough(piece, pieces, bendingOf)
      .map((stiff) => ({ ...stiff, needs: halfRound(stiff) }))
      .sort((a, b) => b.needs - a.needs);
    if (!most || most.needs <= longest + 1e-6) return [];
    const { needs, ...widest } = most;
    const how = widest.rolls ? 'rolled up' : 'narrow end first';
    const way =
      edge > needs + 1
        ? say`Leave more of that seam open.`
        : say`That seam is not long enough: take a stuff that bends more, make it smaller, or put it in before the last seam is sewn.`;
    return [
      {
        code: 'gap.doesNotPass',
        severity: 'stop',
        about: [`pieces/${widest.id}`, `pieces/${piece}`],
        numbers: { gap: longest, wide: widest.wide, thick: widest.thick },
        limit: needs,
        text: [
          ...say`${widest.name} does not pass the turning gap of ${mm(longest)}: ${mm(widest.wide)} wide and stiff, ${how}, it asks for ${mm(needs)}. `,
          ...way,
        ],
      },
    ];
  });
}
