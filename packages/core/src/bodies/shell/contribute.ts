import { given, rounded, sum } from '../../derived/derived.ts';
import { mm, say } from '../../errors/wording.ts';
import { roundedRectangle } from '../../geometry/outline.ts';
import { contribution, type Contribution, type OperationDraft } from '../../pieces/contribution.ts';
import type { PieceDraft } from '../../pieces/piece.ts';
import { edgePart, type Seam } from '../../pieces/seam.ts';
import { asCut, strip } from '../../pieces/strip.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { CLIP, panelPiece, ringPieces, tightCorner } from '../gusset-ring/pieces.ts';
import { halves, layers, type Half, type Layer } from '../gusset-ring/ring.ts';
import { panelOutline } from '../gusset-ring/runs.ts';
import { gussetSeams, roundSeams, zipSeams } from '../gusset-ring/seams.ts';
import type { ShellCase } from './params.ts';

const OVERLAP = given('ends of the binding lap by', 20, {
  kind: 'standard',
  path: 'shell/lap',
  source: 'common practice',
});

const names: Record<Layer, string> = { shell: 'Shell', lining: 'Lining' };
const titles: Record<Half, string> = { lid: 'lid', base: 'base' };

/** Two sandwiches of outer, plate and lining, a gusset of zipper part and hinge between them, all edges bound. */
export function contributeShell({ detail }: SizedBody<ShellCase>, inputs: BodyInputs): Contribution {
  const seams = {
    zip: zipSeams(detail),
    gusset: gussetSeams(detail),
    round: roundSeams(detail),
    bound: bindingSeams(detail),
  };
  return contribution({
    pieces: [
      ...layers.flatMap((layer) => layerPieces(layer, detail, inputs)),
      platePiece(detail),
      strip({
        id: 'body/binding',
        name: 'Binding tape',
        cutFrom: 'binding-20',
        length: rounded(sum('binding, cut length', [detail.round, OVERLAP]), inputs.grid, 'up'),
        width: given('binding, wide', 20, { kind: 'hardware', path: 'hardware/binding-20' }),
        count: 2,
      }),
    ],
    joins: [...seams.zip, ...seams.gusset, ...seams.round, ...seams.bound],
    hardware: [{ id: 'binding-20', count: 2, length: 2 * (detail.round.value + OVERLAP.value) }],
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
      rules.length('seam.allowance'),
    ),
  );
  return [...panels, ...ringPieces(detail, { layer, name, titles }, rules)];
}

const platePiece = ({ plate }: ShellCase): PieceDraft => {
  const outline = roundedRectangle(plate.length.value, plate.width.value, plate.radius.value);
  return {
    id: 'body/plate',
    name: 'Plate',
    role: 'base',
    count: 2,
    stitch: outline,
    width: plate.length,
    height: plate.width,
    allowance: Object.fromEntries(outline.map(({ id }) => [id, asCut])),
    spans: { across: ['left', 'right'], up: ['bottom', 'top'] },
    note: 'Round its edges off: they cut through the cloth.',
  };
};

/** Tape round the raw edges of each shell. */
const bindingSeams = (detail: ShellCase): Seam[] =>
  halves.map((half) => ({
    id: `body/binding#${half}`,
    kind: 'caught',
    within: `body/shell-${half}/zipper`,
    a: edgePart('body/binding', 'bottom', 0, detail.round.value),
    b: { piece: `body/shell-${half}`, parts: panelOutline(detail).map(({ id }) => ({ edge: id })) },
  }));

type Seams = Record<'zip' | 'gusset' | 'round' | 'bound', Seam[]>;

function operations({ depth, round }: ShellCase, seams: Seams): OperationDraft[] {
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
      uses: strips,
      seams: ids(seams.zip),
      text: say`Each edge of the zipper between a strip and its lining, right sides together; turn, press, topstitch. Zipper part and strips together are ${mm(depth.value)} wide.`,
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
      text: say`Open the zipper. Clip the gusset into its allowance every ${CLIP} mm where it goes round the corners. Match its marks to those of the base, right sides inside, and sew with the gusset on top; then the lid.`,
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
