import { byRule, given, product, sum, times, type Addend, type Derived, type Rule } from '../derived/derived.ts';
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
 * @param at path of the arrangement in its design
 * @returns where every holder lies; slack goes by the group's policy, and a holder only takes the room it stretches into */
export function arrange(
  arrangement: Arrangement,
  room: Room,
  holders: MeasuredHolders,
  at = 'faces',
): Map<string, Room> {
  if (arrangement.kind === 'holder') return arrangeHolder(arrangement.id, room, holders);
  const shared = shareOut(arrangement, room, holders, at);
  return new Map(
    shared.flatMap(([child, part], index) => [...arrange(child, part, holders, `${at}/children/${index}`)]),
  );
}

/** Which share of the room that is left over lies on the left. */
const asideBy = { left: 0, middle: 0.5, right: 1 } as const;

function arrangeHolder(id: string, room: Room, holders: MeasuredHolders): Map<string, Room> {
  const holder = holders.get(id);
  if (!holder) return new Map();
  const width = holder.stretches.width ? room.width : holder.width;
  const height = holder.stretches.height ? room.height : holder.height;
  const x = room.x + asideBy[holder.lies ?? room.towards] * (room.width.value - width.value);
  return new Map([[id, { ...room, x, width, height }]]);
}

/** How a holder shares a row or column with others. All mm. */
export interface SharedRoom {
  /** Which way they lie beside each other. */
  axis: 'x' | 'y';
  /** Which of them it is, from 0. */
  index: number;
  /** What each of them needs, and has. */
  least: number[];
  sizes: number[];
  /** Where its own room ends, on the face. */
  end: number;
  /** What is left over when all have what they need. */
  slack: number;
}

/** What every holder that lies in a row or column shares with those beside it. */
export function sharedRooms(arrangement: Arrangement, room: Room, holders: MeasuredHolders): Map<string, SharedRoom> {
  if (arrangement.kind === 'holder') return new Map();
  const along = arrangement.kind === 'row' ? 'width' : 'height';
  const shared = shareOut(arrangement, room, holders, '');
  const least = shared.map(([child]) => leastSize(along, child, holders).value);
  const sizes = shared.map(([, part]) => part[along].value);
  const gaps = Math.max(0, shared.length - 1) * arrangement.gap;
  const slack = room[along].value - gaps - least.reduce((total, size) => total + size, 0);
  return new Map(
    shared.flatMap(([child, part], index): [string, SharedRoom][] => {
      if (child.kind !== 'holder') return [...sharedRooms(child, part, holders)];
      const axis = arrangement.kind === 'row' ? 'x' : 'y';
      return [[child.id, { axis, index, least, sizes, end: part[axis] + sizes[index]!, slack }]];
    }),
  );
}

function shareOut(group: ArrangementGroup, room: Room, holders: MeasuredHolders, path: string): [Arrangement, Room][] {
  const { kind, gap, children, share } = group;
  const along = kind === 'row' ? 'width' : 'height';
  const least = children.map((child, index) => leastSize(along, child, holders, `${path}/children/${index}`));
  const between = given('gap', gap, { kind: 'document', path: `${path}/gap` });
  const gaps = times(-Math.max(0, children.length - 1), between);
  const slack = sum('room left over', [room[along], gaps, ...least.map((size): Addend => ({ times: -1, of: size }))]);
  let at = kind === 'row' ? room.x : room.y;
  if (kind === 'row' && share === 'keep') at += asideBy[room.towards] * Math.max(0, slack.value);
  return children.map((child, index) => {
    const size = withSlack[share](least, index, slack, group);
    const part: Room = kind === 'row' ? { ...room, x: at, width: size } : { ...room, y: at, height: size };
    at += size.value + gap;
    return [child, part];
  });
}

const shareRule: Rule = {
  id: 'channels',
  formula: 'its part of the room that is left over, as the group shares it',
  source: 'set in this design',
};
const ratio = (value: number): Derived => byRule(shareRule, 'share', value, [], 'ratio');

const withShare = (least: Derived, slack: Derived, share: number): Derived =>
  sum('with its share', [least, product('share of the room', [slack, ratio(share)])]);

/** How each policy shares the slack among the least sizes. */
type Share = (least: Derived[], index: number, slack: Derived, group: ArrangementGroup) => Derived;

const withSlack: Record<SharePolicy, Share> = {
  keep: (least, index) => least[index]!,
  equal: (least, index, slack) => withShare(least[index]!, slack, 1 / least.length),
  proportional: (least, index, slack) => {
    const all = least.reduce((total, { value }) => total + value, 0);
    const share = all > 0 ? least[index]!.value / all : 1 / least.length;
    return withShare(least[index]!, slack, share);
  },
  last: (least, index, slack) => takenBy(least.length - 1, least, index, slack),
  named: (least, index, slack, { taker = 0 }) => takenBy(Math.min(taker, least.length - 1), least, index, slack),
  set: (least, index, slack, { parts = [] }) => {
    const all = parts.length === least.length ? parts.reduce((total, part) => total + part, 0) : 0;
    return withShare(least[index]!, slack, all > 0 ? parts[index]! / all : 1 / least.length);
  },
};

const takenBy = (taker: number, least: Derived[], index: number, slack: Derived): Derived =>
  index === taker ? sum('with all that is left', [least[index]!, slack]) : least[index]!;
