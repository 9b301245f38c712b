import type { ClosingMouth, SizedBody } from '../bodies/body-kind.ts';
import { half } from '../derived/constants.ts';
import { named, product, rounded, sum, times, type Derived } from '../derived/derived.ts';
import type { Params } from '../document/design-document.ts';
import { CoreError } from '../errors/core-error.ts';
import type { ParamSpec } from '../holders/holder-kind.ts';
import { choiceParam, lengthParam } from '../holders/params.ts';
import { contribution } from '../pieces/contribution.ts';
import { idsOf, edgePart } from '../pieces/seam.ts';
import { strip } from '../pieces/strip.ts';
import { zipBeyond, zipClear, zipSeam } from '../shelves/rules/common-rules.ts';
import { hardwareOf } from '../shelves/hardware/hardware.ts';
import type { ClosureInputs, ClosureKind, SolvedClosure } from './closure-kind.ts';
import { exposedOf, tapeOf, zipperParams } from './zipper.ts';

/** Common practice: a tape is nicked so far apart where it bends. mm */
const NICKS = 6;

const params = {
  gauge: { ...zipperParams.gauge, standard: 'zipper-8' },
  beyond: { kind: 'length', title: 'Tape beyond the mouth, each end', rule: zipBeyond },
} as const satisfies Record<string, ParamSpec>;

/** One half of a zipper along a mouth that goes round a fold: folded, it closes on itself. The other half is left over. */
export const foldZip: ClosureKind = {
  title: 'Zipper of one tape, folded',
  on: 'mouth',
  meets: true,
  params,
  rules: [zipSeam, zipClear],
  exposes: (design, inputs) => exposedOf({ gauge: gaugeOf(design) }, inputs),
  solve(design: Params, { closing }: SizedBody, inputs: ClosureInputs): SolvedClosure {
    const { rules, hardware, grid, id } = inputs;
    if (closing.kind !== 'mouth' || !closing.folded)
      throw new CoreError('closure.notForBody', 'one tape needs a mouth that goes round a fold', id);
    const gauge = gaugeOf(design);
    const wide = product('one tape, wide', [tapeOf(hardwareOf(gauge, hardware)), half]);
    const path = named('way of the zipper', sum('front and back', [times(2, closing.width)]));
    const beyond = lengthParam(design, 'beyond', params.beyond, rules, id);
    const length = rounded(sum('zipper tape, cut length', [path, times(2, beyond)]), grid, 'up');
    return {
      sizes: { zipPath: path, tapeLength: length },
      contribution: made(closing, { gauge, wide, length, path }, inputs),
    };
  },
};

const gaugeOf = (design: Params) => choiceParam(design, 'gauge', params.gauge);

interface Tape {
  gauge: string;
  wide: Derived;
  length: Derived;
  path: Derived;
}

function made({ folded, rim, width, lined }: ClosingMouth, { gauge, wide, length, path }: Tape, { id }: ClosureInputs) {
  const piece = `${id}/tape`;
  const start = (length.value - path.value) / 2;
  const middle = start + width.value;
  // the run goes from the sewn end of the back round the fold to that of the front
  const halves = folded!.parts.map((part, index) => ({
    id: `${piece}#${index === 0 ? 'back' : 'front'}`,
    ...(lined
      ? { kind: 'caught' as const, within: `body/mouth-${index === 0 ? 'back' : 'front'}` }
      : { kind: 'sewn' as const }),
    a: index === 0 ? edgePart(piece, 'bottom', start, middle) : edgePart(piece, 'bottom', middle, start + path.value),
    b: { piece: folded!.piece, parts: [part] },
  }));
  return contribution({
    pieces: [
      strip({
        id: piece,
        name: 'Zipper, one tape',
        cutFrom: gauge,
        length,
        width: wide,
        note: 'One half; keep the other. Mark its middle: it lies on the fold.',
      }),
    ],
    hardware: [
      { id: gauge, count: 1, length: length.value },
      { id: gauge.replace('zipper', 'slider'), count: 1 },
    ],
    joins: halves,
    opens: [
      {
        piece,
        seam: `${piece}#front`,
        side: 'a',
        shows: [{ edge: 'bottom', inset: zipSeam.id }, { edge: 'top' }],
        folded: true,
        ends: zipClear.id,
      },
    ],
    shuts: rim.map(({ piece: on, edge }) => ({ piece: on, mouth: edge })),
    operations: [
      {
        id: `${id}/set`,
        phase: 'closures',
        needs: [],
        title: 'Baste the tape to the mouth',
        actions: [
          { verb: 'trim', pieces: [piece], to: 'tape' },
          { verb: 'nick', piece, every: NICKS },
          {
            verb: 'baste',
            seams: idsOf(halves),
            facing: 'rightToRight',
            meet: 'middles',
            teeth: 'inwards',
          },
        ],
      },
      {
        id: `${id}/slider`,
        phase: 'join',
        needs: [`${id}/set`],
        waitsFor: ['body/mouth', 'body/hem'],
        title: 'Put the slider on',
        actions: [
          { verb: 'fold', piece: folded!.piece, fold: 'side', sides: 'right' },
          { verb: 'moveSlider', zipper: piece, to: 'on' },
          { verb: 'moveSlider', zipper: piece, to: 'middle' },
        ],
      },
    ],
  });
}
