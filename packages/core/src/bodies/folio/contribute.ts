import { rectangle } from '../../geometry/outline.ts';
import { contribution, type OperationDraft, type Contribution } from '../../pieces/contribution.ts';
import { spine } from '../../pieces/bend.ts';
import type { Bend, PieceDraft } from '../../pieces/piece.ts';
import { idsOf, edgePart, wholeEdge, type Seam } from '../../pieces/seam.ts';
import { asCut } from '../../pieces/strip.ts';
import { baggedSteps } from '../bagged-steps.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { boundaries, LINING, SHELL, type Folio } from './size.ts';
import { seamAllowance, topstitchInset, turningGap } from '../../shelves/rules/common-rules.ts';

/** Shell and lining of a folio: turned through a gap, or laid on each other with raw edges and sewn round three sides. */
export function contributeFolio({ detail, sizes }: SizedBody<Folio>, inputs: BodyInputs): Contribution {
  const seam = inputs.rules.length(seamAllowance);
  const { raw, height, liningHeight } = detail;
  const spans: PieceDraft['spans'] = { across: ['left', 'right'], up: ['bottom', 'top'] };
  const allowance = { left: seam, right: seam, top: seam, bottom: seam };
  const [inner, outer] = [sizes.liningWidth!, sizes.shellWidth!];
  const joins = seamsOf(detail, inner.value, outer.value);
  return contribution({
    pieces: [
      {
        id: SHELL,
        name: raw ? 'Outer panel' : 'Shell',
        role: 'exterior',
        stitch: rectangle(outer.value, height.value),
        width: outer,
        height,
        allowance,
        spans,
        notches: notchesOf(detail, outer.value, height.value, 'outside'),
        bends: spinesOf(detail, outer.value, height.value, 'outside'),
        ...(!raw && { gaps: [gapOf(detail, inputs, outer.value, 'outside')] }),
      },
      {
        id: LINING,
        name: raw ? 'Inner panel' : 'Lining',
        role: 'lining',
        stitch: rectangle(inner.value, liningHeight.value),
        width: inner,
        height: liningHeight,
        allowance: raw ? { ...allowance, top: asCut } : allowance,
        spans,
        folds: boundaries(detail)
          .slice(1, -1)
          .map((x, index) => ({
            id: `fold-${index + 1}`,
            order: 1,
            kind: 'valley' as const,
            from: [x, 0] as [number, number],
            to: [x, liningHeight.value] as [number, number],
          })),
        notches: notchesOf(detail, inner.value, liningHeight.value, 'inside'),
        bends: spinesOf(detail, inner.value, liningHeight.value, 'inside'),
        ...(raw
          ? { note: 'Its top edge is free: a lip of the outer panel shows.' }
          : { gaps: [gapOf(detail, inputs, inner.value, 'inside')] }),
      },
    ],
    joins,
    operations: operations(detail, joins, inputs),
  });
}

type Seen = 'inside' | 'outside';

/** Boundaries along the bottom edge of a layer as it is drawn: the shell, right side up, shows the left leaf on its right. */
function drawn(detail: Folio, width: number, seen: Seen): number[] {
  const ends = boundaries(detail, seen === 'outside' ? detail.extra.value : 0);
  return seen === 'inside' ? ends : ends.map((x) => width - x);
}

/** Closed, each layer goes round what lies between two leaves. */
function spinesOf(detail: Folio, width: number, height: number, seen: Seen): Bend[] {
  const ends = drawn(detail, width, seen).slice(1, -1);
  return detail.spines.map((_, index) => {
    const [from, to] = [ends[2 * index]!, ends[2 * index + 1]!];
    return spine((from + to) / 2, height, Math.abs(to - from));
  });
}

function notchesOf(detail: Folio, width: number, _height: number, seen: Seen): PieceDraft['notches'] {
  const inner = drawn(detail, width, seen).slice(1, -1);
  const edges = detail.raw ? (['bottom'] as const) : (['bottom', 'top'] as const);
  return edges.flatMap((edge) =>
    inner.map((x, index) => ({ id: `${edge}-${index + 1}`, edge, at: edge === 'bottom' ? x : width - x })),
  );
}

/** In the top of the second leaf: nothing of the body is caught there. */
function gapOf(detail: Folio, { rules }: BodyInputs, width: number, seen: Seen) {
  const [from, to] = [drawn(detail, width, seen)[2]!, drawn(detail, width, seen)[3]!];
  const length = Math.min(rules.length(turningGap).value, Math.abs(to - from) - 10);
  const middle = width - (from + to) / 2;
  return { edge: 'top', from: middle - length / 2, to: middle + length / 2 };
}

/** Leaf by leaf and fold by fold along top and bottom, so that the shell's extra length lies at the folds. */
function seamsOf(detail: Folio, inner: number, outer: number): Seam[] {
  const { raw, extra, liningHeight, height } = detail;
  const [lining, shell] = [drawn(detail, inner, 'inside'), drawn(detail, outer, 'outside')];
  const along = (edge: 'bottom' | 'top') =>
    lining.slice(0, -1).map((from, index): Seam => {
      const fold = index % 2 === 1;
      const name = `${edge}-${fold ? 'fold' : 'leaf'}-${Math.floor(index / 2) + 1}`;
      const [x0, x1] = [shell[index + 1]!, shell[index]!];
      const place = (at: number, width: number) => (edge === 'bottom' ? at : width - at);
      const [a0, a1] = [place(x0, outer), place(x1, outer)].sort((p, q) => p - q) as [number, number];
      const [b0, b1] = [place(from, inner), place(lining[index + 1]!, inner)].sort((p, q) => p - q) as [number, number];
      return {
        id: `body/${name}`,
        kind: 'sewn',
        a: edgePart(SHELL, edge, a0, a1, true),
        b: edgePart(LINING, edge, b0, b1),
        ...(fold && { ease: { by: extra } }),
      };
    });
  const side = (id: string, shellEdge: 'left' | 'right', liningEdge: 'left' | 'right'): Seam => {
    if (!raw) return { id, kind: 'sewn', a: wholeEdge(SHELL, shellEdge, true), b: wholeEdge(LINING, liningEdge) };
    const [h, low] = [height.value, liningHeight.value];
    // a left edge runs downwards: what lies beside the inner panel is its lower part
    const part =
      shellEdge === 'right' ? edgePart(SHELL, 'right', 0, low, true) : edgePart(SHELL, 'left', h - low, h, true);
    return { id, kind: 'sewn', a: part, b: wholeEdge(LINING, liningEdge) };
  };
  return [
    side('body/left', 'right', 'left'),
    ...along('bottom'),
    side('body/right', 'left', 'right'),
    ...(raw ? [] : along('top')),
  ];
}

function operations({ raw }: Folio, joins: Seam[], { rules }: BodyInputs): OperationDraft[] {
  if (!raw)
    return [
      ...baggedSteps(SHELL, LINING, joins, rules.length(topstitchInset).value),
      {
        id: 'body/fold',
        phase: 'finish',
        needs: ['body/topstitch'],
        title: 'Stitch the fold of the left leaf',
        actions: [{ verb: 'stitch', piece: LINING, lines: ['fold-1'], through: [SHELL] }],
      },
    ];
  return [
    {
      id: 'body/join',
      phase: 'finish',
      needs: [],
      title: 'Stitch both panels together',
      actions: [
        { verb: 'lay', pieces: [LINING], onto: SHELL, facing: 'wrongToWrong', at: 'notches', filled: true },
        { verb: 'sew', seams: idsOf(joins), facing: 'wrongToWrong', noFurther: true },
      ],
    },
  ];
}
