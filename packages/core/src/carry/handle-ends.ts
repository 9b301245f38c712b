import type { ClosingMouth, SizedBody } from '../bodies/body-kind.ts';
import { onWall } from '../closures/overlap.ts';
import type { Derived } from '../derived/derived.ts';
import type { Finding } from '../errors/finding.ts';
import { say } from '../errors/wording.ts';
import type { OperationDraft, HostEdit } from '../pieces/contribution.ts';
import { limited } from '../pieces/limited.ts';
import type { StitchLine } from '../pieces/piece.ts';
import { idsOf, edgePart, faceLine, type Seam } from '../pieces/seam.ts';
import type { Action } from '../sewing/actions/action.ts';
import { seamAllowance } from '../shelves/rules/common-rules.ts';
import { lengthRule } from '../shelves/rules/house-rule.ts';
import type { Rules } from '../shelves/rules/rules-for.ts';

export const handleEmbed = lengthRule(
  'handle.embed',
  'carrying',
  'Handle ends buried by',
  30,
  10,
  150,
  'Deeper holds more and shortens the drop.',
);

/** What the ends of handles are placed from. */
export type HandleFrom = 'centre' | 'sides';

/** How the ends of handles are sewn: on the face, in the seam of the mouth, or sunk between layers that are only turned in there. */
export type HandleAt = 'face' | 'seam' | 'between';

interface Ends {
  id: string;
  closing: ClosingMouth;
  finished: SizedBody['finished'];
  /** Of a handle, between its ends, and of the mouth between its corners, mm. */
  width: Derived;
  spread: Derived;
  level: Derived;
  /** What the maker measures them from. */
  from: HandleFrom;
  rules: Rules;
}

/** What both ends of both handles bring to the bag. */
interface SewnEnds {
  /** How far each end reaches below the mouth, mm. */
  embed: Derived;
  joins: Seam[];
  edits: HostEdit[];
  findings: Finding[];
  when: Pick<OperationDraft, 'phase' | 'needs'>;
  actions: Action[];
}

const faces = ['front', 'back'] as const;
const ends = [
  [-1, 'left'],
  [1, 'right'],
] as const;
const before = { phase: 'prepare' as const, needs: [] };

/** @param buried how deep each end is to be buried, mm */
export function sewnEnds(at: HandleAt, buried: Derived, given: Ends): SewnEnds {
  const { closing, spread, width, level, id } = given;
  const fits = spread.value + width.value <= level.value;
  if (at === 'seam') {
    const caught = closing.rim.flatMap(({ within, ...run }) => (within === undefined ? [] : [{ ...run, within }]));
    // how deep is asked only of those on the face
    return fits && caught.length === 2
      ? inSeam(given, caught)
      : onFace(given, given.rules.length(handleEmbed), unsewn(id));
  }
  if (at === 'between')
    return fits && closing.turnedIn ? between(given, buried) : onFace(given, buried, notBetween(id));
  return onFace(given, buried);
}

/** Where the middle of an end lies, from what the maker measures it from. */
const asideOf = ({ from, spread, level }: Ends) =>
  from === 'sides'
    ? ({ distance: (level.value - spread.value) / 2, of: 'sideSeam' } as const)
    : ({ distance: spread.value / 2, of: 'centre' } as const);

const hostsOf = ({ closing }: Ends): string[] => [...new Set(faces.map((side) => closing[side].piece))];
const endsMeet: Action = { verb: 'inspect', what: 'endsMeet' };
const notTwisted: Action = { verb: 'inspect', what: 'notTwisted' };

/** Where the middle of each end lies. */
const marked = ({ id, closing, spread }: Ends, down: number): HostEdit[] =>
  faces.map((side) => ({
    piece: closing[side].piece,
    marks: ends.map(([to], index) => ({
      id: `${id}-${side}-${index + 1}`,
      kind: 'placement' as const,
      at: closing[side].at(closing.width.value / 2 + (to * spread.value) / 2, down),
      label: 'handle, middle of its end',
    })),
  }));

function onFace(given: Ends, buried: Derived, findings: Finding[] = []): SewnEnds {
  const { id, finished } = given;
  const embed = onWall(buried, finished.height);
  return {
    embed,
    joins: [],
    edits: marked(given, embed.value),
    findings: [...findings, ...limited('Each end of a handle is buried', buried, embed, id)],
    when: before,
    actions: [
      {
        verb: 'attach',
        piece: `${id}/handle`,
        to: hostsOf(given),
        how: 'cross',
        deep: embed.value,
        aside: asideOf(given),
        pointing: 'down',
      },
      notTwisted,
      endsMeet,
    ],
  };
}

function inSeam(given: Ends, caught: readonly { piece: string; edge: string; within: string }[]): SewnEnds {
  const { id, rules } = given;
  const joins = caughtAtMouth(`${id}/handle`, caught, given);
  return {
    embed: rules.length(seamAllowance),
    joins,
    edits: marked(given, 0),
    findings: [],
    when: before,
    actions: [
      {
        verb: 'baste',
        seams: idsOf(joins),
        facing: 'rightToRight',
        aside: asideOf(given),
        pointing: 'down',
        twice: 'handles',
      },
      notTwisted,
      endsMeet,
    ],
  };
}

function between(given: Ends, buried: Derived): SewnEnds {
  const face = onFace(given, buried);
  const { embed } = face;
  const joins = sunkBetween(given);
  return {
    ...face,
    joins,
    edits: face.edits.map((edit, index) => ({ ...edit, lines: endLines(given, faces[index]!, embed.value) })),
    when: { phase: 'join', needs: ['body/turn'] },
    actions: [
      {
        verb: 'attach',
        piece: `${given.id}/handle`,
        to: hostsOf(given),
        how: 'sink',
        deep: embed.value,
        aside: asideOf(given),
        pointing: 'up',
      },
      notTwisted,
      endsMeet,
      { verb: 'sew', seams: idsOf(joins), facing: 'wrongToRight', allLayers: true, twice: 'weight' },
    ],
  };
}

const unsewn = (id: string): Finding[] => [
  {
    code: 'part.noSeam',
    severity: 'watch',
    about: [id],
    numbers: {},
    text: say`No seam of front and back with a lining is long enough to catch both ends of the handles: they are sewn on the face.`,
  },
];

const notBetween = (id: string): Finding[] => [
  {
    code: 'part.noSeam',
    severity: 'watch',
    about: [id],
    numbers: {},
    text: say`Shell and lining are joined in a seam, so that no handle can be sunk between them: they are sewn on the face. Let the lining be dropped in, or catch the handles in the mouth seam.`,
  },
];

const endLine = (id: string, side: string, end: string): string => `${id}-${side}-end-${end}`;

/** Where the ends are stitched a second time, across each of them, so far below the mouth. mm */
const endLines = ({ id, closing, width, spread }: Ends, side: 'front' | 'back', down: number): StitchLine[] =>
  ends.map(([to, end]) => {
    const x = closing.width.value / 2 + (to * spread.value) / 2;
    return {
      id: endLine(id, side, end),
      from: closing[side].at(x - width.value / 2, down),
      to: closing[side].at(x + width.value / 2, down),
      label: 'lower end of a handle',
    };
  });

const sunkBetween = ({ id, closing, width }: Ends): Seam[] =>
  faces.flatMap((side, index) =>
    ends.map(([, end]): Seam => ({
      id: `${id}/handle-${index + 1}#${end}`,
      kind: 'stitchedOn',
      a: edgePart(`${id}/handle`, end, 0, width.value),
      b: faceLine(closing[side].piece, endLine(id, side, end)),
    })),
  );

/** Both ends of both handles between shell and lining, as far from the middle on either side. */
function caughtAtMouth(
  piece: string,
  rims: readonly { piece: string; edge: string; within: string }[],
  { level, width, spread }: Ends,
): Seam[] {
  const middle = level.value / 2;
  return rims.flatMap(({ piece: host, edge, within }, index) =>
    ([-1, 1] as const).map((to): Seam => {
      const at = middle + (to * spread.value) / 2 - width.value / 2;
      const end = to < 0 ? 'left' : 'right';
      return {
        id: `${piece}-${index + 1}#${end}`,
        kind: 'caught',
        within,
        a: edgePart(piece, end, 0, width.value),
        b: edgePart(host, edge, at, at + width.value),
      };
    }),
  );
}
