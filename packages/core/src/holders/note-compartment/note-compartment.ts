import {
  given,
  largest,
  minus,
  named,
  product,
  roundedAmount,
  sum,
  times,
  type Addend,
  type Derived,
} from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import { contribution, type Contribution } from '../../pieces/contribution.ts';
import { linesOf, onePile, patchRing } from '../../pieces/room.ts';
import { patch } from '../../pieces/patch.ts';
import { wholeEdge, type Seam } from '../../pieces/seam.ts';
import { widenedTo } from '../slab.ts';
import { openDepth } from '../../sizing/depth.ts';
import { rectHalfGirth, tubeAround } from '../../sizing/tube-width.ts';
import type {
  HeldContents,
  HolderInputs,
  HolderKind,
  MeasuredHolder,
  ParamSpec,
  PlacedHolder,
} from '../holder-kind.ts';
import { hostRun, type SeatOf } from '../seat.ts';
import { farther, stitchedBeside } from '../face-pocket/pocket.ts';
import { lengthParam } from '../params.ts';
import { mostOf, sheafOf, type Sheaf } from '../sides.ts';
import { easeNoteAcross, easeNoteDeep, noteReveal } from './rules.ts';
import { seamAllowance, topstitchInset } from '../../shelves/rules/common-rules.ts';
import { doubledReach } from '../../stacks/reach.ts';

const params = {
  reveal: { kind: 'length', title: 'Mouth below the top edge', rule: noteReveal },
} as const satisfies Record<string, ParamSpec>;

export interface NoteCompartment {
  sheaves: Sheaf[];
  /** Mouth below the top of the face. */
  reveal: Derived;
  /** Everything in it, one on another. */
  load: Derived;
  front: Derived;
  back: Derived;
  bite: Derived;
}

type Placed = PlacedHolder<NoteCompartment, 'inside'>;
const two = given('layers', 2, { kind: 'standard', path: 'layers' }, 'count');
const panelId = (id: string): string => `holders/${id}/panel`;

function measure(given: Params, contents: HeldContents[], inputs: HolderInputs): MeasuredHolder<NoteCompartment> {
  const { rules, stacks, reach, grid, id } = inputs;
  const sheaves = contents.map(sheafOf);
  const load = sum(
    'notes, all together',
    sheaves.map(({ thickness }) => thickness),
  );
  const front = product('note panel, both layers', [two, stacks.pocket]);
  const bite = rules.length(topstitchInset);
  const reveal = roundedAmount(lengthParam(given, 'reveal', params.reveal, rules, `holders/${id}`), grid);
  const walls = { front: doubledReach(inputs, 'pocket'), back: inputs.host ?? reach.lining };
  const widest = largest(
    'the widest',
    sheaves.map(({ across }) => across),
  );
  const clear = tubeAround(rectHalfGirth(widest, load), walls, rules.length(easeNoteAcross));
  const width = sum('notes, width between the seams', [clear, times(2, bite)]);
  const deepest = largest(
    'the deepest',
    sheaves.map(({ deep }) => deep),
  );
  const sunk = (label: string, of: Addend[]) =>
    openDepth({ sunk: sum(label, of), thickness: load, reach: farther(walls) });
  const whole = sum('notes, height to the top edge', [sunk('notes', [deepest, rules.length(easeNoteDeep)]), bite]);
  // above a mouth that lies far below the top edge they must still be held
  const held = sum('notes held, and the mouth below the top edge', [sunk('held', [mostOf(deepest)]), bite, reveal]);
  const height = held.value > whole.value ? held : whole;
  const panel = { x0: 0, x1: width.value, y0: 0, y1: Math.max(1, height.value - reveal.value) };
  return {
    width,
    height,
    slabs: [
      ...sheaves.map(({ line, name, thickness, across, deep }) => ({
        of: { line },
        label: name,
        x0: (width.value - across.value) / 2,
        x1: (width.value + across.value) / 2,
        y0: bite.value,
        y1: bite.value + deep.value,
        thickness,
      })),
      { of: { role: 'pocket' }, label: 'note panel', ...panel, thickness: front },
    ],
    stretches: { width: true, height: true },
    mouthDrop: reveal,
    sizes: { noteWidth: clear, reveal },
    detail: { sheaves, reveal, load, front, back: stacks.lining, bite },
    findings: [],
  };
}

function place(
  { detail, sizes, slabs }: MeasuredHolder<NoteCompartment>,
  seat: SeatOf<'inside'>,
  { id }: HolderInputs,
): Placed {
  const { x, y, width, height } = seat;
  const mouth = named('note panel, finished height', height);
  const widened = widenedTo(slabs, width.value, height.value);
  return {
    id,
    kind: 'note-compartment',
    seat,
    sizes: { ...sizes, panelWidth: width, panelHeight: mouth },
    mouths: [{ id, y: y + height.value, bottom: y, x0: x, x1: x + width.value }],
    stitching: [],
    things: detail.sheaves.map(({ line, name, across, deep }) => ({
      line,
      name,
      x: x + (width.value - across.value) / 2,
      y: y + detail.bite.value,
      width: across.value,
      height: deep.value,
      radius: 0,
    })),
    slabs: widened,
    detail,
  };
}

/** A panel folded double along its mouth, its raw edges caught in three seams of the body. */
function contribute({ id, seat, detail }: Placed, { rules }: HolderInputs): Contribution {
  const seam = rules.length(seamAllowance);
  const piece = panelId(id);
  const [width, height] = [seat.width.value, seat.height.value];
  const flat = sum('note panel, unfolded', [times(2, seat.height)]);
  const notchesAt = seat.bottomEase?.notchesAt ?? [];
  const names = seat.bottomEase?.between ?? [];
  const joins = panelJoins(id, seat).map((join) => join.id);
  return contribution({
    pieces: [
      patch({
        id: piece,
        name: 'Note panel',
        role: 'pocket',
        width: seat.width,
        height: flat,
        seam,
        topArrow: true,
        folds: [{ id: 'mouth', order: 1, kind: 'mountain', from: [0, height], to: [width, height] }],
        notches: notchesAt.flatMap((at, index) => [
          { id: names[index]!, edge: 'bottom', at },
          { id: names[index]!, edge: 'top', at: width - at },
        ]),
        note: 'Fold wrong sides in; the fold is the mouth.',
      }),
    ],
    joins: panelJoins(id, seat),
    rooms: [
      {
        id: `holders/${id}/1`,
        holds: linesOf(detail.sheaves),
        rings: [
          patchRing({ piece, mouth: { fold: 'mouth' }, double: true }, seat.host.piece, boundsOf(id), stitchedBeside),
        ],
        stands: onePile(detail.sheaves, { mayShow: detail.reveal }),
        ease: { across: rules.length(easeNoteAcross), deep: rules.length(easeNoteDeep) },
      },
    ],
    operations: [
      {
        id: `holders/${id}/fold`,
        phase: 'prepare',
        needs: [],
        title: 'Fold the note panel',
        actions: [
          { verb: 'fold', piece, fold: 'mouth', sides: 'wrong' },
          { verb: 'press', pieces: [piece] },
          { verb: 'topstitch', piece, along: ['mouth'], distance: rules.length(topstitchInset).value },
        ],
      },
      {
        id: `holders/${id}/set`,
        phase: 'layers',
        needs: [`holders/${id}/fold`],
        title: 'Baste the note panel on',
        actions: [
          {
            verb: 'baste',
            what: 'the folded note panel',
            seams: joins,
            // both halves lie on each other
            carries: joins.filter((join) => join.endsWith('-back')),
            facing: 'wrongToRight',
          },
          { verb: 'tryIn', holders: [id] },
        ],
      },
    ],
  });
}

/** The outer layer of the doubled panel. */
const boundsOf = (id: string) => ({
  left: `holders/${id}#left-front`,
  right: `holders/${id}#right-front`,
  base: `holders/${id}#bottom-front`,
});

function panelJoins(id: string, seat: SeatOf<'inside'>): Seam[] {
  const piece = panelId(id);
  const height = seat.height.value;
  const own = `holders/${id}`;
  const fate = (side: 'left' | 'right' | 'bottom') => {
    const edge = seat.edges[side];
    return edge.kind === 'caught' ? { within: edge.within } : {};
  };
  // the back half of a side lies on the front half once the panel is folded
  const side = (which: 'left' | 'right'): Seam[] => {
    const length = 2 * height;
    const front = which === 'left' ? { from: height, to: length, reversed: true } : { from: 0, to: height };
    const back = which === 'left' ? { from: 0, to: height } : { from: height, to: length, reversed: true };
    return [front, back].map((part, index) => ({
      id: `${own}#${which}-${index === 0 ? 'front' : 'back'}`,
      kind: 'caught' as const,
      a: { piece, parts: [{ edge: which, ...part }] },
      b: hostRun(seat, which, 0, height),
      ...fate(which),
    }));
  };
  const { bottomEase } = seat;
  const hostBottom = { piece: seat.host.piece, parts: [{ edge: 'bottom' }] };
  const shorter = bottomEase && {
    ease: { by: sum('longer across the fold', [minus(bottomEase.by)]), between: bottomEase.between },
  };
  const bottoms = (['bottom', 'top'] as const).map((edge, index) => ({
    id: `${own}#bottom-${index === 0 ? 'front' : 'back'}`,
    kind: 'caught' as const,
    a: wholeEdge(piece, edge, edge === 'top'),
    b: hostBottom,
    ...fate('bottom'),
    ...shorter,
  }));
  return [...side('left'), ...side('right'), ...bottoms];
}

/** A full-width compartment for notes behind the leaves' own holders. */
export const noteCompartment: HolderKind<NoteCompartment, 'inside'> = {
  title: 'Note compartment',
  params,
  rules: [easeNoteAcross, easeNoteDeep, topstitchInset],
  shown: { clearWidth: 'noteWidth' },
  seats: ['inside'],
  panel: 'pocket',
  suits({ shape, length, width, thickness, rigid }) {
    if (shape !== 'card' || rigid) return { score: 0, why: 'A note compartment folds with the piece.' };
    // a wad of notes is a thing too
    if (Math.max(length, width) > 115 && thickness <= 12)
      return { score: 1, why: 'Large and soft: it folds with the piece.' };
    return { score: thickness <= 0.3 ? 1 : 0.3, why: 'Thin, and may be folded.' };
  },
  measure,
  place,
  contribute,
  mouthHandle: ({ detail }) => ({ param: 'reveal', mouth: 0, value: detail.reveal.value, towards: -1 }),
};
