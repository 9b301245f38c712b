import { isOnLines, type Seam } from '../../pieces/seam.ts';
import type { Action, Sew } from '../../sewing/actions/action.ts';
import { face, finished, isToSew, unsewn } from './questions.ts';
import type { Bench, Say } from './state.ts';

type How = Partial<Sew>;

/** Something is sewn onto a face: that lies flat and single, or the needle goes through all that is there. */
export function ontoFace(bench: Bench, seam: Seam, action: Action, say: Say): void {
  const { id, a, b } = seam;
  const how: How = action.verb === 'sew' || action.verb === 'edgestitch' || action.verb === 'baste' ? action : {};
  if (a.piece === b.piece) return ontoItself(bench, seam, how, say);
  if (!goesThrough(how)) face(bench, b.piece, say);
  if (how.allLayers || how.from === 'middleDivider') finished(bench, 'sewn through', say);
  if (isOnLines(seam.a)) alongLines(bench, seam, how, say);
  if (bench.cloth.piece(a.piece).byRuler && windowShut(bench, b)) say(`${id}: the window of ${b.piece} is not open`);
}

/** The needle goes through all that lies there, or reaches one layer of it from the mouth. */
const goesThrough = ({ allLayers, throughPanel, oneLayer, from }: How): boolean =>
  Boolean(allLayers || throughPanel || oneLayer) || from === 'middleDivider' || from === 'mouth';

function ontoItself(bench: Bench, seam: Seam, { seams = [] }: How, say: Say): void {
  const { id, a } = seam;
  if (bench.insideOut.has(a.piece) || unsewn(bench, [a.piece]).length > 0) say(`${id}: ${a.piece} is not turned yet`);
  if (isOnLines(seam.a) && edgesToCome(bench, a.piece, a.piece, seams)) say(`${id}: its edges do not hold yet`);
}

/** One layer of what is closed is not reached; and lines come after the edges, or it creeps. */
function alongLines(bench: Bench, { id, a, b }: Seam, how: How, say: Say): void {
  if (!goesThrough(how) && bench.cloth.joinedTo(a.piece).has(a.piece))
    say(`${id}: ${a.piece} is closed: the needle does not get in`);
  if (how.throughPanel || bench.cloth.piece(a.piece).byRuler) return;
  if (edgesToCome(bench, a.piece, b.piece, how.seams ?? [])) say(`${id}: the edges of ${a.piece} do not hold yet`);
}

/** The window that is sewn along the same line is still to be slit. */
function windowShut(bench: Bench, { piece, parts }: Seam['b']): boolean {
  const lines = parts.flatMap((part) => ('line' in part ? [part.line] : []));
  const [slit] = bench.plan.toCome('slit', ({ pieces }) => pieces.includes(piece));
  return [...bench.cloth.seams.values()].some(
    ({ a, b }) =>
      slit?.pieces.includes(a.piece) &&
      b.piece === piece &&
      b.parts.some((part) => 'line' in part && lines.includes(part.line)),
  );
}

/** The edges by which a piece is held to another are still to be sewn. */
function edgesToCome(bench: Bench, piece: string, host: string, own: readonly string[]): boolean {
  return [...bench.cloth.seams.values()].some(
    ({ id, kind, a, b }) =>
      kind === 'stitchedOn' &&
      !own.includes(id) &&
      a.piece === piece &&
      b.piece === host &&
      a.parts.some((part) => 'edge' in part) &&
      isToSew(bench, id),
  );
}
