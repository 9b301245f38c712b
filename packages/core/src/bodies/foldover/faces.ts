import { minus, sum, times, type Derived } from '../../derived/derived.ts';
import type { MeasuredFace } from '../../faces/measure.ts';
import { topstitchInset } from '../../shelves/rules/common-rules.ts';
import type { BodyInputs, Hosts, SizedFace } from '../body-kind.ts';
import { foldGutter, panelSetBack } from '../leaf-rules.ts';
import { LINING, SHELL } from './closing.ts';
import { ACROSS, behind, sides, type Foldover, type LeafSide } from './params.ts';

/** What lies on each face. */
export interface Faces {
  inside: MeasuredFace;
  'left-behind': MeasuredFace;
  'right-behind': MeasuredFace;
  left: MeasuredFace;
  right: MeasuredFace;
  across: MeasuredFace;
  /** On the outside of the front (left) leaf. */
  front: MeasuredFace;
}

const caught = (within: string) => ({ kind: 'caught', within }) as const;

/** The rooms of a bifold: behind its leaves, on them, across the fold and on the outside of the front. */
export function sizedFaces(
  detail: Foldover,
  hostHeight: Derived,
  { inside, ...found }: Faces,
  { rules }: BodyInputs,
  hosts: Hosts,
): SizedFace[] {
  const { leafWidth, spine, liningExtra, liningWidth, shellWidth, height, margin } = detail;
  const panelWidth = sum('note panel, seam to seam', [times(2, leafWidth), spine]);
  const above = [rules.length(topstitchInset), rules.length(panelSetBack)];
  const clear = sum('clear of the edge', above);
  const gutter = rules.length(foldGutter);
  const room = {
    width: sum('leaf beside the gutter', [leafWidth, minus(gutter), minus(margin)]),
    height: sum('leaf below its top margin', [hostHeight, ...above.map(minus), times(-2, margin)]),
  };
  const panel = inside.occupied ? hosts.inside : undefined;
  // a note panel is folded double: its front half is the lower half of the flat piece
  const leafHost = panel
    ? { piece: panel, width: panelWidth.value, height: 2 * hostHeight.value }
    : { piece: LINING, width: liningWidth.value, height: height.value };
  const stitchedOn = { kind: 'stitchedOn' } as const;
  const free = { kind: 'free' } as const;
  // rounded edges are left to the body alone
  const rim = (within: string) => (margin.value > 0 ? stitchedOn : caught(within));
  const lower = { top: stitchedOn, bottom: rim('body/bottom') };
  const leaf = leafWidth.value;
  const edges = {
    left: { ...lower, left: rim('body/left'), right: stitchedOn },
    right: { ...lower, left: stitchedOn, right: rim('body/right') },
  } as const;
  const leafOn = (side: LeafSide) => ({
    host: leafHost,
    room: {
      ...room,
      x: side === 'left' ? margin.value : leafHost.width - room.width.value - margin.value,
      y: margin.value,
      towards: side,
    },
    edges: edges[side],
  });
  return [
    {
      id: 'inside',
      seat: 'inside',
      host: { piece: LINING, width: liningWidth.value, height: height.value },
      room: { x: 0, y: 0, width: panelWidth, height: hostHeight, towards: 'left' },
      edges: {
        left: caught('body/left'),
        right: caught('body/right'),
        bottom: caught('body/bottom'),
        top: { kind: 'free' },
      },
      ...(liningExtra && {
        bottomEase: {
          by: liningExtra,
          between: ['spine-left', 'spine-right'],
          notchesAt: [leaf, panelWidth.value - leaf],
        },
      }),
    },
    ...sides.flatMap((side): SizedFace[] => {
      const own = leafOn(side);
      const isRoom = found[behind(side)].occupied;
      const panel = isRoom ? hosts[behind(side)] : undefined;
      const mouth = side === 'left' ? 'right' : 'left';
      // what lies before a room without a panel is its front, and open at the fold
      const front = isRoom ? { ...own, edges: { ...own.edges, [mouth]: free } } : own;
      return [
        {
          id: behind(side),
          seat: 'behind',
          opens: side === 'left' ? 'right' : 'left',
          ...own,
          edges: { ...own.edges, [mouth]: free },
        },
        { id: side, seat: 'leaf', ...(panel ? onPanelOf(panel, own, above, side) : front) },
      ];
    }),
    {
      id: ACROSS,
      seat: 'across',
      host: { piece: LINING, width: liningWidth.value, height: height.value },
      // its ends are free, clear of the stitching at the edges
      room: {
        ...room,
        x: margin.value + clear.value,
        y: margin.value,
        width: sum('between both edges', [liningWidth, ...[clear, margin].map((each) => times(-2, each))]),
        height: sum('lining below its top margin', [height, ...above.map(minus), times(-2, margin)]),
        towards: 'middle',
      },
      edges: { left: free, right: free, bottom: free, top: free },
      fold: [leaf, liningWidth.value - leaf],
      spine: sum('lining across the fold', liningExtra ? [spine, liningExtra] : [spine]),
    },
    {
      id: 'front',
      seat: 'wall',
      host: { piece: SHELL, width: shellWidth.value, height: height.value },
      room: {
        ...room,
        height: sum('front below its top margin', [height, ...above.map(minus), times(-2, margin)]),
        // the shell is drawn right side up: the front leaf is on its right
        x: shellWidth.value - margin.value - room.width.value,
        y: margin.value,
        towards: 'middle',
      },
      edges: { left: stitchedOn, right: rim('body/left'), bottom: rim('body/bottom'), top: { kind: 'free' } },
    },
  ];
}

/** A leaf on the panel of the room behind it, which is folded double: clear of its mouth and of its upper edge. */
function onPanelOf(
  piece: string,
  { room, edges }: Pick<SizedFace, 'room' | 'edges'>,
  clear: readonly Derived[],
  side: LeafSide,
): Pick<SizedFace, 'host' | 'room' | 'edges'> {
  const width = 2 * room.width.value;
  const own = {
    ...room,
    y: 0,
    width: sum('panel beside its mouth', [room.width, ...clear.map(minus)]),
    height: sum('panel below its upper edge', [room.height, ...clear.map(minus)]),
  };
  return {
    host: { piece, width, height: room.height.value },
    room: { ...own, x: side === 'left' ? 0 : width - own.width.value },
    edges,
  };
}
