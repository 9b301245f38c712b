import type { SizedBody } from '../../bodies/body-kind.ts';
import { named, rounded, times, type Derived } from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import { CoreError } from '../../errors/core-error.ts';
import { cutStrap, makeStrap, strapAsked, strapParams, type Strap } from '../strap-cut.ts';
import type { ParamSpec } from '../../holders/holder-kind.ts';
import { lengthParam } from '../../holders/params.ts';
import { contribution } from '../../pieces/contribution.ts';
import { faceLine, type Seam } from '../../pieces/seam.ts';
import type { Hardware } from '../../shelves/hardware/hardware.ts';
import { flap } from '../../sizing/flap.ts';
import { beneathOf } from '../beneath.ts';
import { mateSet } from '../mate.ts';
import type { ClosureInputs, ClosureKind, SolvedClosure } from '../closure-kind.ts';
import { halfMark, insetAfter } from '../fasteners.ts';
import { laidOver } from '../laid-over.ts';
import { onWall, overlapFor } from '../overlap.ts';
import { limited } from '../../pieces/limited.ts';
import { lengthRule } from '../../shelves/rules/house-rule.ts';
import { tabSchool } from '../shoulder-rule.ts';

const strapDown = lengthRule(
  'strap.down',
  'closures',
  'Strap sewn to the back below the mouth',
  40,
  15,
  150,
  'Deep enough for a box and a cross.',
);
const strapOverlap = lengthRule(
  'strap.overlap',
  'closures',
  'Strap lies on the front by',
  60,
  20,
  200,
  'Room for the fastener and a thumb.',
);
const params = {
  ...strapParams,
  overlap: { kind: 'length', title: 'Lies on the front by', rule: strapOverlap },
  down: { kind: 'length', title: 'Sewn to the back below the mouth', rule: strapDown },
} as const satisfies Record<string, ParamSpec>;

/** A strap sewn to the back that goes over the mouth, and over what stands out of it, to the front. */
export const strapOver: ClosureKind = {
  title: 'Strap over the top',
  on: 'mouth',
  params,
  rules: [tabSchool],
  solve(design: Params, body: SizedBody, inputs: ClosureInputs): SolvedClosure {
    const { rules, grid, id } = inputs;
    const { closing } = body;
    if (closing.kind !== 'mouth') throw new CoreError('closure.notForBody', 'a strap needs a front and a back', id);
    const own = (key: 'overlap' | 'down') => lengthParam(design, key, params[key], rules, id);
    const { level = closing.width } = closing;
    const { fastener, inset, asked, width, thickness, webbing } = strapAsked(
      design,
      { room: level, label: 'as wide as the back' },
      inputs,
    );
    const overlap = overlapFor(own('overlap'), inset, fastener, body.finished.height);
    const over = (lies: Derived) => {
      const { full, empty } = beneathOf(body, lies.value, grid);
      return flap({
        loadedDepth: full,
        emptyDepth: empty,
        overlap: lies,
        fastenerInset: inset,
        flapThickness: thickness,
        school: rules.choice(tabSchool),
      });
    };
    const down = rounded(onWall(own('down'), body.finished.height), grid, 'down');
    const besides = [down, times(2, closing.proud)];
    const { length, reach, solved } = laidOver(
      {
        path: `${id}/strapLength`,
        label: 'strap length',
        overlap,
        front: body.finished.height,
        fastener,
        inset,
        over,
        besides,
      },
      inputs,
    );
    const parts = {
      width,
      length,
      down,
      mate: solved.mateLoaded,
      inset: insetAfter(inset, length, reach),
      ...(webbing !== undefined && { webbing }),
    };
    const sizes = {
      strapWidth: width,
      strapLength: length,
      strapDown: named('sewn to the back below the mouth', down),
      mateLoaded: solved.mateLoaded,
    };
    return {
      sizes,
      contribution: contribution({
        ...make(parts, body, inputs, fastener),
        findings: [
          ...limited('The strap is sewn on below the mouth', own('down'), down, id),
          ...limited('The strap is wide', asked, width, id),
          ...limited('The strap lies on the front', own('overlap'), overlap, id),
        ],
      }),
    };
  },
};

/** A strap over a mouth. All mm. */
interface StrapOver extends Strap {
  /** From the mouth to its end on the back. */
  down: Derived;
  /** Below the top front edge, full. */
  mate: Derived;
}

function make(strap: StrapOver, { closing, finished }: SizedBody, inputs: ClosureInputs, fastener: Hardware) {
  if (closing.kind !== 'mouth') return {};
  const { rules, id } = inputs;
  const { width, down, mate } = strap;
  const piece = `${id}/strap`;
  const [w, middle] = [width.value, closing.width.value / 2];
  const { front, back } = closing;
  const cut = cutStrap(piece, strap, fastener, inputs);
  const onBack: Seam = {
    id: `${piece}#base`,
    kind: 'stitchedOn',
    a: cut.base,
    b: faceLine(back.piece, `${id}-base`),
  };
  return {
    pieces: [cut.draft],
    joins: [...cut.made, onBack],
    laps: [
      {
        id,
        name: 'strap' as const,
        piece,
        layers: [piece],
        ...cut.lap,
        cap: `${id}-cap`,
        behind: { piece: back.piece, line: { line: `${id}-base` }, edge: { edge: closing.rim[1]!.edge } },
        mate: { piece: front.piece, mark: `${id}-mate`, edge: { edge: closing.rim[0]!.edge } },
        over: rules.choice(tabSchool),
        ...(closing.rings && { rings: closing.rings }),
        ...(finished.height && { front: finished.height.value }),
      },
    ],
    hardware: [{ id: fastener.id, count: 1 }, ...cut.hardware],
    hostEdits: [
      {
        piece: back.piece,
        lines: [
          {
            id: `${id}-base`,
            from: back.at(middle - w / 2, down.value),
            to: back.at(middle + w / 2, down.value),
            label: 'end of the strap',
          },
        ],
      },
      {
        piece: front.piece,
        marks: [
          halfMark(fastener, 'lower', {
            id: `${id}-mate`,
            at: front.at(middle, mate.value),
            label: 'fastener, mate',
          }),
        ],
      },
    ],
    operations: [
      makeStrap(cut, id),
      {
        id: `${id}/set`,
        phase: 'closures' as const,
        needs: [`${id}/strap`],
        title: 'Sew the strap on and set its mate',
        actions: [
          {
            verb: 'sew',
            seams: [`${piece}#base`],
            facing: 'wrongToRight',
            cross: true,
            aside: { distance: down.value, of: 'mouth' },
            twice: 'weight',
          } as const,
          ...mateSet(
            { hardware: fastener.id, piece: front.piece, mark: `${id}-mate` },
            { distance: mate.value },
            { backed: true },
          ),
        ],
      },
    ],
  };
}
