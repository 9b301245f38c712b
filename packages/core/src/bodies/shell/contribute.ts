import { given, rounded, sum } from '../../derived/derived.ts';
import type { Finding } from '../../errors/finding.ts';
import { mm, say } from '../../errors/wording.ts';
import { roundedRectangle } from '../../geometry/outline.ts';
import { contribution, type Contribution, type OperationDraft } from '../../pieces/contribution.ts';
import { patch } from '../../pieces/patch.ts';
import type { Notch, PieceDraft } from '../../pieces/piece.ts';
import type { Seam } from '../../pieces/seam.ts';
import { asCut, strip } from '../../pieces/strip.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { halves, layers, type Half, type Layer, type ShellCase } from './params.ts';
import { panelOutline, quarterMarks } from './runs.ts';
import { bindingSeams, gussetSeams, roundSeams, zipSeams } from './seams.ts';

const OVERLAP = given('ends of the binding lap by', 20, {
  kind: 'standard',
  path: 'shell/lap',
  source: 'common practice',
});
/** Common practice: a stiff gusset does not go round less; its allowance is clipped so often. */
const TIGHT = 15;
const CLIP = 6;

const names: Record<Layer, string> = { shell: 'Shell', lining: 'Lining' };
const titles: Record<Half, string> = { lid: 'lid', base: 'base' };

/** Two sandwiches of outer, plate and lining, a gusset of zipper part and hinge between them, all edges bound. */
export function contributeShell({ detail }: SizedBody<ShellCase>, inputs: BodyInputs): Contribution {
  const seams = {
    zip: zipSeams(),
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
    findings: tightCorner(detail, inputs),
  });
}

function layerPieces(layer: Layer, detail: ShellCase, { rules }: BodyInputs): PieceDraft[] {
  const { length, width, depth, hinge, zipperPart, strip: beside } = detail;
  const seam = rules.length('seam.allowance');
  const zip = rules.length('zip.seam');
  const role = layer === 'shell' ? ('exterior' as const) : ('lining' as const);
  const marks = quarterMarks(detail);
  const outline = panelOutline(detail);
  const panels = halves.map((half): PieceDraft => ({
    id: `body/${layer}-${half}`,
    name: `${names[layer]}, ${titles[half]}`,
    role,
    stitch: outline,
    width: length,
    height: width,
    allowance: Object.fromEntries(outline.map(({ id }) => [id, seam])),
    spans: { across: ['left', 'right'], up: ['bottom', 'top'] },
    notches: marks.map(({ id, panel }) => ({ id, ...panel })),
  }));
  const strips = halves.map((half): PieceDraft => {
    const edge = half === 'lid' ? 'top' : 'bottom';
    const at = (along: number) => (half === 'lid' ? zipperPart.value - along : along);
    return patch({
      id: `body/${layer}-zip-${half}`,
      name: `${names[layer]}, strip beside the zipper, ${titles[half]}`,
      role,
      width: zipperPart,
      height: beside,
      seam,
      allowance: half === 'lid' ? { bottom: zip } : { top: zip },
      notches: marks.map(({ id, along }): Notch => ({ id, edge, at: at(along) })),
      note: 'Marks meet those of the panel.',
    });
  });
  const back = patch({
    id: `body/${layer}-hinge`,
    name: `${names[layer]}, hinge`,
    role,
    width: hinge,
    height: depth,
    seam,
  });
  return [...panels, ...strips, back];
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

function tightCorner({ plate }: ShellCase, { stacks }: BodyInputs): Finding[] {
  if (plate.radius.value >= TIGHT) return [];
  return [
    {
      code: 'gusset.tightCorner',
      severity: 'watch',
      about: ['body'],
      numbers: { radius: plate.radius.value, thickness: stacks.exterior.value },
      limit: TIGHT,
      text: say`The corners have a radius of ${mm(plate.radius.value)}: a stiff gusset goes round ${mm(TIGHT)} and more. Clip its allowance every ${CLIP} mm there, or round the corners more.`,
    },
  ];
}

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
