import { sum } from '../../derived/derived.ts';
import { roundedRectangle } from '../../geometry/outline.ts';
import { contribution, type Contribution } from '../../pieces/contribution.ts';
import { patch } from '../../pieces/patch.ts';
import type { PieceDraft, StitchLine } from '../../pieces/piece.ts';
import { faceLine, wholeEdge, type Seam } from '../../pieces/seam.ts';
import { asCut, strip } from '../../pieces/strip.ts';
import { zipperFor } from '../../holders/zip-pocket/zipper.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { boxPieces } from '../box/outlines.ts';
import { boxDraft, boxSeams, layers, type Layer } from '../box/pieces.ts';
import { ringBinding } from '../gusset-ring/binding.ts';
import { panelPiece, platePiece, ringPieces, tightCorner } from '../gusset-ring/pieces.ts';
import { gussetSeams, ringRims, roundSeams, zipSeams } from '../gusset-ring/seams.ts';
import { middleGap } from '../turning-gap.ts';
import { bandPieces, bandSeams } from './bands.ts';
import { operations, type MadeSeams } from './operations.ts';
import { outerNames, type FoldOut, type Organizer } from './params.ts';
import { FRAME_WIRE, wireOf } from './plan.ts';
import { seamAllowance } from '../../shelves/rules/common-rules.ts';

/** A lined box of five panels, bands with a frame and a zipper round its mouth, and a pocket that folds out in front, or there and at the
 * back. */
export function contributeOrganizer({ detail }: SizedBody<Organizer>, inputs: BodyInputs): Contribution {
  const { outers, frame } = detail;
  const { rules, stacks } = inputs;
  const bindings = outers.map((outer) => ringBinding(outer, `Binding of the ${outerNames[outer.wall].called}`, inputs));
  const zippers = outers.map((outer) => outerZipper(outer, inputs));
  const walls = layers.map((layer) => [layer, boxPieces(detail[layer], 'five')] as const);
  const seams: MadeSeams = {
    shell: boxSeams('shell', walls[0]![1]),
    lining: boxSeams('lining', walls[1]![1]),
    bands: bandSeams(detail),
    outers: outers.map((outer, index) => ({
      zip: zipSeams(outer),
      gusset: gussetSeams(outer),
      round: roundSeams(outer),
      onWall: onWallSeams(outer),
      zipper: zippers[index]!.seams,
      bound: bindings[index]!.seams,
    })),
  };
  return contribution({
    pieces: [
      ...walls.flatMap(([layer, pieces]) =>
        pieces.map((piece) =>
          withLines(boxDraft(layer, piece, detail[layer], rules.length(seamAllowance)), detail, inputs),
        ),
      ),
      ...layers.flatMap((layer) => bandPieces(detail, layer, rules)),
      plate('body/base-plate', 'Firm base', detail.plate.width, detail.plate.depth),
      strip({
        id: 'body/frame',
        name: 'Frame wire',
        cutFrom: FRAME_WIRE,
        length: frame.length,
        width: wireOf(inputs),
        count: 2,
        note: 'Bend both ends at right angles; blunt and cap them.',
      }),
      ...outers.flatMap((outer, index) => [
        ...outerPieces(outer, inputs),
        zippers[index]!.piece,
        bindings[index]!.piece,
      ]),
    ],
    joins: [
      ...seams.shell,
      ...seams.lining,
      ...seams.bands,
      ...seams.outers.flatMap((outer) => Object.values(outer).flat()),
    ],
    hardware: [
      { id: FRAME_WIRE, count: 2, length: 2 * frame.length.value },
      ...zippers.flatMap(({ hardware }) => hardware),
      ...bindings.map(({ hardware }) => hardware),
    ],
    operations: operations(detail, seams, inputs),
    // both have the same corners
    findings: outers.slice(0, 1).flatMap(({ radius }) => tightCorner(radius, stacks.exterior)),
  });
}

const plate = (id: string, name: string, width: PieceDraft['width'], height: PieceDraft['height']): PieceDraft =>
  patch({ id, name, role: 'base', width, height, seam: asCut, note: 'Round its corners off.' });

/** Marks and gaps that a wall has besides being a wall. */
function withLines(draft: PieceDraft, detail: Organizer, { rules }: BodyInputs): PieceDraft {
  const { shell, lining, outers, divided } = detail;
  const [, layer, wall] = /^body\/(shell|lining)-(.*)$/.exec(draft.id) as unknown as [string, Layer, string];
  const outer = layer === 'shell' && outers.find((each) => each.wall === wall);
  if (outer) return { ...draft, lines: outlineOnWall(outer) };
  if (layer === 'lining' && wall === 'base') {
    return { ...draft, gaps: [middleGap('base/back', draft.width.value, rules)] };
  }
  if (wall !== 'left' && wall !== 'right') return draft;
  const middle = shell.depth.value / 2;
  const notches = [{ id: 'middle', edge: `${wall}/top`, at: middle }];
  if (layer === 'shell' || !divided) return { ...draft, notches };
  const down: StitchLine = {
    id: 'middle',
    from: [middle, lining.height.value],
    to: [middle, 0],
    label: 'sides of the divider pouch',
  };
  return { ...draft, notches, lines: [down] };
}

type StraightSide = 'bottom' | 'right' | 'top' | 'left';
const straightSides = ['bottom', 'right', 'top', 'left'] as const;

/** Where the straight sides of an outer pocket lie on its wall. */
function outlineOnWall({ wall, at, length, width, radius }: FoldOut): StitchLine[] {
  const { key, called } = outerNames[wall];
  const sides = roundedRectangle(length.value, width.value, radius.value);
  return straightSides.map((side: StraightSide) => {
    const { from, to } = sides.find(({ id }) => id === side)!;
    const on = ([x, y]: readonly [number, number]): [number, number] => [x + at.x, y + at.y];
    return { id: `${key}-${side}`, from: on(from), to: on(to), label: `${side} of the ${called}` };
  });
}

const onWallSeams = ({ own, wall }: FoldOut): Seam[] =>
  straightSides.map((side) => ({
    id: `${own}/back#${side}`,
    kind: 'stitchedOn',
    a: wholeEdge(`${own}/back`, side),
    b: faceLine(`body/shell-${wall}`, `${outerNames[wall].key}-${side}`),
  }));

function outerPieces(outer: FoldOut, { rules }: BodyInputs): PieceDraft[] {
  const seam = rules.length(seamAllowance);
  const titles = { lid: 'flap', base: outer.wall };
  const { title } = outerNames[outer.wall];
  return [
    panelPiece(
      outer,
      {
        layer: 'shell',
        id: outer.panel('shell', 'lid'),
        name: `${title}, flap`,
        note: 'It folds out head down: lay a directional print upside down if it is to be read while the pocket is open.',
      },
      seam,
    ),
    panelPiece(outer, { layer: 'lining', id: outer.panel('lining', 'lid'), name: `${title}, flap lining` }, seam),
    panelPiece(outer, { layer: outer.back, id: outer.panel('shell', 'base'), name: `${title}, back` }, seam),
    ...ringPieces(outer, { layer: 'shell', name: title, titles }, rules),
    ...ringPieces(outer, { layer: 'lining', name: `${title} lining`, titles }, rules),
    platePiece(outer, {
      id: `${outer.own}/stiffener`,
      name: outer.wall === 'front' ? 'Stiffener of the flap' : 'Stiffener of the rear flap',
      note: 'Smaller than the flap by the seam all round: no needle goes through it.',
    }),
  ];
}

/** Fine, by the length, caught between the two strips of the gusset. */
function outerZipper(outer: FoldOut, inputs: BodyInputs) {
  const seam = sum('end in the seam', [inputs.rules.length(seamAllowance)]);
  const zipper = zipperFor(outer.own, outer.zipperPart, seam, inputs, 'zipper-3', 2);
  const [base, lid] = ringRims(outer);
  const caught = (edge: 'bottom' | 'top', rim: NonNullable<typeof base>): Seam => ({
    id: `${outer.own}/zipper#${edge}`,
    kind: 'caught',
    within: rim.within,
    a: zipper.tape(edge),
    b: rim.edge,
  });
  return {
    piece: { ...zipper.piece, name: `Zipper of the ${outerNames[outer.wall].called}` },
    hardware: zipper.hardware,
    seams: [caught('bottom', base!), caught('top', lid!)],
  };
}
