import { half } from '../../derived/constants.ts';
import type { SizedBody } from '../../bodies/body-kind.ts';
import {
  byRule,
  largest,
  minus,
  product,
  smallest,
  sum,
  times,
  type Derived,
  type Rule,
} from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import { CoreError } from '../../errors/core-error.ts';
import type { ParamSpec } from '../../holders/holder-kind.ts';
import { choiceParam, lengthParam } from '../../holders/params.ts';
import { hardwareOf, type Hardware } from '../../shelves/hardware/hardware.ts';
import { flap as flapRule } from '../../sizing/flap.ts';
import type { ClosureInputs, ClosureKind, SolvedClosure } from '../closure-kind.ts';
import { beneathOf } from '../beneath.ts';
import { fastenerParam, fasteners, halfOfFastener, insetAfter, insetFor, radiusOf } from '../fasteners.ts';
import { laidOver } from '../laid-over.ts';
import { overlapFor } from '../overlap.ts';
import { limited } from '../../pieces/limited.ts';
import { makeFlap } from './make.ts';
import { flapSeatOf } from './seat.ts';
import { flapWidth } from './width.ts';
import { tightCorner } from './tight-corner.ts';
import { flapExposed, leastLength } from './zipped.ts';
import { flapCorner, flapFastener, flapInset, flapOverlap } from './rules.ts';
import { tabSchool } from '../shoulder-rule.ts';

const params = {
  fastener: fastenerParam,
  pocket: {
    kind: 'choice',
    title: 'The flap is',
    standard: 'plain',
    choices: [
      { id: 'plain', title: 'plain', why: 'One outer piece and its lining.' },
      { id: 'zipped', title: 'a pocket with a zipper', why: 'Two halves, a zipper round a curve between them.' },
    ],
  },
  overlap: { kind: 'length', title: 'Lies on the front by', rule: flapOverlap },
  inset: { kind: 'length', title: 'Narrower than the mouth, each side', rule: flapInset },
  end: { kind: 'length', title: 'Fastener from the end', rule: flapFastener },
  corner: { kind: 'length', title: 'Radius of its corners', rule: flapCorner },
} as const satisfies Record<string, ParamSpec>;

const room: Rule = { id: 'zipper', formula: 'base, curve, corners', source: 'geometry: a curve across the flap' };

/** A lined flap caught in the back of the opening that goes over it to the front; it may be a zipped pocket. */
export const flap: ClosureKind = {
  title: 'Flap over the opening',
  on: 'mouth',
  params,
  rules: [tabSchool],
  findings: ['closure.cornerTooTight'],
  solve(design: Params, body: SizedBody, inputs: ClosureInputs): SolvedClosure {
    const { rules, stacks, cutStacks: cut = stacks, grid, hardware, id } = inputs;
    const seat = flapSeatOf(body.closing, body.finished.height, inputs);
    if (!seat) throw new CoreError('closure.notForBody', 'a flap needs a back to be caught in', id);
    const own = (key: 'overlap' | 'inset' | 'end' | 'corner') => lengthParam(design, key, params[key], rules, id);
    const fastener = hardwareOf(fasteners[choiceParam(design, 'fastener', fastenerParam)], hardware);
    const width = flapWidth(seat.width, own('inset'), grid);
    const exposed = choiceParam(design, 'pocket', params.pocket) === 'zipped' ? flapExposed(inputs) : undefined;
    const asked = smallest('corner radius', [own('corner'), product('half of its width', [width, half])]);
    const least = insetFor(own('end'), fastener);
    const over = (overlap: Derived, end = least) => {
      const { full, empty } = beneathOf(body, overlap.value, grid);
      return flapRule({
        loadedDepth: full,
        emptyDepth: empty,
        overlap,
        fastenerInset: end,
        flapThickness: sum('flap, both layers', [cut.exterior, cut.lining]),
        school: rules.choice(tabSchool),
      });
    };
    const wished = overlapFor(own('overlap'), least, fastener, seat.front);
    const overlap = exposed ? withRoom(wished, over(wished).flapLength, { width, corner: asked, exposed }) : wished;
    const { length, reach, lies } = laidOver(
      {
        path: `${id}/flapLength`,
        label: 'flap length',
        overlap,
        front: seat.front,
        fastener,
        inset: least,
        over,
        besides: [times(2, seat.proud)],
      },
      inputs,
    );
    const end = ontoFront(lies, least, fastener, seat.front);
    const solved = over(lies, end);
    const corner = smallest('corner radius', [asked, product('half of its length', [length, half])]);
    const made = {
      width,
      length,
      corner,
      end: insetAfter(end, length, reach),
      mate: solved.mateLoaded,
      ...(exposed && { exposed }),
    };
    return {
      sizes: { flapWidth: width, flapLength: length, mateLoaded: solved.mateLoaded },
      contribution: {
        ...makeFlap(made, seat, inputs, fastener),
        findings: [
          ...tightCorner(corner, inputs),
          ...limited('The flap lies on the front', own('overlap'), overlap, id),
        ],
      },
    };
  },
};

/** From the end of the flap to its fastener: where a zipper makes the flap reach past the front, so far that it still meets it. */
function ontoFront(overlap: Derived, least: Derived, fastener: Hardware, front: Derived | undefined): Derived {
  const past = front ? overlap.value - least.value - (front.value - radiusOf(fastener)) : 0;
  if (!front || past <= 0) return least;
  return sum('fastener from the end, to meet the front', [overlap, minus(front), halfOfFastener(fastener)]);
}

/** A zipper across the flap asks for a length of its own: the flap then lies further on the front. */
function withRoom(
  overlap: Derived,
  length: Derived,
  { width, corner, exposed }: Record<'width' | 'corner' | 'exposed', Derived>,
): Derived {
  const least = byRule(room, 'room for the zipper', leastLength(width.value, corner.value, exposed.value), [
    width,
    corner,
    exposed,
  ]);
  if (length.value >= least.value) return overlap;
  return largest('lies on the front by', [overlap, sum('with its zipper', [overlap, least, times(-1, length)])]);
}
