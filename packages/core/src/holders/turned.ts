import type { Params } from '../document/design-document.ts';
import type { HostEdit } from '../pieces/contribution.ts';
import type { RunPart } from '../pieces/seam.ts';
import type { Point } from '../geometry/perimeter.ts';
import type { Action } from '../sewing/actions/action.ts';
import type { HolderKind, MeasuredHolder, ParamSpec, PlacedHolder } from './holder-kind.ts';
import { choiceParam } from './params.ts';
import { hostPart, type Host, type Seat, type Side } from './seat.ts';
import type { Slab } from './slab.ts';

/** Where a mouth looks. */
export type MouthWay = 'up' | 'left' | 'right';
/** Of one that is turned on its side. */
type Aside = Exclude<MouthWay, 'up'>;

const mouthWay = {
  kind: 'choice',
  title: 'Mouth',
  standard: 'up' as MouthWay,
  choices: [
    { id: 'up' as MouthWay, title: 'up', why: 'What is in it stands, and does not fall out.' },
    {
      id: 'left' as MouthWay,
      title: 'to the left',
      why: 'Things go in from that side: towards a fold they cannot slip out.',
    },
    {
      id: 'right' as MouthWay,
      title: 'to the right',
      why: 'Things go in from that side: towards a fold they cannot slip out.',
    },
  ],
} as const satisfies ParamSpec;

/** A holder as it is seen with its mouth up, and where that really looks. */
export type Turned<Detail> = Detail & {
  turned: {
    way: MouthWay;
    own: MeasuredHolder<Detail> | PlacedHolder<Detail>;
  };
};

/** A family that sits on a face, with a mouth that may look to a side: it is measured, placed and sewn as if its mouth looked up, on a
 * face that is turned.
 * @param when whether it can be turned, as it is set; default it can */
export function turnable<Detail>(
  family: HolderKind<Detail>,
  when: (params: Params) => boolean = () => true,
): HolderKind<Turned<Detail>> {
  const { measure, place, contribute, mouthHandle, ...rest } = family;
  const upright = ({ detail }: PlacedHolder<Turned<Detail>>) => detail.turned.own as PlacedHolder<Detail>;
  return {
    ...rest,
    params: { ...family.params, mouth: { ...mouthWay, when } },
    measure(params, contents, inputs) {
      const way = when(params) ? choiceParam(params, 'mouth', mouthWay) : 'up';
      const own = measure(params, contents, inputs);
      const detail = { ...own.detail, turned: { way, own } };
      if (way === 'up') return { ...own, detail };
      const { width, height, slabs, stretches } = own;
      const size = { width: width.value, height: height.value };
      return {
        ...own,
        width: height,
        height: width,
        slabs: slabs.map((slab) => turnedSlab(slab, way, size)),
        stretches: { width: stretches.height, height: stretches.width },
        lies: way === 'left' ? 'right' : 'left',
        detail,
      };
    },
    place(measured, seat, inputs) {
      const { way, own } = measured.detail.turned;
      const made = own as MeasuredHolder<Detail>;
      if (way === 'up') {
        const placed = place(made, seat, inputs);
        return { ...placed, detail: { ...placed.detail, turned: { way, own: placed } } };
      }
      return asItLies(place(made, turnedSeat(seat, way), inputs), seat, way);
    },
    contribute(placed, inputs) {
      const { way } = placed.detail.turned;
      const made = contribute(upright(placed), inputs);
      if (way === 'up') return made;
      const { host } = placed.seat;
      const back = onHost(host, way);
      return {
        ...made,
        operations: made.operations.map((operation) =>
          operation.id === `holders/${placed.id}/set`
            ? { ...operation, actions: operation.actions.map((action) => withWay(action, way)) }
            : operation,
        ),
        hostEdits: made.hostEdits.map((edit) => (edit.piece === host.piece ? turnedEdit(edit, back) : edit)),
      };
    },
    ...(mouthHandle && { mouthHandle: (placed) => mouthHandle(upright(placed)) }),
  };
}

/** Laid on its marks, its mouth looks to a side. */
const withWay = (action: Action, way: Aside): Action => (action.verb === 'lay' ? { ...action, mouth: way } : action);

type Size = { width: number; height: number };

/** From a place on the turned host to the place on the host. */
const onHost =
  ({ width, height }: Size, way: Aside) =>
  ([u, v]: Point): Point =>
    way === 'right' ? [v, height - u] : [width - v, u];

/** Which side of the host lies where, on the turned one. */
const sideOf: Record<Aside, Record<Side, Side>> = {
  right: { left: 'top', right: 'bottom', bottom: 'left', top: 'right' },
  left: { left: 'bottom', right: 'top', bottom: 'right', top: 'left' },
};

/** A host turned so that the mouths on it look up. */
function turnedHost(host: Host, way: Aside): Host {
  const { piece, width, height } = host;
  return {
    piece,
    width: height,
    height: width,
    run(side, from, to): RunPart {
      // along two of its sides the turned host is walked the other way
      const along = side === 'bottom' || side === 'top';
      const against = way === 'right' ? along : !along;
      if (!against) return hostPart(host, sideOf[way][side], from, to);
      const whole = along ? height : width;
      const { reversed = false, ...part } = hostPart(host, sideOf[way][side], whole - to, whole - from);
      return reversed ? part : { ...part, reversed: true };
    },
  };
}

/** A seat as it is on the turned host. */
function turnedSeat<S extends Seat>(seat: S, way: Aside): S {
  const { host, x, y, width, height, edges } = seat;
  // beside the edge of its face its sides are sewn on, all but its mouth
  const fate = (side: Side) => {
    const own = edges[sideOf[way][side]];
    return own.kind === 'free' && side !== 'top' ? ({ kind: 'stitchedOn' } as const) : own;
  };
  return {
    ...seat,
    host: turnedHost(host, way),
    x: way === 'right' ? host.height - y - height.value : y,
    y: way === 'right' ? x : host.width - x - width.value,
    width: height,
    height: width,
    edges: { left: fate('left'), right: fate('right'), bottom: fate('bottom'), top: fate('top') },
  };
}

type Box = Pick<Slab, 'x0' | 'x1' | 'y0' | 'y1'>;

const turnedBox = ({ x0, x1, y0, y1 }: Box, at: (place: Point) => Point): Box => {
  const [[a, b], [c, d]] = [at([x0, y0]), at([x1, y1])];
  return { x0: Math.min(a, c), x1: Math.max(a, c), y0: Math.min(b, d), y1: Math.max(b, d) };
};

/** @param size of what it lies on, with the mouth up, mm */
const turnedSlab = (slab: Slab, way: Aside, { width, height }: Size): Slab => ({
  ...slab,
  ...turnedBox(slab, onHost({ width: height, height: width }, way)),
});

/** A holder that was placed with its mouth up, as it lies on its host. */
function asItLies<Detail>(placed: PlacedHolder<Detail>, seat: Seat, way: Aside): PlacedHolder<Turned<Detail>> {
  const at = onHost(seat.host, way);
  const own = placed.seat;
  const room = turnedBox({ x0: own.x, x1: own.x + own.width.value, y0: own.y, y1: own.y + own.height.value }, at);
  const size = { width: own.width.value, height: own.height.value };
  return {
    ...placed,
    seat: { ...seat, x: room.x0, y: room.y0, width: own.height, height: own.width },
    mouths: placed.mouths.map(({ y, bottom, x0, x1, ...mouth }) => {
      const box = turnedBox({ x0, x1, y0: bottom, y1: y }, at);
      return { ...mouth, y: box.y1, bottom: box.y0, x0: box.x0, x1: box.x1, towards: way };
    }),
    stitching: placed.stitching.map((line) => ({ ...line, from: at(line.from), to: at(line.to) })),
    ...(placed.bands && {
      bands: placed.bands.map((band) => ({ ...band, from: at(band.from), to: at(band.to) })),
    }),
    things: placed.things.map((thing) => {
      const { x, y, width, height } = thing;
      const box = turnedBox({ x0: x, x1: x + width, y0: y, y1: y + height }, at);
      return { ...thing, x: box.x0, y: box.y0, width: height, height: width };
    }),
    slabs: placed.slabs.map((slab) => turnedSlab(slab, way, size)),
    detail: { ...placed.detail, turned: { way, own: placed } },
  };
}

const turnedEdit = ({ marks, lines, ...edit }: HostEdit, at: (place: Point) => Point): HostEdit => ({
  ...edit,
  ...(marks && { marks: marks.map((mark) => ({ ...mark, at: at(mark.at) })) }),
  ...(lines && { lines: lines.map((line) => ({ ...line, from: at(line.from), to: at(line.to) })) }),
});
