import { hardwareWidth } from '../../holders/hardware-sizes.ts';
import { given, rounded, sum, times } from '../../derived/derived.ts';
import { mm, say } from '../../errors/wording.ts';
import { contribution, type Contribution, type OperationDraft } from '../../pieces/contribution.ts';
import type { PieceDraft } from '../../pieces/piece.ts';
import { patch } from '../../pieces/patch.ts';
import { edgePart, wholeEdge, type Seam } from '../../pieces/seam.ts';
import { strip } from '../../pieces/strip.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { CLIP } from '../../pieces/clip.ts';
import { panelPiece, platePiece, ringPieces, tightCorner } from '../gusset-ring/pieces.ts';
import { halves, layers, type Half, type Layer } from '../gusset-ring/ring.ts';
import { panelOutline } from '../gusset-ring/runs.ts';
import { gussetSeams, roundSeams, zipSeams } from '../gusset-ring/seams.ts';
import type { ShellCase } from './params.ts';
import { seamAllowance, zipSeam } from '../../shelves/rules/common-rules.ts';

const OVERLAP = given('ends of the binding lap by', 20, {
  kind: 'standard',
  path: 'shell/lap',
  source: 'common practice',
});

const names: Record<Layer, string> = { shell: 'Shell', lining: 'Lining' };
const titles: Record<Half, string> = { lid: 'lid', base: 'base' };

/** Two sandwiches of outer, plate and lining, a gusset of zipper part and hinge between them, all edges bound. */
const BINDING = 'binding-20';

export function contributeShell({ detail }: SizedBody<ShellCase>, inputs: BodyInputs): Contribution {
  const seams = {
    zip: zipSeams(detail),
    gusset: gussetSeams(detail),
    round: roundSeams(detail),
    bound: bindingSeams(detail),
    guards: guardSeams(detail),
  };
  const binding = rounded(sum('binding, cut length', [detail.round, OVERLAP]), inputs.grid, 'up');
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
      strip({
        id: 'body/binding',
        name: 'Binding tape',
        cutFrom: BINDING,
        length: binding,
        width: hardwareWidth('binding, wide', BINDING, inputs),
        count: 2,
      }),
    ],
    joins: [...seams.zip, ...seams.gusset, ...seams.round, ...seams.bound, ...seams.guards],
    hardware: [{ id: BINDING, count: 2, length: 2 * binding.value }],
    operations: operations(detail, seams),
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

/** Tape round the raw edges of each shell. */
const bindingSeams = (detail: ShellCase): Seam[] =>
  halves.map((half) => ({
    id: `body/binding#${half}`,
    kind: 'caught',
    within: `body/shell-${half}/zipper`,
    a: edgePart('body/binding', 'bottom', 0, detail.round.value),
    b: { piece: `body/shell-${half}`, parts: panelOutline(detail).map(({ id }) => ({ edge: id })) },
  }));

type Seams = Record<'zip' | 'gusset' | 'round' | 'bound' | 'guards', Seam[]>;

function operations({ depth, round, guard }: ShellCase, seams: Seams): OperationDraft[] {
  const ids = (list: Seam[]) => list.map(({ id }) => id);
  const all = (part: string) => layers.map((layer) => `body/${layer}-${part}`);
  const panels = halves.flatMap((half) => all(half));
  const strips = halves.flatMap((half) => all(`zip-${half}`));
  return [
    {
      id: 'body/sandwich',
      phase: 'layers',
      needs: [],
      uses: [...panels, 'body/plate'],
      seams: [],
      text: say`Lay outer, plate and lining on each other for lid and base, the plate as far from the edge on all sides, and baste all round inside the allowance. What is sewn onto an inside is sewn on before.`,
    },
    {
      id: 'body/zip',
      phase: 'layers',
      needs: ['closure/zipper'],
      uses: [...strips, ...(guard ? halves.map((half) => `body/guard-${half}`) : [])],
      seams: ids([...seams.zip, ...seams.guards]),
      text: guard
        ? say`Fold each guard lengthwise and baste it to a tape of the zipper, behind the teeth. Each edge of the zipper between a strip and its lining, the guard with it, right sides together; turn, press, topstitch. Zipper part and strips together are ${mm(depth.value)} wide.`
        : say`Each edge of the zipper between a strip and its lining, right sides together; turn, press, topstitch. Zipper part and strips together are ${mm(depth.value)} wide.`,
    },
    {
      id: 'body/gusset',
      phase: 'layers',
      needs: ['body/zip'],
      uses: [...strips, ...all('hinge')],
      seams: ids(seams.gusset),
      text: say`Sew the hinge to both ends of the zipper part, between outer and lining, over the ends of the zipper twice. The ring measures ${mm(round.value)} along the stitch line: measure it before it goes on, and correct it at the hinge.`,
    },
    {
      id: 'body/join',
      phase: 'join',
      needs: ['body/sandwich', 'body/gusset'],
      uses: [...panels, ...strips, ...all('hinge')],
      seams: ids(seams.round),
      text: say`Open the zipper. Clip the gusset into its allowance every ${mm(CLIP)} where it goes round the corners. Match its marks to those of the base, right sides inside, and sew with the gusset on top; then the lid.`,
    },
    {
      id: 'body/bind',
      phase: 'finish',
      needs: ['body/join'],
      uses: ['body/binding', ...panels],
      seams: [],
      text: say`Trim the allowances evenly and bind them all round inside, the ends of the tape lapped at the hinge. Turn, and try everything in it.`,
    },
  ];
}
