import { sum, times, type Derived } from '../../derived/derived.ts';
import { nothing } from '../../derived/constants.ts';
import type { Params } from '../../document/design-document.ts';
import type { Finding } from '../../errors/finding.ts';
import { say } from '../../errors/wording.ts';
import { contribution, type Contribution } from '../../pieces/contribution.ts';
import type { Room, Stood } from '../../pieces/room.ts';
import type {
  HeldContents,
  HolderInputs,
  HolderKind,
  MeasuredHolder,
  ParamSpec,
  PlacedHolder,
} from '../holder-kind.ts';
import type { SeatOf } from '../seat.ts';
import { lengthParam } from '../params.ts';
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
}

type Placed = PlacedHolder<BookCover, 'book'>;

function measure(design: Params, contents: HeldContents[], inputs: HolderInputs): MeasuredHolder<BookCover> {
  const { rules, id } = inputs;
  const [held] = contents as [HeldContents];
  const { across, deep, thickness } = sidesOf(held);
  const board = lengthParam(design, 'board', params.board, rules, `holders/${id}`);
  const { line, name } = held;
  const book = { line: line.id, name, boardWidth: across, boardHeight: deep, board, spine: thickness };
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

/** Each board in the flap that closes round it, and all of the jacket round the book. */
function contribute({ id, seat, detail }: Placed, { rules }: HolderInputs): Contribution {
  const { line, board } = detail;
  const book: Stood = { line, count: 1, board };
  const ease = { across: rules.length(easeBook), deep: nothing };
  return contribution({
    rooms: seat.rings.map((ring, index): Room => ({
      id: `holders/${id}/${index + 1}`,
      holds: [line],
      rings: [ring],
      ...(ring.wraps && { stands: { beside: [[book]] }, ease }),
      // what an elastic lies over has no end
      ...(ring.walls[0]!.base && { stands: { beside: [[{ ...book, only: 'board' }]] }, lengthwise: true, ease }),
    })),
  });
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
  contribute,
};
