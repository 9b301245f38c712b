import { lower } from '../../errors/first-letter.ts';
import { listed } from '../../errors/listed.ts';
import { mm, say, type Wording } from '../../errors/wording.ts';
import { edgeName } from '../../pieces/own-piece.ts';
import type { ActionOf, Inspection } from '../actions/action.ts';
import { called, type Work } from './words.ts';

/** An inner layer on the wrong side of its cloth. */
export function layerHeld({ verb, to, materials, layer, noHeat }: ActionOf<'fuse'>, work: Work): Wording {
  const host = called(work.piece(to));
  const cloth = listed(materials.map((id) => lower(work.nameOf(id))));
  const what = layer === undefined ? cloth : `${called(work.piece(layer))}, ${cloth},`;
  const inside = layer === undefined ? '' : ', inside the stitch lines';
  if (verb === 'fuse') return say`Fuse ${what} to the wrong side of ${host}${inside}.`;
  const [how, where] = layer === undefined ? ['Baste', ' all round, inside the allowance'] : ['Baste or glue', inside];
  const why = noHeat ? '; do not iron it on, its cloth does not bear the heat' : '';
  return say`${how} ${what} to the wrong side of ${host}${where}${why}.`;
}

/** A fastener, or one half of it. */
export function set(
  { hardware, half, piece, mark, from, below, keepClear, backed, single, pockets = [] }: ActionOf<'setHardware'>,
  work: Work,
): Wording {
  const on = work.piece(piece);
  const marks = [mark].flat();
  const labels = [...new Set(marks.map((id) => on.marks.find((each) => each.id === id)?.label ?? id))];
  const name = lower(work.nameOf(hardware));
  const several = marks.length > 1;
  const what = `the ${half} half of ${several ? 'each' : 'the'} ${name}`;
  return [
    ...say`Set ${what} in ${called(on)} at its ${several ? 'marks' : 'mark'} ${listed(labels.map((label) => `“${label}”`))}`,
    ...(below === undefined ? [] : say`, ${mm(below)} below the mouth`),
    ...(from ? say`, ${mm(from.distance)} from the ${edgeName(from.edge)}` : []),
    ...(pockets.length > 0
      ? say`, through the front of ${pockets.length > 1 ? 'pockets' : 'pocket'} ${listed(pockets)} only`
      : backed || single
        ? say`, through this one layer only`
        : []),
    ...(backed ? say`, its plate on a scrap of stiff cloth` : []),
    ...(keepClear === undefined ? [] : say`. Keep all stitching ${mm(keepClear)} away`),
    '.',
  ];
}

/** What is tried before the layer closes. */
export function tried({ holders, each, closed, early, fastener }: ActionOf<'tryIn'>, work: Work): Wording {
  if (fastener) {
    const { over, mark, distance, edge } = fastener;
    const on = work.piece(over);
    const label = on.marks.find(({ id }) => id === mark)?.label ?? mark;
    const far = distance === undefined ? [] : say`, ${mm(distance)} from the ${edge ? edgeName(edge) : 'edge'}`;
    return [
      ...say`Pin the work together as it will be, with everything in it, and lay the fastener over ${called(on)}: it must come to lie on the mark “${label}”`,
      ...far,
      ...say`. If it does not, mark where it lies.`,
    ];
  }
  if (closed) return say`Try it on, closed round what it holds.`;
  if (early) return say`Try everything in it before the last seam.`;
  if (holders === undefined) return say`Try everything in it.`;
  if (each) return say`Try what goes into ${listed(holders)} before each row.`;
  return say`Try what goes into ${listed(holders)} before the next seam.`;
}

export const inspections: Record<Inspection, Wording> = {
  halvesFace: say`Look which halves face each other: what is set wrong does not come out again.`,
  notTwisted: say`Look that it is not twisted.`,
  outsideOut: say`Look twice that its outer face will lie outside.`,
  hangsLevel: say`Look that both faces hang level.`,
  sameWay: say`Look that both sliders open towards the same side.`,
  endsMeet: say`Hold front against back: the ends must meet.`,
  reachesPast: say`Look that the raw edges of its linings reach past the seam.`,
  marksLast: say`Look that the marks have not gone under the iron: draw them again where they have.`,
  stopsClear: say`Look that no stop and no slider lies in a seam.`,
  noIron: say`No iron on mesh or film, now or later: it melts.`,
  stopsOff: say`Both ends run into the end seams: take metal stops off where a needle would meet them.`,
  trimmedLater: say`It is longer than it needs to be: park the slider beyond the end seams, and cut the ends off only after both are sewn and the slider is back inside.`,
};
