import { given, sum, times } from '../../derived/derived.ts';
import { panelOutline } from '../../geometry/panel.ts';
import { contribution, type Contribution } from '../../pieces/contribution.ts';
import type { PieceDraft } from '../../pieces/piece.ts';
import { linesOf, onePile, type Ring, type RoomWall } from '../../pieces/room.ts';
import { idsOf, edgePart, wholeEdge, type Seam } from '../../pieces/seam.ts';
import type { Action } from '../../sewing/actions/action.ts';
import type { HolderInputs, PlacedHolder } from '../holder-kind.ts';
import { pocketEase } from '../face-pocket/patch.ts';
import { zipperFor } from '../zip-pocket/zipper.ts';
import type { DividerPouch } from './pouch.ts';
import { dividerAbove } from './rules.ts';
import { shallowCorner } from '../../pieces/shallow-corner.ts';
import { seamAllowance, topstitchInset } from '../../shelves/rules/common-rules.ts';

type Placed = PlacedHolder<DividerPouch, 'pouch'>;

/** Two panels, lined or not, zipped along the top and boxed at the bottom; their sides are caught in the side seams of the bag. */
export function contributePouch({ id, seat, detail }: Placed, inputs: HolderInputs): Contribution {
  const { rules } = inputs;
  const { inner } = seat;
  const own = `holders/${id}`;
  const seam = rules.length(seamAllowance);
  const { panel, halfDepth, opening } = detail;
  const [w, h, notch] = [seat.width.value, panel.value, halfDepth.value];
  const stitch = panelOutline({ width: w, height: h, taper: 0, notch });
  const [front, back] = [`${own}/pouch-front`, `${own}/pouch-back`];
  const linings = detail.lined ? { [front]: `${own}/lining-front`, [back]: `${own}/lining-back` } : {};
  const layers = [[front, back], ...(detail.lined ? [[linings[front]!, linings[back]!]] : [])] as [string, string][];
  const draft = (piece: string, name: string): PieceDraft => ({
    id: piece,
    name,
    role: 'pocket',
    stitch,
    width: seat.width,
    height: sum('pouch, zipper to bottom line', [panel]),
    allowance: Object.fromEntries(stitch.map((edge) => [edge.id, seam])),
    spans: { across: ['left', 'right'], up: ['bottom', 'mouth'] },
    topArrow: true,
  });
  const beyond = given('tape beside the opening', 12, {
    kind: 'standard',
    path: 'pouch/tape',
    source: 'common practice',
  });
  const zipper = zipperFor(own, opening, beyond, inputs);
  const [from, to] = [(w - opening.value) / 2, (w + opening.value) / 2];
  const zip: Seam[] = [
    { id: `${own}#zipper-front`, kind: 'sewn', a: zipper.tape('bottom'), b: edgePart(front, 'mouth', from, to, true) },
    { id: `${own}#zipper-back`, kind: 'sewn', a: zipper.tape('top'), b: edgePart(back, 'mouth', from, to) },
  ];
  const corner = (piece: string, side: 'right' | 'left', name: string): Seam => ({
    id: `${piece}#corner-${side}-${name}`,
    kind: 'sewn',
    a: wholeEdge(piece, side === 'right' ? 'notch-right-up' : 'notch-left-in'),
    b: wholeEdge(piece, side === 'right' ? 'notch-right-out' : 'notch-left-down', true),
  });
  const bag = ([one, other]: [string, string], name: string): Seam[] => [
    { id: `${own}#${name}`, kind: 'sewn', a: wholeEdge(one, 'bottom'), b: wholeEdge(other, 'bottom', true) },
    corner(one, 'right', 'front'),
    corner(one, 'left', 'front'),
    corner(other, 'right', 'back'),
    corner(other, 'left', 'back'),
  ];
  const pouch = layers.flatMap((pair, index) => bag(pair, index === 0 ? 'bottom' : 'lining-bottom'));
  // the lining lies on the other side of the tape
  const linedZip = Object.entries(linings).map(([piece, lining]): Seam => {
    const [start, end, reversed] = piece === front ? [from, to, true] : [from, to, false];
    return {
      id: `${lining}#mouth`,
      kind: 'caught',
      within: `${own}#zipper-${piece === front ? 'front' : 'back'}`,
      a: edgePart(lining, 'mouth', start, end, reversed),
      b: edgePart(piece, 'mouth', start, end, reversed),
    };
  });
  const length = h - notch;
  const lowest = inner.depth.value - rules.length(dividerAbove).value;
  const caught = (['left', 'right'] as const).flatMap((side) =>
    layers.flat().map((piece, at): Seam => {
      const index = at % 2;
      // a back is drawn right side up: its left edge is on the right, seen from the front
      const edge = index === 0 ? side : side === 'left' ? 'right' : 'left';
      return {
        id: `${piece}#${side}`,
        ...(inner.seams ? { kind: 'caught', within: inner.seams[side] } : { kind: 'stitchedOn' }),
        a: wholeEdge(piece, edge, edge === 'left'),
        b: inner.side(side, index === 0 ? 'front' : 'back', lowest - length, lowest),
      };
    }),
  );
  const inset = rules.length(topstitchInset).value;
  const flat = pouch.filter((seam) => !seam.id.includes('#corner-'));
  const corners = pouch.filter((seam) => seam.id.includes('#corner-'));
  const all = layers.flat();
  const base = sum('pouch, deep', [times(2, halfDepth)]);
  return contribution({
    pieces: [
      draft(front, `Divider pouch ${id}, front`),
      draft(back, `Divider pouch ${id}, back`),
      ...(detail.lined
        ? [
            draft(linings[front]!, `Divider pouch ${id}, lining, front`),
            draft(linings[back]!, `Divider pouch ${id}, lining, back`),
          ]
        : []),
      zipper.piece,
    ],
    joins: [...zip, ...linedZip, ...pouch, ...caught],
    rooms: [
      {
        id: `${own}/1`,
        holds: linesOf(detail.load.sheaves),
        rings: [pouchRing(own, [front, back], detail.lined)],
        stands: onePile(detail.load.sheaves),
        shut: true,
        hangs: true,
        opening: { piece: front, seam: `${own}#zipper-front`, side: 'b' },
        ease: pocketEase(inputs),
      },
    ],
    hardware: zipper.hardware,
    findings: shallowCorner(`bottom of pouch ${id}`, base, seam, own),
    operations: [
      {
        id: `${own}/zipper`,
        phase: 'pockets',
        needs: [],
        title: `Sew the zipper of pouch ${id}`,
        actions: [
          { verb: 'turnIn', pieces: [zipper.piece.id], edges: ['ends'] },
          // the linings lie on the other side of the tape
          ...(detail.lined ? [{ verb: 'baste', seams: idsOf(linedZip) } as const] : []),
          { verb: 'sew', seams: idsOf(zip), meet: 'middles' },
          { verb: 'press', pieces: all },
          ...[front, back].map((piece): Action => ({ verb: 'topstitch', piece, place: 'zipper', distance: inset })),
        ],
      },
      {
        id: `${own}/pouch`,
        phase: 'pockets',
        needs: [`${own}/zipper`],
        title: `Sew and box pouch ${id}`,
        actions: [
          { verb: 'moveSlider', zipper: zipper.piece.id, to: 'half', ...(detail.lined && { why: 'turning' }) },
          { verb: 'sew', seams: idsOf(flat) },
          { verb: 'box', seams: idsOf(corners), onto: 'bottomOnSide' },
          ...(detail.lined
            ? [
                { verb: 'turn', pieces: all, side: true } as const,
                { verb: 'insert', pieces: all.slice(2), into: front, way: 'pushed' } as const,
              ]
            : []),
        ],
      },
      {
        id: `${own}/hang`,
        phase: 'pockets',
        needs: [`${own}/pouch`],
        title: `Hang pouch ${id} in`,
        actions: [
          inner.seams
            ? {
                verb: 'baste',
                seams: idsOf(caught),
                facing: 'wrongToRight',
                aside: { distance: inner.depth.value - lowest, of: 'base' },
              }
            : { verb: 'edgestitch', seams: idsOf(caught), aside: { distance: inner.depth.value - lowest, of: 'base' } },
        ],
      },
    ],
  });
}

/** Front and back hang in the same side seams. */
const pouchRing = (own: string, pieces: readonly [front: string, back: string], lined: boolean): Ring => ({
  walls: pieces.map((piece, index): RoomWall => {
    const [left, right] = index === 0 ? ['left', 'right'] : ['right', 'left'];
    return {
      piece,
      left: { seam: `${piece}#${left}`, side: 'a' },
      right: { seam: `${piece}#${right}`, side: 'a' },
      base: { seam: `${own}#bottom`, side: index === 0 ? 'a' : 'b' },
      mouth: { edge: 'mouth' },
      ...(lined && { double: true }),
    };
  }),
  corners: [
    ...['right', 'left'].map((side) => `${pieces[0]}#corner-${side}-front`),
    ...['right', 'left'].map((side) => `${pieces[1]}#corner-${side}-back`),
  ],
});
