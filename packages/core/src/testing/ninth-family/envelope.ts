import type { BodyInputs, BodyKind, SizedBody } from '../../bodies/body-kind.ts';
import { sleeveLikeSection } from '../../bodies/section.ts';
import { given, largest, named, rounded, sum, times, type Derived } from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import type { MeasuredFace } from '../../faces/measure.ts';
import { through } from '../../geometry/panel.ts';
import type { ParamSpec } from '../../holders/holder-kind.ts';
import type { CutPieces } from '../../holders/seat.ts';
import { lengthParam } from '../../holders/params.ts';
import { BACK, crease } from '../../pieces/bend.ts';
import { contribution } from '../../pieces/contribution.ts';
import { wholeEdge, type Seam } from '../../pieces/seam.ts';
import { lengthRule } from '../../shelves/rules/house-rule.ts';
import { seamAllowance } from '../../shelves/rules/common-rules.ts';

/** A plain envelope of cloth that does not fray: one piece, folded once, sewn at both sides, its flap tucked in. */
interface Envelope {
  width: Derived;
  height: Derived;
  flap: Derived;
}

/** A house rule of its own. */
export const envelopeFlap = lengthRule('envelope.flap', 'closures', 'Flap of an envelope', 60, 20, 200, 'Tucked in.');
const params = {
  flap: { kind: 'length', title: 'Flap', rule: envelopeFlap },
} as const satisfies Record<string, ParamSpec>;
const LEAST = given('least side', 60, { kind: 'standard', path: 'envelope/least' });
const none = given('nothing', 0, { kind: 'standard', path: 'nothing' });
const SHEET = 'body/sheet';

function asCut(cut: CutPieces): Record<'width' | 'height', number> {
  const { sewn, folds } = cut(SHEET);
  return { width: sewn.width, height: folds[1]! - folds[0]! };
}

function size(design: Params, [inside]: MeasuredFace[], { rules, grid, stacks }: BodyInputs): SizedBody<Envelope> {
  const width = rounded(largest('width', [LEAST, inside!.width]), grid, 'up');
  const height = rounded(largest('height', [LEAST, inside!.height]), grid, 'up');
  const flap = rounded(lengthParam(design, 'flap', params.flap, rules, 'body'), grid, 'nearest');
  const walls = sum('front and back', [times(2, stacks.exterior)]);
  const free = { kind: 'free' } as const;
  return {
    finished: { width: named('finished width', width), height: named('finished height', height) },
    closedThickness: sum('thick, full', [walls, stacks.exterior, inside!.loaded]),
    emptyThickness: sum('thick, empty', [walls, stacks.exterior]),
    sizes: { width, height, flap },
    faces: [
      {
        id: 'inside',
        seat: 'cavity',
        host: { piece: SHEET, width: width.value, height: height.value },
        room: { x: 0, y: 0, width, height, towards: 'left' },
        edges: { left: free, right: free, bottom: free, top: free },
        rings: [
          {
            walls: (['front', 'back'] as const).map((which) => {
              const [left, right] = which === 'front' ? ['left', 'right'] : ['right', 'left'];
              const side = which === 'front' ? 'a' : 'b';
              return {
                piece: SHEET,
                left: { seam: `body/${left}`, side },
                right: { seam: `body/${right}`, side },
                base: { fold: 'bottom' },
                mouth: { fold: which === 'front' ? 'mouth' : 'flap' },
              };
            }),
          },
        ],
        // one piece is both: the front with its mouth down, the back with its mouth up
        panels: {
          front: { piece: SHEET, at: (fromLeft, down) => [fromLeft, down] },
          back: { piece: SHEET, at: (fromLeft, down) => [fromLeft, 2 * height.value - down] },
        },
      },
    ],
    closing: { kind: 'nowhere' },
    detail: { width, height, flap },
  };
}

const sides = ['left', 'right'] as const;
const seams = sides.map((side): Seam => ({
  id: `body/${side}`,
  kind: 'sewn',
  a: wholeEdge(SHEET, `${side}-front`),
  b: wholeEdge(SHEET, `${side}-back`, true),
}));

export const envelope: BodyKind<Envelope> = {
  title: 'Envelope',
  about: 'one piece, folded once, its flap tucked in',
  orientation: 'lying',
  closures: ['none'],
  params,
  rules: [seamAllowance],
  adapt: (_params, { rules, stacks, reach }) => ({
    rules,
    stacks: { ...stacks, lining: none },
    reach: { ...reach, lining: none },
  }),
  faces: () => [{ id: 'inside', title: 'in the envelope', seat: 'cavity' }],
  size,
  contribute({ detail: { width, height, flap } }, { rules }) {
    const [w, h, f] = [width.value, height.value, flap.value];
    const seam = rules.length(seamAllowance);
    const narrow = Math.min(10, w / 6);
    const stitch = through([
      ['mouth', [0, 0]],
      ['right-front', [w, 0]],
      ['right-back', [w, h]],
      ['right-flap', [w, 2 * h]],
      ['tip', [w - narrow, 2 * h + f]],
      ['left-flap', [narrow, 2 * h + f]],
      ['left-back', [0, 2 * h]],
      ['left-front', [0, h]],
    ]);
    const sewn = (id: string) => /^(left|right)-(front|back)$/.test(id);
    return contribution({
      pieces: [
        {
          id: SHEET,
          name: 'Envelope',
          role: 'exterior',
          stitch,
          width,
          height: sum('front, back and flap', [times(2, height), flap]),
          allowance: Object.fromEntries(stitch.map(({ id }) => [id, sewn(id) ? seam : none])),
          spans: { across: ['left-front', 'right-front'], up: ['mouth', 'tip'] },
          bends: [1, 2].map((times_) => crease([0, times_ * h], [w, times_ * h], BACK)),
          folds: [0, 1, 2].map((times_, index) => ({
            id: ['mouth', 'bottom', 'flap'][index]!,
            order: index + 1,
            kind: 'mountain' as const,
            from: [0, times_ * h] as [number, number],
            to: [w, times_ * h] as [number, number],
          })),
        },
      ],
      joins: seams,
      operations: [
        {
          id: 'body/join',
          phase: 'join',
          needs: [],
          title: 'Fold and sew the envelope',
          actions: [
            { verb: 'fold', piece: SHEET, fold: 'bottom', sides: 'wrong', by: h },
            { verb: 'sew', seams: seams.map(({ id }) => id), facing: 'wrongToWrong' },
            { verb: 'fold', piece: SHEET, fold: 'flap', sides: 'wrong' },
          ],
        },
      ],
    });
  },
  section: ({ detail, closedThickness }, placed, { stacks }) =>
    sleeveLikeSection({ width: detail.width.value, state: 'closed', total: closedThickness }, placed, stacks),
  readBack: (cut) => ({ ...asCut(cut) }),
};
