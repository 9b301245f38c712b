import type { ClosingSlit } from '../bodies/body-kind.ts';
import type { Params } from '../document/design-document.ts';
import { contribution, type OperationDraft } from '../pieces/contribution.ts';
import { patch } from '../pieces/patch.ts';
import type { PieceDraft } from '../pieces/piece.ts';
import { idsOf, wholeEdge, type EdgeRun, type RunPart, type Seam } from '../pieces/seam.ts';
import { asCut, strip } from '../pieces/strip.ts';
import type { ClosureInputs, SolvedClosure } from './closure-kind.ts';
import { planZipper, type PlannedZipper } from './zipper.ts';
import { seamAllowance, topstitchInset, zipClear, zipSeam } from '../shelves/rules/common-rules.ts';

/** A zipper between two edges that lie beside each other, from end seam to end seam; a body with several mouths gets one
 * for each pair of edges. */
export function solveSlitZip(
  params: Params,
  closing: Omit<ClosingSlit, 'endTabs'>,
  inputs: ClosureInputs,
): SolvedClosure {
  const { id } = inputs;
  const plan = planZipper(params, closing.run, inputs);
  const { opening, cutLength, readyMade, hardware } = plan;
  const zipper = `${id}/zipper`;
  const tab = `${id}/tab`;
  const caught = closing.rims.flatMap((rim, index) => rimSeams(plan, rim, { zipper, tab, index }));
  const ends = plan.ends === 'tabs' ? tabSeams(zipper, tab) : [];
  const count = closing.rims.length / 2;
  return {
    sizes: { opening, zipperLength: cutLength, ...(readyMade && { readyMade }) },
    contribution: contribution({
      pieces: [
        { ...zipperStrip(zipper, plan), count },
        ...(plan.ends === 'tabs' ? [{ ...tabPiece(tab, plan, inputs), count: 2 * count }] : []),
      ],
      hardware: hardware.map((need) => ({
        ...need,
        count: count * need.count,
        ...(need.length && { length: count * need.length }),
      })),
      opens: [
        {
          piece: zipper,
          seam: `${zipper}#front`,
          side: 'a',
          shows: [
            { edge: 'bottom', inset: zipSeam.id },
            { edge: 'top', inset: zipSeam.id },
          ],
          // tabs stand before the seams, so that all of the zipper between them opens
          ...(plan.ends !== 'tabs' && { ends: zipClear.id }),
        },
      ],
      joins: [...caught, ...ends],
      operations: [prepare(plan, ends, { id, zipper, tab }, inputs)],
    }),
  };
}

function zipperStrip(id: string, { zipper, cutLength, tape, readyMade }: PlannedZipper): PieceDraft {
  const bought = readyMade ? 'By the length, or a longer ready-made one, cut down.' : 'By the length.';
  return strip({ id, name: 'Zipper', cutFrom: zipper.id, length: cutLength, width: tape, note: bought });
}

function tabPiece(id: string, { tab, tape }: PlannedZipper, { rules }: ClosureInputs): PieceDraft {
  const seam = rules.length(seamAllowance);
  const allowance = { top: asCut, bottom: asCut };
  return patch({
    id,
    name: 'Zipper tab',
    role: 'exterior',
    plain: true,
    width: tab,
    height: tape,
    seam,
    allowance,
  });
}

interface Places {
  zipper: string;
  tab: string;
  /** Even for the near edge of the tape, odd for the far one. */
  index: number;
}

/** One edge of the tape on one edge of the body; with tabs, the zipper between them. */
function rimSeams(plan: PlannedZipper, { edge, within }: ClosingSlit['rims'][number], places: Places): Seam[] {
  const { zipper, tab, index } = places;
  const near = index % 2 === 0;
  const side = near ? 'bottom' : 'top';
  const name = `${near ? 'front' : 'back'}${index > 1 ? `-${Math.floor(index / 2) + 1}` : ''}`;
  const seam = (id: string, a: EdgeRun, b: EdgeRun): Seam => ({
    id: `${id}#${name}`,
    ...(within ? { kind: 'caught', within } : { kind: 'sewn' }),
    a,
    b,
  });
  const [only] = edge.parts as [Extract<RunPart, { edge: string }>];
  const start = only.from ?? 0;
  const rim = (from: number, to: number): EdgeRun => ({
    piece: edge.piece,
    parts: [{ ...only, from: start + from, to: start + to }],
  });
  const part = (piece: string, from: number, to: number): EdgeRun => ({ piece, parts: [{ edge: side, from, to }] });
  const run = plan.opening.value + 2 * plan.tab.value;
  const first = startOf(plan, run);
  const middles = { centre: true };
  if (plan.ends !== 'tabs') return [{ ...seam(zipper, part(zipper, first, first + run), rim(0, run)), ...middles }];
  const { tab: one, opening } = plan;
  return [
    seam(`${tab}-1`, part(tab, 0, one.value), rim(0, one.value)),
    {
      ...seam(zipper, part(zipper, first, first + opening.value), rim(one.value, one.value + opening.value)),
      ...middles,
    },
    seam(`${tab}-2`, part(tab, 0, one.value), rim(run - one.value, run)),
  ];
}

/** How far from its cut end the zipper begins to be sewn, mm. */
const startOf = ({ cutLength, opening, ends }: PlannedZipper, run: number): number =>
  (cutLength.value - (ends === 'tabs' ? opening.value : run)) / 2;

const tabSeams = (zipper: string, tab: string): Seam[] => [
  { id: `${tab}#start`, kind: 'sewn', a: wholeEdge(zipper, 'left'), b: wholeEdge(tab, 'right', true) },
  { id: `${tab}#end`, kind: 'sewn', a: wholeEdge(zipper, 'right'), b: wholeEdge(tab, 'left', true) },
];

/** The zipper cut, its ends finished, its middle marked. */
function prepare(
  plan: PlannedZipper,
  ends: Seam[],
  { id, zipper, tab }: Record<'id' | 'zipper' | 'tab', string>,
  { rules }: ClosureInputs,
): OperationDraft {
  const tabbed = plan.ends === 'tabs';
  return {
    id: `${id}/zipper`,
    phase: 'prepare',
    needs: [],
    title: 'Prepare the zipper',
    actions: [
      {
        verb: 'trim',
        pieces: [zipper],
        to: 'length',
        ...(plan.readyMade && { readyMade: plan.readyMade.value }),
      },
      { verb: 'moveSlider', zipper, to: plan.sliders === 2 ? 'onBoth' : 'onOne' },
      ...(tabbed
        ? [
            { verb: 'sew', seams: idsOf(ends) } as const,
            { verb: 'topstitch', piece: tab, place: 'tab', distance: rules.length(topstitchInset).value } as const,
          ]
        : []),
      { verb: 'mark', pieces: [zipper], what: 'middles' },
      { verb: 'inspect', what: endsLookedAt[plan.ends] },
    ],
  };
}

const endsLookedAt = { seam: 'stopsOff', tabs: 'stopsClear', longer: 'trimmedLater' } as const;
