import { nothing } from '../../derived/constants.ts';
import { byRule, given, product, rounded, sum, times, type Derived, type Rule } from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import { loadOf, sheafSlabs, sheafThings } from '../face-pocket/pocket.ts';
import { hardwareThickness, hardwareWidth } from '../hardware-sizes.ts';
import type { HeldContents, HolderInputs, HolderKind, MeasuredHolder, Segment } from '../holder-kind.ts';
import { choiceParam, paramsShown } from '../params.ts';
import type { Seat } from '../seat.ts';
import { contributeStraps, type PlacedStraps } from './contribute.ts';
import { caughtIn, straps, type Ends } from './ends.ts';
import { besideThing, BESIDE, relaxedOver } from './lengths.ts';
import { strapParams, type HoldStraps, type StrapWay } from './params.ts';

/** Two straps lie clear of each other on so many times their width. */
const CLEAR = given(
  'straps and what is between',
  2.5,
  { kind: 'standard', path: 'straps/clear', source: 'common practice' },
  'ratio',
);
const TURNED = given('fold of an end beyond its stitching', 3, {
  kind: 'standard',
  path: 'straps/turned',
  source: 'common practice',
});
const diagonal: Rule = { id: 'hold-straps', formula: '√(across² + deep²)', source: 'geometry: diagonal' };

/** Whether the straps go round one thing where it is round: what is longer than that would not hold. */
function roundUnder(style: StrapWay, contents: readonly HeldContents[]): boolean {
  const [held] = contents;
  if (contents.length !== 1 || held!.count !== 1 || held!.item.shape !== 'cylinder') return false;
  return style === (held!.line.orientation === 'lying' ? 'upright' : 'parallel');
}

/** From stitching to stitching on the face, were the thing flat. */
function wayOver(style: StrapWay, across: Derived, deep: Derived): Derived {
  if (style === 'crossed')
    return byRule(diagonal, 'corner to corner', Math.hypot(across.value, deep.value), [across, deep]);
  return style === 'upright' ? deep : across;
}

function measure(design: Params, contents: HeldContents[], inputs: HolderInputs): MeasuredHolder<HoldStraps> {
  const { grid, id, pin } = inputs;
  const set = Object.fromEntries(paramsShown(strapParams, design).map(([name]) => [name, design[name]])) as Params;
  const elastic = choiceParam(set, 'elastic', strapParams.elastic);
  const wide = hardwareWidth('elastic, wide', elastic, inputs);
  const thick = hardwareThickness('elastic, thick', elastic, inputs);
  const load = loadOf(design, contents, inputs, nothing);
  const way = choiceParam(set, 'way', strapParams.way);
  const { across, deep } = load;
  const on = {
    elastic: { id: elastic, wide, thick },
    load,
    over: wayOver(way, across, deep),
    round: roundUnder(way, contents),
  };
  const ends = choiceParam(set, 'ends', strapParams.ends);
  const beside = rounded(besideThing(on), grid, 'up');
  // from edge to edge the panel says how long they are
  const span = ends === 'edge' ? beside : pin(`holders/${id}/strapSpan`, beside);
  const relaxed = relaxedOver(on, span);
  // their ends are turned under towards the thing; crossed ones lie askew, and take as much as they are wide
  const end = way === 'crossed' ? wide : TURNED;
  // across the straps they lie beside each other
  const both = product('both straps, clear of each other', [wide, CLEAR]);
  const room = (label: string, side: Derived, along: boolean) => {
    const thing = sum(label, [side, times(2, BESIDE), ...(along ? [times(2, end)] : [])]);
    return along || thing.value > both.value ? thing : both;
  };
  const width = room('thing and straps', across, way !== 'upright');
  const height = room('thing and room', deep, way !== 'parallel');
  const [w, h] = [width.value, height.value];
  return {
    width,
    height,
    slabs: [
      ...sheafSlabs(load.sheaves, w / 2, (h - deep.value) / 2),
      { of: { role: 'pocket' as const }, label: 'elastic', x0: 0, x1: w, y0: 0, y1: h, thickness: thick },
    ],
    stretches: { width: false, height: false },
    sizes: { strapSpan: span, strapRelaxed: relaxed },
    detail: { ...on, way, opens: choiceParam(set, 'opens', strapParams.opens), ends, span, relaxed },
    findings: [],
  };
}

/** From edge to edge of what they lie on, if they are to be caught there and can. */
function onSeat(detail: HoldStraps, seat: Seat): HoldStraps {
  const { rim } = seat.host;
  const within = detail.ends === 'edge' ? caughtIn(detail, seat) : undefined;
  if (!rim || !within) return detail;
  const span = sum('strap, edge to edge', [detail.way === 'upright' ? rim.up : rim.across]);
  return { ...detail, within, span, relaxed: relaxedOver(detail, span) };
}

/** Straps that run from edge to edge lie over the middle: so does the thing. */
function inMiddle<S extends Seat>(seat: S, { way, within }: HoldStraps): S {
  const { host, width, height } = seat;
  if (!within) return seat;
  return way === 'upright'
    ? { ...seat, y: (host.height - height.value) / 2 }
    : { ...seat, x: (host.width - width.value) / 2 };
}

/** Where both halves of a strap meet, across it. */
function meetingOf([[x0, y0], [x1, y1]]: Ends, wide: number): Pick<Segment, 'from' | 'to'> {
  const [x, y] = [(x0 + x1) / 2, (y0 + y1) / 2];
  const along = Math.hypot(x1 - x0, y1 - y0);
  const [dx, dy] = [((y1 - y0) / along) * (wide / 2), ((x1 - x0) / along) * (wide / 2)];
  return { from: [x - dx, y + dy], to: [x + dx, y - dy] };
}

function place({ detail, sizes, slabs }: MeasuredHolder<HoldStraps>, given: Seat, { id }: HolderInputs): PlacedStraps {
  const own = onSeat(detail, given);
  const seat = inMiddle(given, own);
  const { x, y, width, height } = seat;
  const ends = straps(own, seat);
  return {
    id,
    kind: 'hold-straps',
    seat,
    sizes: own === detail ? sizes : { strapSpan: own.span, strapRelaxed: own.relaxed },
    mouths: [],
    stitching: [
      // what runs from edge to edge leaves its seat
      ...(own.within ? [] : ends.map(([from, to], index) => ({ id: `${id}-${index + 1}`, from, to, label: 'strap' }))),
      ...(own.opens === 'middle'
        ? ends.map((strap, index) => ({
            id: `${id}-meets-${index + 1}`,
            ...meetingOf(strap, detail.elastic.wide.value),
            label: 'halves meet',
          }))
        : []),
    ],
    bands: ends.map(([from, to]) => ({ from, to, wide: detail.elastic.wide.value })),
    things: sheafThings(detail.load.sheaves, x + width.value / 2, y + (height.value - detail.load.deep.value) / 2),
    slabs,
    detail: own,
  };
}

/** Two straps of elastic over something that lies on a face. */
export const holdStraps: HolderKind<HoldStraps> = {
  title: 'Hold-down straps',
  params: strapParams,
  rules: [],
  findings: ['straps.notToEdge'],
  seats: ['leaf', 'wall'],
  suits: ({ thickness }) => ({ score: thickness > 12 ? 0.4 : 0.2, why: 'Holds what is thick without a pocket.' }),
  measure,
  place,
  contribute: contributeStraps,
};
