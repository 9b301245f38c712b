import { byRule, given, sum, times, type Derived, type Rule } from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import type { Finding } from '../../errors/finding.ts';
import { say } from '../../errors/wording.ts';
import { contribution } from '../../pieces/contribution.ts';
import type {
  Clearance,
  HeldContents,
  HolderInputs,
  HolderKind,
  MeasuredHolder,
  ParamSpec,
  PlacedHolder,
} from '../holder-kind.ts';
import type { CutPieces, SeatOf } from '../seat.ts';
import { lengthParam } from '../params.ts';
import { seatRoom } from '../seat-rooms.ts';
import { clearanceOf } from '../../pieces/clearance.ts';
import { sidesOf } from '../sides.ts';
import { easeBook, jacketBoard } from './rules.ts';

const params = {
  board: { kind: 'length', title: 'Thickness of a board', rule: jacketBoard },
} as const satisfies Record<string, ParamSpec>;

/** A bound book, closed. All mm. */
export interface BookCover {
  line: string;
  name: string;
  boardWidth: Derived;
  boardHeight: Derived;
  board: Derived;
  spine: Derived;
  /** Of the jacket, all layers. */
  wall: Derived;
}

type Placed = PlacedHolder<BookCover, 'book'>;

function measure(design: Params, contents: HeldContents[], inputs: HolderInputs): MeasuredHolder<BookCover> {
  const { rules, stacks, id } = inputs;
  const [held] = contents as [HeldContents];
  const { across, deep, thickness } = sidesOf(held);
  const board = lengthParam(design, 'board', params.board, rules, `holders/${id}`);
  const wall = sum('jacket, all layers', [stacks.exterior, stacks.lining]);
  const { line, name } = held;
  const book = { line: line.id, name, boardWidth: across, boardHeight: deep, board, spine: thickness, wall };
  const width = sum('both boards and the spine', [times(2, across), thickness]);
  return {
    width,
    height: deep,
    slabs: [{ of: { line: line.id }, label: name, x0: 0, x1: across.value, y0: 0, y1: deep.value, thickness }],
    stretches: { width: true, height: true },
    sizes: { boardWidth: across, boardHeight: deep, board, spine: thickness },
    detail: book,
    findings: tooMany(contents, id),
  };
}

function tooMany(contents: HeldContents[], id: string): Finding[] {
  const books = contents.reduce((total, { count }) => total + count, 0);
  if (books === 1) return [];
  const text = say`A jacket covers one book, and ${books} are in it. Take the others out.`;
  return [
    {
      code: 'holder.tooMany',
      severity: 'stop',
      about: [`holders/${id}`, ...contents.map(({ line }) => `contents/${line.id}`)],
      numbers: { books },
      text,
    },
  ];
}

function place(
  { detail, sizes, slabs }: MeasuredHolder<BookCover>,
  seat: SeatOf<'book'>,
  { id }: HolderInputs,
): Placed {
  const { x, y, width, height } = seat;
  const { boardWidth, boardHeight, line, name } = detail;
  const bottom = y + (height.value - boardHeight.value) / 2;
  const at = (left: number) => ({
    line,
    name,
    x: left,
    y: bottom,
    width: boardWidth.value,
    height: boardHeight.value,
    radius: 0,
  });
  return {
    id,
    kind: 'book-cover',
    seat,
    sizes,
    mouths: [],
    stitching: [],
    things: [at(x), at(x + width.value - boardWidth.value)],
    slabs,
    detail,
  };
}

const roundRule: Rule = {
  id: 'jacket',
  formula: 'π/4 × (front + back)',
  source: 'geometry: a tube round a board (Steiner)',
};

/** A flap is a tube round its board; between the flaps the jacket goes round both boards and the spine. */
function readBack(cut: CutPieces, { id, seat, detail }: Placed, { rules }: HolderInputs): Clearance[] {
  const { line, name, boardWidth, boardHeight, board, spine, wall } = detail;
  const { height, foldsAcross, allowance } = cut(seat.host.piece);
  const from = { kind: 'cut', path: seat.host.piece } as const;
  const inner = Math.max(...foldsAcross) - Math.min(...foldsAcross);
  const tall = given('between the seams, as cut', height - allowance.top! - allowance.bottom!, from);
  const around = byRule(roundRule, 'cloth going round the board', (Math.PI / 2) * wall.value, [wall]);
  const about = { holder: id, line, name };
  const ease = rules.length(easeBook).value;
  return [
    clearanceOf({
      ...about,
      direction: 'deep',
      required: sum('board and cloth', [boardHeight, board, around]),
      available: tall,
      ease,
    }),
    clearanceOf({
      ...about,
      direction: 'across',
      required: sum('boards, spine and turns', [times(2, boardWidth), spine, times(2, board), times(2, wall)]),
      available: given('between the flaps, as cut', inner, from),
      ease,
    }),
  ];
}

/** A book in its jacket. */
export const bookCover: HolderKind<BookCover, 'book'> = {
  title: 'Book in its jacket',
  params,
  rules: [easeBook],
  findings: ['holder.tooMany'],
  seats: ['book'],
  suits: ({ shape, thickness }) => ({
    score: shape === 'book' ? 1 : shape === 'card' && thickness >= 1 ? 0.7 : 0.1,
    why: 'A jacket goes round a bound book or booklet.',
  }),
  measure,
  place,
  contribute: ({ id, seat, detail }) => contribution({ rooms: [seatRoom(id, seat, [detail.line])] }),
  readBack,
};
