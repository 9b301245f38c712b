import { sum, times } from '../../derived/derived.ts';
import { contribution, type OperationDraft, type Contribution } from '../../pieces/contribution.ts';
import type { PieceDraft } from '../../pieces/piece.ts';
import { patch } from '../../pieces/patch.ts';
import { idsOf, wholeEdge, type Seam } from '../../pieces/seam.ts';
import type { Action } from '../../sewing/actions/action.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { ringBinding } from '../gusset-ring/binding.ts';
import { panelPiece, platePiece, ringPieces, tightCorner } from '../gusset-ring/pieces.ts';
import { halves, layers, type Half, type Layer } from '../gusset-ring/ring.ts';
import { ringClipped, ringClosed, ringOn, stripsSewn } from '../gusset-ring/steps.ts';
import { gussetSeams, roundSeams, zipSeams } from '../gusset-ring/seams.ts';
import type { ShellCase } from './params.ts';
import { seamAllowance, zipSeam } from '../../shelves/rules/common-rules.ts';

const ZIPPER = 'closure/zipper';
const names: Record<Layer, string> = { shell: 'Shell', lining: 'Lining' };
const titles: Record<Half, string> = { lid: 'lid', base: 'base' };

/** Two sandwiches of outer, plate and lining, a gusset of zipper part and hinge between them, all edges bound. */
export function contributeShell({ detail }: SizedBody<ShellCase>, inputs: BodyInputs): Contribution {
  const binding = ringBinding(detail, 'Binding tape', inputs);
  const seams = {
    zip: zipSeams(detail),
    gusset: gussetSeams(detail),
    round: roundSeams(detail),
    bound: binding.seams,
    guards: guardSeams(detail),
  };
  return contribution({
    pieces: [
      ...layers.flatMap((layer) => layerPieces(layer, detail, inputs)),
      platePiece(detail, {
        id: 'body/plate',
        name: 'Plate',
        count: 2,
        note: 'Round its edges off: they cut through the cloth.',
      }),
      ...guardPieces(detail, inputs),
      binding.piece,
    ],
    joins: [...seams.zip, ...seams.gusset, ...seams.round, ...seams.bound, ...seams.guards],
    hardware: [binding.hardware],
    operations: operations(detail, seams, inputs),
    findings: tightCorner(detail.plate.radius, inputs.stacks.exterior),
  });
}

function layerPieces(layer: Layer, detail: ShellCase, { rules }: BodyInputs): PieceDraft[] {
  const name = names[layer];
  const panels = halves.map((half) =>
    panelPiece(
      detail,
      { layer, id: detail.panel(layer, half), name: `${name}, ${titles[half]}` },
      rules.length(seamAllowance),
    ),
  );
  return [...panels, ...ringPieces(detail, { layer, name, titles }, rules)];
}

/** Strips of lining, folded lengthwise, caught beside the zipper behind both tapes. */
function guardPieces({ guard, zipperPart }: ShellCase, { rules }: BodyInputs): PieceDraft[] {
  if (!guard) return [];
  const zip = rules.length(zipSeam);
  return halves.map((half) =>
    patch({
      id: `body/guard-${half}`,
      name: `Guard of the zipper, ${titles[half]}`,
      role: 'lining',
      plain: true,
      width: zipperPart,
      height: sum('guard, both layers', [times(2, guard)]),
      seam: rules.length(seamAllowance),
      allowance: { bottom: zip, top: zip },
      folds: [
        { id: 'middle', order: 1, kind: 'mountain', from: [0, guard.value], to: [zipperPart.value, guard.value] },
      ],
      note: 'Folded along its middle, right side out; its ends run into the seams of the hinge.',
    }),
  );
}

function guardSeams({ guard }: ShellCase): Seam[] {
  if (!guard) return [];
  return halves.flatMap((half) =>
    (['bottom', 'top'] as const).map((edge): Seam => ({
      id: `body/guard-${half}#${edge}`,
      kind: 'caught',
      within: `body/zip-${half}`,
      a: wholeEdge(`body/guard-${half}`, edge, edge === 'top'),
      b: wholeEdge(`body/lining-zip-${half}`, half === 'lid' ? 'bottom' : 'top', half === 'base'),
    })),
  );
}

type Seams = Record<'zip' | 'gusset' | 'round' | 'bound' | 'guards', Seam[]>;

function operations(detail: ShellCase, seams: Seams, { rules }: BodyInputs): OperationDraft[] {
  const { guard } = detail;
  const all = (part: string) => layers.map((layer) => `body/${layer}-${part}`);
  const panels = halves.flatMap((half) => all(half));
  const guards: Action[] = guard
    ? [
        ...halves.map((half) => ({
          verb: 'fold' as const,
          piece: `body/guard-${half}`,
          fold: 'middle',
          sides: 'wrong' as const,
        })),
        { verb: 'baste', seams: idsOf(seams.guards), facing: 'wrongToRight' },
      ]
    : [];
  return [
    {
      id: 'body/sandwich',
      phase: 'layers',
      needs: [],
      title: 'Lay lid and base together',
      actions: halves.map((half) => ({ verb: 'tack', pieces: [...all(half), 'body/plate'], how: 'baste' })),
    },
    {
      id: 'body/zip',
      phase: 'layers',
      needs: ['closure/zipper'],
      title: 'Sew the strips to the zipper',
      actions: [
        ...guards,
        ...stripsSewn(detail, seams.zip, [ZIPPER, ...(guard ? halves.map((half) => `body/guard-${half}`) : [])], rules),
      ],
    },
    {
      id: 'body/gusset',
      phase: 'layers',
      needs: ['body/zip'],
      title: 'Close the gusset to a ring',
      cautions: ['needleZipper'],
      actions: ringClosed(detail, seams.gusset, ZIPPER),
    },
    {
      id: 'body/join',
      phase: 'join',
      needs: ['body/sandwich', 'body/gusset'],
      title: 'Sew the gusset to base and lid',
      actions: [
        { verb: 'moveSlider', zipper: ZIPPER, to: 'open', why: 'turning' },
        ringClipped(detail),
        ringOn(detail, seams.round, 'base'),
        { verb: 'tryIn', early: true },
        ringOn(detail, seams.round, 'lid'),
      ],
    },
    {
      id: 'body/bind',
      phase: 'finish',
      needs: ['body/join'],
      title: 'Bind the seams',
      actions: [
        { verb: 'trim', pieces: panels, to: 'even' },
        {
          verb: 'bind',
          by: 'body/binding',
          over: panels,
          place: 'allowances',
          lap: 'hinge',
          seams: idsOf(seams.bound),
        },
        { verb: 'turn', pieces: panels, zipper: ZIPPER },
        { verb: 'tryIn' },
      ],
    },
  ];
}
