import type { BodyInputs, BodyKind, FaceSpec, SizedBody } from '../bodies/body-kind.ts';
import { nothing } from '../derived/constants.ts';
import { largest, sum, type Derived } from '../derived/derived.ts';
import type { DesignDocument, Params } from '../document/design-document.ts';
import { kindOf } from '../document/kind-of.ts';
import { measureFace, type MeasuredFace, type MeasuredHolders } from '../faces/measure.ts';
import type { ClosureInputs, ClosureKind } from '../closures/closure-kind.ts';
import type { Kinds } from '../kinds/kind-set.ts';
import { hostsOf, measureHolders } from './holders.ts';
import type { SolveMemo } from './memo.ts';
import { forPart, type Inputs } from './own-stacks.ts';
import type { Pin } from './pins.ts';
import type { Resolved } from './resolve.ts';

/** What a body is sized from: the design, the families that it names, and what each holder holds. */
export interface ToSize {
  document: DesignDocument;
  bodyKind: BodyKind;
  closes: ClosureKind;
  faces: readonly FaceSpec[];
  kinds: Kinds;
}

/** A body sized from what its holders hold. */
export interface SizedDesign {
  measured: MeasuredHolders;
  body: SizedBody;
}

/** How a size run may go: what is pinned, and what of the usual least sizes is kept. */
export interface SizeRun {
  pin: Pin;
  /** A size of common practice that is kept unless something smaller is pinned, mm. */
  usual(size: Derived): Derived;
}

/** A body with its holders as they are made. */
export interface Fitted extends SizedDesign {
  /** Holders that were made smaller to lie in what a pin leaves, as they would be without it. */
  unpinned: MeasuredHolders;
}

/** Contents make holders, holders make faces, faces make the body. All mm.
 * @param memo what was measured before is taken from here where nothing it depends on has changed */
export function sizeBody(toSize: ToSize, held: Resolved['held'], inputs: Inputs, memo?: SolveMemo): SizedDesign {
  const measured = measureHolders(toSize.document, toSize.faces, held, inputs, toSize.kinds, memo);
  return { measured, body: sizeMeasured(toSize, measured, inputs) };
}

/** The body round holders that are measured already. */
export function sizeMeasured(
  { document, bodyKind, closes, faces, kinds }: ToSize,
  measured: MeasuredHolders,
  inputs: Inputs,
): SizedBody {
  const measuredFaces = bodyKind
    .faces(document.body.params)
    .map(({ id }) => measureFace(id, document.faces[id], measured));
  const closing = closingInputs({ document, closes }, measured, inputs);
  const lying = (document.parts ?? []).flatMap(({ id, kind }) =>
    bodyKind.parts?.includes(kind)
      ? (kindOf(kinds.parts, kind)?.onBase?.({ ...forPart(inputs, `parts/${id}`), id: `parts/${id}` }) ?? [])
      : [],
  );
  const asked = {
    ...inputs,
    ...askedBy(closes, document.closure.params, largest('contents', heightsOf(measuredFaces)), closing),
    ...(lying.length > 0 && { onBase: sum('lies on the base', lying) }),
  };
  const body = bodyKind.size(document.body.params, measuredFaces, asked, hostsOf(document, faces, measured, kinds));
  const more = closes.sizeFaces?.(document.closure.params, body, closing);
  return more ? { ...body, faces: [...body.faces, ...more] } : body;
}

/** What a closure asks of the body before that is sized.
 * @param contents height of what the body holds, mm */
function askedBy(closes: ClosureKind, params: Params, contents: Derived, closing: ClosureInputs): Partial<BodyInputs> {
  const above = closes.above?.(params, contents, closing);
  const exposed = closes.exposes?.(params, closing);
  const overEdge = closes.asks?.(params, closing);
  return {
    ...(above && { above }),
    ...(closes.meets && { meets: true }),
    ...(exposed && { exposed }),
    ...(overEdge && { overEdge }),
    ...(closes.finishesMouth && { finishesMouth: (mouth) => closes.finishesMouth!(params, mouth) }),
    ...(closes.alongTop?.(params) && { alongTop: true }),
  };
}

/** What a closure may look at, with what lies in its own faces. */
export const closingInputs = (
  { document, closes }: Pick<ToSize, 'document' | 'closes'>,
  measured: MeasuredHolders,
  inputs: Inputs,
): ClosureInputs => ({
  ...forPart(inputs, 'closure'),
  id: 'closure',
  ...(closes.faces && { own: closes.faces.map(({ id }) => measureFace(id, document.faces[id], measured)) }),
});

const heightsOf = (faces: MeasuredFace[]): Derived[] => [nothing, ...faces.map(({ height }) => height)];
