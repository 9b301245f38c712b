import { lower } from '../../errors/first-letter.ts';
import { mm, say, type Wording } from '../../errors/wording.ts';
import { boundsOf } from '../../geometry/outline.ts';
import { edgeName } from '../../pieces/own-piece.ts';
import { turningGapOf } from '../../pieces/piece.ts';
import type { ActionOf } from '../actions/action.ts';
import { foldsOf } from './rows.ts';
import { faces } from './sewn.ts';
import { asideOf, meets } from './ways.ts';
import { called, edgesNamed, piecesIn, type Work } from './words.ts';

/** A size that is looked at. */
export function measured({ what, pieces = [], length, correctAt }: ActionOf<'measure'>, work: Work): Wording {
  if (what === 'scale') return say`Measure the printed test square: ${mm(100)} each way.`;
  if (what === 'cloth') {
    const { width, height } = boundsOf(work.piece(pieces[0]!).stitch);
    return say`Measure the ready-hemmed cloth: it must be ${mm(width)} wide and ${mm(height)} high between its edges. If it is not, pin the size that it has.`;
  }
  return [
    ...say`Measure the ring along its stitch line: ${mm(length ?? 0)}`,
    ...(correctAt ? say`. If it is not, put it right at ${called(work.piece(correctAt))}` : []),
    '.',
  ];
}

const allOf = (count: number): string =>
  count === 1 ? 'the piece' : count === 2 ? 'both pieces' : `all ${count} pieces`;

export function cut({ pieces }: ActionOf<'cut'>, work: Work): Wording {
  const all = pieces.map(work.piece).filter(({ byRuler }) => !byRuler);
  const count = all.reduce((sum, each) => sum + each.count, 0);
  return say`Cut ${allOf(count)} and keep the letters on the wrong sides.`;
}

export const marked = ({ what, pieces }: ActionOf<'mark'>, work: Work): Wording =>
  what === 'middles'
    ? say`Mark the ${pieces.length > 1 ? 'middles' : 'middle'} of ${piecesIn(pieces, work)}.`
    : say`Mark notches, folds, lines and places from the pattern.`;

export function laid({ pieces, onto, facing, at, mouth, down, filled }: ActionOf<'lay'>, work: Work): Wording {
  const where = at === 'marks' ? 'at its marks' : `${meets[at]} meeting`;
  return [
    ...say`Lay ${piecesIn(pieces, work)} on ${called(work.piece(onto))}, ${faces[facing]}, ${where}`,
    ...(mouth ? say`, its top edge to the ${mouth}: that is its mouth` : []),
    ...(down ? say`, its hinge towards the base` : []),
    ...(filled ? say`, with the things in place` : []),
    ...say`, and pin.`,
  ];
}

export const nested = ({ inner, outer, facing, at }: ActionOf<'nest'>, work: Work): Wording =>
  facing === 'right'
    ? say`Put ${piecesIn(inner, work)}, right side out, into ${piecesIn(outer, work)}, wrong side out, so that right sides face. Match the ${meets[at]}.`
    : say`Put ${piecesIn(inner, work)}, wrong side out, into ${piecesIn(outer, work)}, right side out, so that wrong sides face. Match the ${meets[at]}.`;

export function folded({ piece, fold, sides, by, level, opened }: ActionOf<'fold'>, work: Work): Wording {
  const on = work.piece(piece);
  const where = on.folds.some(({ id }) => id === fold) ? `along ${foldsOf(on, [fold])}` : 'in half';
  return [
    ...say`Fold ${called(on)} ${sides} sides together ${where}`,
    ...(by === undefined ? [] : say`, ${mm(by)} of it`),
    ...(level ? say`, equal at both ends` : []),
    ...(opened ? say`, press, and open it again` : []),
    '.',
  ];
}

export function turnedIn({ pieces, edges }: ActionOf<'turnIn'>, work: Work): Wording {
  const [first] = pieces.map(work.piece);
  const deep = first!.allowance[edges[0]!] ?? 0;
  const ends: Record<string, string> = { free: 'free ends', ends: 'ends' };
  return [
    ...say`Turn the ${ends[edges[0]!] ?? edgesNamed(edges)} of ${piecesIn(pieces, work)} in`,
    ...(deep > 0 ? say` by ${mm(deep)}` : []),
    ...say` and press.`,
  ];
}

export function pleated({ piece, pockets, height, guides, fuller }: ActionOf<'pleat'>, work: Work): Wording {
  const on = called(work.piece(piece));
  if (pockets === undefined)
    return say`Fold the pleats of ${on} on their lines towards the sides and baste them along the bottom: it is ${mm(fuller ?? 0)} wider than what lies behind it. At the mouth it stays full.`;
  return say`Press ${on} along its numbered folds, in their order, into ${pockets === 1 ? 'one pocket' : `${pockets} pockets`}: ${mm(height ?? 0)} high between its stitch lines.${guides ? ' Two guides of cardboard help: one as wide as a pocket is deep, one wider by the reveal.' : ''}`;
}

export const clipped = ({ every }: ActionOf<'clip'>): Wording =>
  every === undefined
    ? say`Clip the corners to the stitches, not into them.`
    : say`Clip the curve every ${mm(every)} to the stitches, not into them.`;

export const nicked = ({ piece, every }: ActionOf<'nick'>, work: Work): Wording =>
  say`Nick ${called(work.piece(piece))} every ${mm(every)} round the corners, never into the teeth.`;

export const slitOpen = ({ pieces, to }: ActionOf<'slit'>, work: Work): Wording =>
  say`Slit ${piecesIn(pieces, work)} along the middle of the window, up to ${mm(to)} from its ends, and from there into each corner.`;

export function trimmed({ pieces, to, readyMade }: ActionOf<'trim'>, work: Work): Wording {
  const what = piecesIn(pieces, work);
  const [first] = pieces.map(work.piece);
  if (to === 'corners') return say`Trim the allowances at the corners.`;
  if (to === 'padding') return say`Trim the padding where three pieces meet: it ends at the seam.`;
  if (to === 'even') return say`Trim the allowances evenly.`;
  if (to === 'length')
    return [
      ...say`Cut ${what} to ${mm(boundsOf(first!.stitch).width)}`,
      ...(readyMade === undefined ? [] : say`; a ready-made one of ${mm(readyMade)} can be cut down to it`),
      '.',
    ];
  if (to === 'tape')
    return say`Part a zipper, and cut one tape of it to ${mm(boundsOf(first!.stitch).width)}: ${what}. Keep the other.`;
  const { trim, count } = first!;
  return say`Trim ${count > 1 ? 'each ' : ''}${what} to ${mm(trim!.width.value)} wide and ${mm(trim!.height.value)} high, along the dashed line of the pattern.`;
}

export function turned(
  { pieces, through, side, window, zipper, out = 'right' }: ActionOf<'turn'>,
  work: Work,
): Wording {
  if (window)
    return say`Turn ${piecesIn(pieces, work)} through the window to the other side of ${called(work.piece(through!))}.`;
  const gap = through === undefined ? undefined : turningGapOf(work.piece(through));
  const ways = [
    ...(gap ? [`the gap in the ${edgeName(gap.edge)} of ${called(work.piece(through!))}`] : []),
    ...(zipper ? ['the open zipper'] : []),
    ...(side ? ['a side that is still open'] : []),
  ];
  return [
    ...say`Turn it ${out} side out`,
    ...(ways.length > 0 ? say` through ${ways.join(' and ')}` : []),
    ...(out === 'right' ? say` and push the corners out.` : ['.']),
  ];
}

export const gapClosed = ({ piece }: ActionOf<'closeGap'>, work: Work): Wording => {
  const on = work.piece(piece);
  const gap = turningGapOf(on);
  return say`Turn the edges of the gap in ${gap ? `the ${edgeName(gap.edge)} of ` : ''}${called(on)} in and stitch them to each other.`;
};

export function inserted({ pieces, into, way, clear, high }: ActionOf<'insert'>, work: Work): Wording {
  const [what, where] = [piecesIn(pieces, work), called(work.piece(into))];
  const ways = {
    pushed: say`Push ${what} into ${where}`,
    ownMouth: say`Push ${what} into ${where} through its own mouth`,
    throughGap: say`Slide ${what} in through the gap, behind ${where}`,
    channel: say`Push ${what} into the channel of ${where}, ${mm(high ?? 0)} high. If it does not pass, unpick and stitch higher`,
    upToSeam: say`Lay ${what} into ${where}, up to its seam: no seam goes through it`,
    glued: say`Lay ${what} in behind ${where} and hold it by a line of stitching or glue`,
  };
  return [...ways[way], ...(clear === undefined ? [] : say`, ${mm(clear)} clear of every seam`), '.'];
}

const allowanceWays = {
  open: 'Press the allowances open',
  oneSide: 'Press the allowances to one side',
  otherSide: 'Press the allowances to the other side, so that they nest',
  in: 'Press the allowances of the gap in',
} as const;

export function pressed({ allowances, towards, what }: ActionOf<'press'>, work: Work): Wording {
  const how = towards
    ? `Press the seam towards ${called(work.piece(towards))}`
    : allowances
      ? allowanceWays[allowances]
      : what
        ? `Press the ${what}`
        : 'Press';
  return say`${how}.`;
}

export const sealed = ({ pieces }: ActionOf<'seal'>, work: Work): Wording =>
  say`Seal the ends of ${piecesIn(pieces, work)}, or knot them.`;

export const threaded = ({ piece, both }: ActionOf<'thread'>, work: Work): Wording =>
  both
    ? say`Draw one ${lower(work.piece(piece).name)} all round from the left side and out again there, the other from the right. Knot the ends of each.`
    : say`Draw ${called(work.piece(piece))} all round and knot its ends.`;

export function sliderMoved({ zipper, to, why }: ActionOf<'moveSlider'>, work: Work): Wording {
  const on = called(work.piece(zipper));
  const ways = {
    half: `Open ${on} halfway`,
    open: `Open ${on}`,
    closed: `Close ${on}`,
    middle: `Move the slider of ${on} to the middle`,
    inside: `Move the slider of ${on} within its opening`,
    on: `Put both ends of ${on} into the slider`,
    onOne: `Put one slider on ${on}, its head towards the end that closes`,
    onBoth: `Put two sliders on ${on}, head to head`,
  };
  return say`${ways[to]}${why === 'turning' ? ', or the work cannot be turned' : ''}.`;
}

export const bent = ({ piece, bar, leg }: ActionOf<'bend'>, work: Work): Wording =>
  say`Bend ${called(work.piece(piece))} to ${mm(bar)} along the mouth and ${mm(leg)} at each end, and cap its ends.`;

export const sewnByHand = ({ piece }: ActionOf<'handSew'>, work: Work): Wording =>
  say`Close the end of the channel of ${called(work.piece(piece))} by hand.`;

export const bandFolded = ({ piece, distance }: ActionOf<'foldBand'>, work: Work): Wording =>
  say`Fold ${called(work.piece(piece))} in four along its length, raw edges inside, and stitch both long edges ${mm(distance)} in.`;

export function looped({ piece, hardware, cross }: ActionOf<'loop'>, work: Work): Wording {
  const on = work.piece(piece);
  const each = on.count > 1 ? `each ${called(on)}` : called(on);
  if (cross)
    return say`Fold each end of ${called(on)} round a ${lower(work.nameOf(hardware ?? ''))}, turn it under and stitch it with a box and a cross, twice.`;
  return hardware ? say`Fold ${each} through its ${lower(work.nameOf(hardware))}.` : say`Fold ${each} in half.`;
}

const attachings = {
  cross: ['Stitch the ends of', 'with a box and a cross, twice: they carry the weight'],
  sink: ['Slip the ends of', 'and pin'],
  fold: ['Baste the middle of', 'folded there'],
} as const;

export function attached({ piece, to, how, deep, aside, pointing }: ActionOf<'attach'>, work: Work): Wording {
  const on = work.piece(piece);
  const [begin, end] = attachings[how];
  const each = on.count > 1 ? `each ${called(on)}` : called(on);
  return [
    ...say`${begin} ${each} ${how === 'sink' ? 'in behind' : 'to'} ${piecesIn(to, work)} at ${to.length > 1 ? 'their' : 'its'} ${how === 'fold' ? 'mark' : 'marks'}, ${end}`,
    ...(deep === undefined ? [] : say`, ${mm(deep)} ${how === 'sink' ? 'deep' : 'of it below the mouth'}`),
    ...(aside ? asideOf(aside) : []),
    ...(pointing ? say`, pointing ${pointing}` : []),
    '.',
  ];
}

export const hooksAndLoops = ({ soft, rough }: ActionOf<'hookAndLoop'>, work: Work): Wording =>
  say`Stitch the soft half of the hook-and-loop onto the right side of ${called(work.piece(soft))} and the rough half beneath ${called(work.piece(rough))}, so that it does not scratch the thing.`;
