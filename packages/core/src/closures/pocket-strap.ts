import type { SewnEnd, SizedBody } from '../bodies/body-kind.ts';
import { readFromCut, sum, type Derived } from '../derived/derived.ts';
import type { Params } from '../document/design-document.ts';
import { CoreError } from '../errors/core-error.ts';
import { hostPart } from '../holders/seat.ts';
import type { SewnPocket } from '../holders/sewn-pocket.ts';
import { lengthParam } from '../holders/params.ts';
import { contribution } from '../pieces/contribution.ts';
import { limited } from '../pieces/limited.ts';
import type { Seam } from '../pieces/seam.ts';
import type { Hardware } from '../shelves/hardware/hardware.ts';
import { lengthRule } from '../shelves/rules/house-rule.ts';
import { flap } from '../sizing/flap.ts';
import { mateSet } from './mate.ts';
import type { ClosureInputs, ClosureKind, SolvedClosure } from './closure-kind.ts';
import { halfMark, insetAfter, radiusOf } from './fasteners.ts';
import { laidOver } from './laid-over.ts';
import { overlapFor } from './overlap.ts';
import { tabSchool } from './shoulder-rule.ts';
import { cutStrap, makeStrap, strapAsked, strapParams, type Strap } from './strap-cut.ts';

const onPocket = lengthRule(
  'pocketStrap.overlap',
  'closures',
  'Strap lies on the pocket by',
  45,
  20,
  150,
  'Room for the fastener and a thumb.',
);

const { inset, ...ofStrap } = strapParams;
const params = {
  ...ofStrap,
  overlap: { kind: 'length', title: 'Lies on the pocket by', rule: onPocket },
  inset,
} as const;

/** A strap caught in a sewn side that goes over the mouth of a pocket on the front, its mate on the front of that pocket. */
export const pocketStrap: ClosureKind = {
  title: 'Strap over a pocket',
  on: 'sides',
  params,
  rules: [tabSchool],
  findings: ['setting.limited'],
  solve(design: Params, body: SizedBody, inputs: ClosureInputs): SolvedClosure {
    const { rules, stacks, id } = inputs;
    const { pocket, end } = endOf(body, inputs);
    const own = lengthParam(design, 'overlap', params.overlap, rules, id);
    const { fastener, inset, asked, width, thickness, webbing } = strapAsked(
      design,
      { room: pocket.wide, label: 'as wide as the pocket' },
      inputs,
    );
    const beneath = (state: 'full' | 'empty') =>
      sum(`wall and pocket, ${state}`, [stacks.exterior, stacks.lining, pocket[state]]);
    const over = (lies: Derived) =>
      flap({
        loadedDepth: beneath('full'),
        emptyDepth: beneath('empty'),
        overlap: lies,
        fastenerInset: inset,
        flapThickness: thickness,
        school: rules.choice(tabSchool),
      });
    const overlap = overlapFor(own, inset, fastener, pocket.deep);
    const gap = readFromCut('from the seam to the mouth of the pocket', gapOf(pocket, end), end.host.piece);
    const { length, reach, solved } = laidOver(
      {
        path: `${id}/strapLength`,
        label: 'strap length',
        overlap,
        front: pocket.deep,
        fastener,
        inset,
        over,
        besides: [gap],
      },
      inputs,
    );
    const takes = radiusOf(fastener);
    if (pocket.wide.value < 2 * takes || pocket.deep.value < solved.mateLoaded.value + takes)
      throw new CoreError('part.notForBody', `pocket ${pocket.id} has no room for its fastener (${fastener.name})`, id);
    const strap: Strap = {
      width,
      length,
      inset: insetAfter(inset, length, reach),
      caught: true,
      ...(webbing !== undefined && { webbing }),
    };
    const mate = solved.mateLoaded;
    return {
      sizes: { strapWidth: width, strapLength: length, mateLoaded: mate },
      contribution: contribution({
        ...make(strap, { pocket, end, mate, gap }, inputs, fastener),
        findings: [
          ...limited('The strap is wide', asked, width, id),
          ...limited('The strap lies on the pocket', own, overlap, id),
        ],
      }),
    };
  },
};

interface Place {
  pocket: SewnPocket;
  end: SewnEnd;
  /** Of the mate below the mouth of the pocket, and of that from the seam, mm. */
  mate: Derived;
  gap: Derived;
}

/** The first pocket that opens towards a sewn side. */
function endOf({ closing }: SizedBody, { pockets, id }: ClosureInputs): Pick<Place, 'pocket' | 'end'> {
  const ends = closing.kind === 'mouth' ? (closing.ends ?? []) : [];
  for (const pocket of pockets?.() ?? []) {
    const end = ends.find(({ side, face }) => side === pocket.towards && face === pocket.face);
    if (end) return { pocket, end };
  }
  const why =
    ends.length === 0
      ? 'it is caught in a whole side of the front, where that is sewn to the back, and this form has none'
      : 'it closes a pocket on the front whose mouth looks to a side that is sewn, and there is none';
  throw new CoreError('part.notForBody', why, id);
}

const gapOf = ({ x0, x1 }: SewnPocket, { side, host }: SewnEnd): number => (side === 'left' ? x0 : host.width - x1);

function make(strap: Strap, { pocket, end, mate, gap }: Place, inputs: ClosureInputs, fastener: Hardware) {
  const { rules, id } = inputs;
  const piece = `${id}/strap`;
  const cut = cutStrap(piece, strap, fastener, inputs);
  const [middle, half] = [(pocket.y0 + pocket.y1) / 2, strap.width.value / 2];
  const { host, side, within, layers } = end;
  const base: Seam = {
    id: `${piece}#base`,
    kind: 'caught',
    within,
    a: cut.base,
    b: { piece: host.piece, parts: [hostPart(host, side, middle - half, middle + half)] },
  };
  const { front, deep } = pocket;
  const [x, y] = front.middle;
  return {
    pieces: [cut.draft],
    joins: [...cut.made, base],
    laps: [
      {
        id,
        name: 'strap' as const,
        piece,
        layers: [piece],
        ...cut.lap,
        cap: `${id}-cap`,
        mate: { piece: front.piece, mark: `${id}-mate`, edge: front.mouth },
        end: { piece: host.piece, edge: { edge: end.edge }, layers },
        over: rules.choice(tabSchool),
        front: gap.value + deep.value,
      },
    ],
    hardware: [{ id: fastener.id, count: 1 }, ...cut.hardware],
    hostEdits: [
      {
        piece: front.piece,
        marks: [halfMark(fastener, 'lower', { id: `${id}-mate`, at: [x, y - mate.value], label: 'fastener, mate' })],
      },
    ],
    operations: [
      makeStrap(cut, id),
      {
        id: `${id}/set`,
        phase: 'closures' as const,
        needs: [`${id}/strap`, `holders/${pocket.id}/set`],
        title: 'Baste the strap on and set its mate',
        actions: [
          ...mateSet(
            { hardware: fastener.id, piece: front.piece, mark: `${id}-mate` },
            { distance: mate.value },
            { pockets: [pocket.id] },
          ),
          { verb: 'baste', seams: [base.id], facing: 'rightToRight', pointing: 'inwards' } as const,
          { verb: 'inspect', what: 'notTwisted' } as const,
        ],
      },
    ],
  };
}
