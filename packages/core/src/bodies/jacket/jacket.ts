import type { CutPieces } from '../../holders/seat.ts';
import type { BodyInputs, BodyKind, SizedBody } from '../body-kind.ts';
import { sleeveLikeSection } from '../section.ts';
import { jacketBoards } from './boards.ts';
import { contributeJacket } from './contribute.ts';
import { jacketParams } from './params.ts';
import { LINING, sizeJacket, type Jacket } from './size.ts';
import { jacketTuck } from './rules.ts';
import { seamAllowance, turningGap } from '../../shelves/rules/common-rules.ts';

/** The driving sizes from the cut pieces: the inverse of making. mm */
function readBack(cut: CutPieces, _sized: SizedBody<Jacket>, _inputs: BodyInputs): Record<string, number> {
  const { sewn, foldsAcross } = cut(LINING);
  const { width, height } = sewn;
  return {
    width,
    height,
    flap: Math.min(...foldsAcross),
    flap2: width - Math.max(...foldsAcross),
  };
}

/** How wide one side of the cover is, mm. */
const coverOf = ({ width, spine, flap, second }: Jacket): number =>
  (width.value - flap.value - second.value - spine.value) / 2;

/** Jackets round a bound book, of the foldover family: two flaps, an elastic, a marker. */
export const jacket: BodyKind<Jacket> = {
  title: 'Book jacket',
  about: 'a cover with two flaps round a book',
  orientation: 'upright',
  closures: ['none'],
  params: jacketParams,
  rules: [seamAllowance, turningGap, jacketTuck],
  faces: () => [{ id: 'cover', title: 'round the book', seat: 'book' }],
  size: sizeJacket,
  contribute: contributeJacket,
  boards: jacketBoards,
  section: ({ detail, closedThickness }, placed, { stacks }) =>
    sleeveLikeSection(
      {
        width: coverOf(detail),
        state: 'closed',
        total: closedThickness,
      },
      placed,
      stacks,
    ),
  readBack,
};
