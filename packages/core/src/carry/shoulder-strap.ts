import { bandMade, flamed, bandNeeds, bandOf, bandParams, bandPiece, type Band } from '../closures/band.ts';
import { onWall } from '../closures/overlap.ts';
import { limited } from '../pieces/limited.ts';
import type { ClosingMouth, SizedBody } from '../bodies/body-kind.ts';
import type { ClosureInputs, ClosureKind, SolvedClosure } from '../closures/closure-kind.ts';
import { given, named, rounded } from '../derived/derived.ts';
import type { Params } from '../document/design-document.ts';
import type { ParamSpec } from '../holders/holder-kind.ts';
import { choiceParam, chosen, lengthParam } from '../holders/params.ts';
import { contribution, type Contribution } from '../pieces/contribution.ts';
import { idsOf, edgePart, faceLine, type Seam } from '../pieces/seam.ts';
import { strap } from '../sizing/strap.ts';
import type { Derived } from '../derived/derived.ts';
import type { Rules } from '../shelves/rules/rules-for.ts';
import { lengthRule } from '../shelves/rules/house-rule.ts';
import { handleEmbed } from './handle-ends.ts';
import { seamAllowance } from '../shelves/rules/common-rules.ts';

const shoulderDrop = lengthRule(
  'shoulder.drop',
  'carrying',
  'Shoulder strap hangs down by',
  550,
  200,
  900,
  'Across the body 600 and more.',
);

const params = {
  drop: { kind: 'length', title: 'Hangs down by', rule: shoulderDrop },
  ...bandParams,
  ends: {
    kind: 'choice',
    title: 'Its ends',
    standard: 'hooks',
    choices: [
      { id: 'hooks', title: 'clip on with hooks', why: 'Comes off for washing; wants rings on the body.' },
      { id: 'sewn', title: 'are sewn to the sides', why: 'Nothing to rattle; only where the body has side walls.' },
    ],
  },
  embed: {
    kind: 'length',
    title: 'Sewn ends buried by',
    rule: handleEmbed,
    when: (params) => chosen(params, 'ends', 'hooks') === 'sewn',
  },
} as const satisfies Record<string, ParamSpec>;
const FLAT = given('flat on the shoulder', 80, { kind: 'standard', path: 'strap/grip', source: 'common practice' });
const LOOP = given('round each hook', 45, { kind: 'standard', path: 'strap/hook', source: 'common practice' });

/** Hooks, by the strap that goes through them. mm */
const HOOKS = [25, 38].map((wide) => ({
  id: `hook-${wide}`,
  wide: given('through the hook', wide, { kind: 'hardware', path: `hardware/hook-${wide}` }),
}));
const hookFor = (wide: Derived): string => HOOKS.find((hook) => wide.value <= hook.wide.value + 1e-6)!.id;

/** Between the rings, as far as the body tells. */
function spreadOf({ closing, finished }: SizedBody): Derived {
  if (closing.kind === 'mouth') return closing.width;
  return finished.height ?? Object.values(finished)[0]!;
}

/** A strap that clips to ring tabs, or is sewn to the side walls. */
export const shoulderStrap: ClosureKind = {
  title: 'Shoulder strap',
  carries: true,
  on: 'sides',
  params,
  rules: [],
  solve(design: Params, body: SizedBody, inputs: ClosureInputs): SolvedClosure {
    const { rules, grid, id } = inputs;
    const { closing } = body;
    const sides = closing.kind === 'mouth' ? closing.sides : undefined;
    const sewn = sides !== undefined && choiceParam(design, 'ends', params.ends) === 'sewn';
    const band = bandOf(design, 'strap, wide', inputs, sewn ? sides.width : HOOKS.at(-1)!.wide);
    const seam = rules.length(seamAllowance);
    const asked = lengthParam(design, 'embed', params.embed, rules, id);
    const embed = onWall(asked, body.finished.height);
    const solved = strap({
      method: band.method,
      finished: band.wide,
      seam,
      turnIn: seam,
      drop: lengthParam(design, 'drop', params.drop, rules, id),
      spread: spreadOf(body),
      grip: FLAT,
      embed: sewn ? embed : LOOP,
    });
    const length = rounded(named('strap, cut length', solved.cutLength), grid, 'up');
    const piece = `${id}/strap`;
    const draft = bandPiece(band, {
      id: piece,
      name: 'Shoulder strap',
      length,
      cutWidth: named('strap, cut width', solved.cutWidth),
    });
    const fixed = sewn
      ? ontoSides(sides, { piece, wide: band.wide, embed, id, band, rules })
      : hooked(piece, id, band, rules);
    return {
      sizes: { strapLength: length },
      contribution: contribution({
        findings: [
          ...limited('The strap is wide', bandOf(design, 'strap, wide', inputs).wide, band.wide, id),
          ...(sewn ? limited('Each end of the strap is buried', asked, embed, id) : []),
        ],
        ...fixed,
        pieces: [draft],
        hardware: [...bandNeeds(band, 1, length), ...(sewn ? [] : [{ id: hookFor(band.wide), count: 2 }])],
      }),
    };
  },
};

const hooked = (piece: string, id: string, band: Band, rules: Rules): Partial<Contribution> => ({
  operations: [
    {
      id: `${id}/strap`,
      phase: 'finish',
      needs: [],
      title: 'Make the shoulder strap',
      cautions: ['neck', ...(flamed(band).cautions ?? [])],
      actions: [...bandMade(band, piece, rules), { verb: 'loop', piece, hardware: hookFor(band.wide), cross: true }],
    },
  ],
});

interface Sewn {
  piece: string;
  wide: Derived;
  embed: Derived;
  id: string;
  band: Band;
  rules: Rules;
}

/** Each end in the middle of a side wall, so far below the mouth. */
function ontoSides(
  { left, right, width }: NonNullable<ClosingMouth['sides']>,
  { piece, wide, embed, id, band, rules }: Sewn,
): Partial<Contribution> {
  const [from, to] = [(width.value - wide.value) / 2, (width.value + wide.value) / 2];
  const ends = [
    { panel: left, name: 'left' },
    { panel: right, name: 'right' },
  ] as const;
  const joins = ends.map(({ panel, name }): Seam => ({
    id: `${piece}#${name}`,
    kind: 'stitchedOn',
    a: edgePart(piece, name, 0, wide.value),
    b: faceLine(panel.piece, `${id}-${name}`),
  }));
  return {
    joins,
    hostEdits: ends.map(({ panel, name }) => ({
      piece: panel.piece,
      lines: [
        {
          id: `${id}-${name}`,
          from: panel.at(from, embed.value),
          to: panel.at(to, embed.value),
          label: 'end of the strap',
        },
      ],
    })),
    operations: [
      {
        id: `${id}/strap`,
        phase: 'closures',
        needs: [],
        title: 'Sew the strap to the sides',
        cautions: ['neck', ...(flamed(band).cautions ?? [])],
        actions: [
          ...bandMade(band, piece, rules),
          {
            verb: 'sew',
            seams: idsOf(joins),
            facing: 'wrongToRight',
            cross: true,
            aside: { distance: embed.value, of: 'mouth' },
            twice: 'weight',
          },
          { verb: 'inspect', what: 'notTwisted' },
        ],
      },
    ],
  };
}
