import { given, product, sum, times, type Addend, type Derived } from '../derived/derived.ts';
import type { Arrangement, ArrangementGroup, SharePolicy } from '../document/design-document.ts';
import { leastSize, type MeasuredHolders } from './measure.ts';

/** Room for an arrangement, mm on the face. */
export interface Room {
  x: number;
  y: number;
  width: Derived;
  height: Derived;
  /** Where holders go when they do not take all the width. */
  towards: 'left' | 'right' | 'middle';
}

/** Shares out a face from the outside in.
 * @returns where every holder lies; slack goes by the group's policy, and a holder only takes the room it stretches into */
export function arrange(arrangement: Arrangement, room: Room, holders: MeasuredHolders): Map<string, Room> {
  if (arrangement.kind === 'holder') return arrangeHolder(arrangement.id, room, holders);
  return new Map(shareOut(arrangement, room, holders).flatMap(([child, part]) => [...arrange(child, part, holders)]));
}

/** Which share of the room that is left over lies on the left. */
const asideBy = { left: 0, middle: 0.5, right: 1 } as const;

function arrangeHolder(id: string, room: Room, holders: MeasuredHolders): Map<string, Room> {
  const holder = holders.get(id);
  if (!holder) return new Map();
  const width = holder.stretches.width ? room.width : holder.width;
  const height = holder.stretches.height ? room.height : holder.height;
  const x = room.x + asideBy[room.towards] * (room.width.value - width.value);
  return new Map([[id, { ...room, x, width, height }]]);
}

function shareOut(group: ArrangementGroup, room: Room, holders: MeasuredHolders): [Arrangement, Room][] {
  const { kind, gap, children, share, taker } = group;
  const along = kind === 'row' ? 'width' : 'height';
  const least = children.map((child) => leastSize(along, child, holders));
  const between = given('gap', gap, { kind: 'document', path: 'faces/gap' });
  const gaps = times(-Math.max(0, children.length - 1), between);
  const slack = sum('room left over', [room[along], gaps, ...least.map((size): Addend => ({ times: -1, of: size }))]);
  let at = kind === 'row' ? room.x : room.y;
  if (kind === 'row' && share === 'keep') at += asideBy[room.towards] * Math.max(0, slack.value);
  return children.map((child, index) => {
    const size = withSlack[share](least, index, slack, taker);
    const part: Room = kind === 'row' ? { ...room, x: at, width: size } : { ...room, y: at, height: size };
    at += size.value + gap;
    return [child, part];
  });
}

const ratio = (value: number): Derived => given('share', value, { kind: 'document', path: 'faces/share' }, 'ratio');

/** How each policy shares the slack among the least sizes. */
type Share = (least: Derived[], index: number, slack: Derived, taker?: number) => Derived;

const withSlack: Record<SharePolicy, Share> = {
  keep: (least, index) => least[index]!,
  equal: (least, index, slack) =>
    sum('with its share', [least[index]!, product('share of the room', [slack, ratio(1 / least.length)])]),
  proportional: (least, index, slack) => {
    const all = least.reduce((total, { value }) => total + value, 0);
    const share = all > 0 ? least[index]!.value / all : 1 / least.length;
    return sum('with its share', [least[index]!, product('share of the room', [slack, ratio(share)])]);
  },
  last: (least, index, slack) => takenBy(least.length - 1, least, index, slack),
  named: (least, index, slack, taker = 0) => takenBy(Math.min(taker, least.length - 1), least, index, slack),
};

const takenBy = (taker: number, least: Derived[], index: number, slack: Derived): Derived =>
  index === taker ? sum('with all that is left', [least[index]!, slack]) : least[index]!;
