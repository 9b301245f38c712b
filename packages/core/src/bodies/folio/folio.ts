import { given } from '../../derived/derived.ts';
import type { CutPieces } from '../../holders/seat.ts';
import { choiceParam } from '../../holders/params.ts';
import type { LengthRule } from '../../shelves/rules/house-rule.ts';
import type { BodyInputs, BodyKind, SizedBody } from '../body-kind.ts';
import { folioBoards } from './boards.ts';
import { contributeFolio } from './contribute.ts';
import { folioParams } from './params.ts';
import { folioSection } from './section.ts';
import { SHELL, LINING, NOTES, isNarrow, sizeFolio, type Folio } from './size.ts';
import { leafLess, rawInset, rawLip } from './rules.ts';
import { foldGutter, foldSchool } from '../leaf-rules.ts';
import { mouthHem, seamAllowance, topstitchInset } from '../../shelves/rules/common-rules.ts';

const raw = (params: Parameters<typeof sizeFolio>[0]): boolean =>
  choiceParam(params, 'edges', folioParams.edges) === 'raw';

/** The driving sizes from the cut pieces: the inverse of making. mm */
function readBack(cut: CutPieces, { detail }: SizedBody<Folio>, _inputs: BodyInputs): Record<string, number> {
  const [shell, lining] = [cut(SHELL), cut(LINING)];
  const width = (piece: typeof shell) => piece.sewn.width;
  const ends = [0, ...lining.foldsAcross, width(lining)];
  const sizes = Object.fromEntries(
    ends.slice(1).map((end, index) => {
      const number = Math.floor(index / 2) + 1;
      return [index % 2 === 0 ? `leaf${number}` : `spine${number}`, end - ends[index]!];
    }),
  );
  return {
    ...sizes,
    liningWidth: width(lining),
    shellWidth: width(shell),
    shellExtra: (width(shell) - width(lining)) / detail.spines.length,
    height: shell.sewn.height,
  };
}

const NOTHING_TURNED = given('raw edge', 0, { kind: 'standard', path: 'raw' });

/** What raw edges change: nothing is turned, hemmed or topstitched; all is stitched at one inset from the edge. */
const rawLengths: ReadonlyMap<LengthRule, LengthRule | undefined> = new Map([
  [seamAllowance, rawInset],
  [topstitchInset, undefined],
  [mouthHem, undefined],
]);

/** Common practice: what is thicker makes a folio gape; it is not put there without being asked. mm */
const LEAF = 15;

/** Common practice: a wad that is thicker does not fold with the piece. mm */
const FOLDS = 3;

/** Folios and trifolds, of the foldover family: three leaves or more, folded into each other. */
export const folio: BodyKind<Folio> = {
  title: 'Folio',
  about: 'three leaves or more, folded into each other',
  orientation: 'upright',
  closures: ['none', 'magnets'],
  params: folioParams,
  rules: [foldSchool, foldGutter, leafLess, seamAllowance, topstitchInset, rawInset, rawLip],
  adapt(params, given) {
    const { rules } = given;
    if (!raw(params)) return given;
    const length: typeof rules.length = (rule) => {
      if (!rawLengths.has(rule)) return rules.length(rule);
      const other = rawLengths.get(rule);
      return other ? rules.length(other) : NOTHING_TURNED;
    };
    return { ...given, rules: { ...rules, length } };
  },
  faces: (params) => [
    ...Array.from({ length: Number(choiceParam(params, 'leaves', folioParams.leaves)) }, (_, index) => ({
      id: `leaf-${index + 1}`,
      title: `leaf ${index + 1}`,
      seat: 'leaf' as const,
      thickest: LEAF,
      // nothing lies on a narrow flap
    })).slice(isNarrow(params) ? 1 : 0),
    // with raw edges the inner panel is free at its top
    ...(raw(params)
      ? [{ id: NOTES, title: 'behind the inner panel, over all leaves', seat: 'file' as const, thickest: FOLDS }]
      : []),
  ],
  size: sizeFolio,
  contribute: contributeFolio,
  boards: folioBoards,
  section: folioSection,
  readBack,
};
