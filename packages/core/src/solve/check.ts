import { kindOf } from '../document/kind-of.ts';
import { holdersIn, type DesignDocument } from '../document/design-document.ts';
import { facesOfDesign } from '../kinds/faces-of.ts';
import type { BodyKind } from '../bodies/body-kind.ts';
import { clashes, exclusionOf } from '../bodies/exclusions.ts';
import type { ClosureKind } from '../closures/closure-kind.ts';
import type { Finding } from '../errors/finding.ts';
import { capital, withArticle } from '../errors/first-letter.ts';
import { mm, say } from '../errors/wording.ts';
import type { StackThickness } from '../holders/holder-kind.ts';
import type { Piece } from '../pieces/piece.ts';
import { turningGapsOf } from '../pieces/turned-through.ts';
import type { WalkedSeam } from '../pieces/walk-seams.ts';
import type { Kinds } from '../kinds/kind-set.ts';
import type { Resolved } from './resolve.ts';

/** A closure that this body cannot have is told, and left away. */
export function checkClosure(design: DesignDocument, body: BodyKind, kind: ClosureKind): Finding[] {
  const { closure } = design;
  const excluded = exclusionOf(body, design.body.params, closure.kind);
  if (excluded) {
    const { why, this: set } = excluded;
    const text = say`“${kind.title}” does not go with “${set.spec.title}: ${set.title}”: ${why}. Choose another closure, or change that setting.`;
    return [{ code: 'closure.notForBody', severity: 'stop', about: ['closure', 'body'], numbers: {}, text }];
  }
  if (body.closures.includes(closure.kind)) return [];
  const text = say`${capital(withArticle(body.title.toLowerCase()))} cannot be closed with “${kind.title.toLowerCase()}”. Choose another closure.`;
  return [{ code: 'closure.notForBody', severity: 'stop', about: ['closure'], numbers: {}, text }];
}

/** Settings of a body that do not go with each other: the first is left away until the maker has decided. */
export const checkChoices = ({ body: { params } }: DesignDocument, body: BodyKind): Finding[] =>
  clashes(body, params).map(({ this: set, other, why }): Finding => {
    const text = say`“${set.spec.title}: ${set.title}” does not go with “${other.spec.title}: ${other.title}”: ${why}. Change one of the two.`;
    return { code: 'choice.excluded', severity: 'stop', about: ['body'], numbers: {}, text };
  });

/** Checks that everything in the design has a place: contents in holders, holders on faces. */
export function checkPlaces(document: DesignDocument, { items }: Resolved, kinds: Kinds): Finding[] {
  return [...contentsHeld(document, items), ...holdersSeated(document, kinds), ...unsuited(document, items, kinds)];
}

/** Things in a holder that is not made for them at all: a rod in a card pocket. */
function unsuited(document: DesignDocument, items: Resolved['items'], kinds: Kinds): Finding[] {
  return document.holders.flatMap(({ id, kind, contents }) =>
    contents.flatMap(({ line }): Finding[] => {
      const entry = document.contents.find((each) => each.id === line);
      const item = entry && items.get(entry.item);
      const family = kindOf(kinds.holders, kind);
      if (!item || !family) return [];
      const { score, why } = family.suits(item);
      if (score > 0) return [];
      return [
        {
          code: 'holder.unsuited',
          severity: 'watch',
          about: [`holders/${id}`, `contents/${line}`],
          numbers: { score },
          text: say`${entry.name ?? item.name} is in ${family.title.toLowerCase()} ${id}, which is not made for it: ${why} Choose another holder.`,
        },
      ];
    }),
  );
}

function contentsHeld(document: DesignDocument, items: Resolved['items']): Finding[] {
  return document.contents.flatMap((line): Finding[] => {
    const entries = document.holders.flatMap(({ contents }) => contents.filter((entry) => entry.line === line.id));
    const held = entries.reduce((total, { count }) => total + count, 0);
    const name = line.name ?? items.get(line.item)?.name ?? line.item;
    const base = { severity: 'stop' as const, about: [`contents/${line.id}`], numbers: { held, count: line.count } };
    if (held < line.count) {
      const text =
        held === 0
          ? say`${name} has no home yet.`
          : say`${line.count - held} of ${line.count} ${name} have no home yet.`;
      return [{ ...base, code: 'contents.notHeld', text }];
    }
    const text = say`${name}: ${held} are placed, but there are only ${line.count}.`;
    return held > line.count ? [{ ...base, code: 'contents.heldTwice', text }] : [];
  });
}

function holdersSeated(document: DesignDocument, kinds: Kinds): Finding[] {
  const faces = facesOfDesign(document, kinds);
  return document.holders.flatMap(({ id, kind, params }): Finding[] => {
    const base = { severity: 'stop' as const, about: [`holders/${id}`], numbers: {} };
    const family = kindOf(kinds.holders, kind);
    if (!family)
      return [
        {
          ...base,
          code: 'holder.unknownKind',
          text: say`This version of Zindle does not know the holder “${kind}” of ${id}.`,
        },
      ];
    const on = faces.filter((face) => face.id in document.faces && holdersIn(document.faces[face.id]!).includes(id));
    if (on.length === 0)
      return [
        {
          ...base,
          code: 'holder.noSeat',
          text: say`${family.title} ${id} does not lie on any face of this design. Put what it holds somewhere else.`,
        },
      ];
    const wrong = on.find(({ seat }) => !family.seats.includes(seat));
    const text = say`${family.title} ${id} cannot sit ${wrong?.title ?? ''}.`;
    if (wrong) return [{ ...base, code: 'holder.noSeat', text }];
    const filled = on.find(({ of }) => of && family.behind?.(params));
    if (filled) {
      const why = say`${family.title} ${id} hangs behind what it is set into: it cannot lie ${filled.title}, which has things of its own behind that wall. Let it lie on top, as a patch, or move it.`;
      return [{ ...base, code: 'holder.noSeat', text: why }];
    }
    const taken = faces.find(
      (face) => on.some(({ instead = [] }) => instead.includes(face.id)) && holds(document, face.id),
    );
    if (!taken) return [];
    const there = holdersIn(document.faces[taken.id]!).join(', ');
    return [
      {
        ...base,
        code: 'holder.inTheWay',
        text: say`${family.title} ${id} lies ${on[0]!.title}, and ${there} ${taken.title}: only one of them can. Move one of them to the tray.`,
      },
    ];
  });
}
const holds = ({ faces }: DesignDocument, face: string): boolean =>
  faces[face] !== undefined && holdersIn(faces[face]).length > 0;

/** Seams that do not come out even. Nothing may be printed while there is one. */
export function checkSeams(seams: WalkedSeam[]): Finding[] {
  return seams
    .filter(({ walks }) => !walks)
    .map(({ id, mismatch, notchMismatch }) => ({
      code: 'seam.doesNotWalk',
      severity: 'stop',
      about: [`seams/${id}`],
      numbers: { mismatch, notchMismatch },
      limit: 0.5,
      text: say`The two edges of the seam ${id} differ by ${mm(Math.abs(mismatch))}; the pattern cannot be sewn as it is.`,
    }));
}

/** Common practice: thin layers turn through 25, quilted ones want 50, padded and stiff ones 75. mm */
const GAPS: readonly [thickness: number, gap: number][] = [
  [1.5, 25],
  [3, 50],
  [Infinity, 75],
];

/** Turning gaps that are smaller than the layers ask. */
export function checkGaps(pieces: readonly Piece[], { exterior, lining }: StackThickness): Finding[] {
  const thickness = exterior.value + lining.value;
  const [, advised] = GAPS.find(([most]) => thickness <= most)!;
  const [smallest] = turningGapsOf(pieces)
    .map(({ piece: id, gap: { from, to } }) => ({ id, size: to - from }))
    .sort((a, b) => a.size - b.size);
  if (!smallest || smallest.size >= advised - 1e-9) return [];
  const text = say`The turning gap is ${mm(smallest.size)}; layers of ${mm(thickness)} ask for ${mm(advised)}, or its seam pops when it is turned. Make it longer, or sew that seam twice.`;
  return [
    {
      code: 'gap.small',
      severity: 'watch',
      about: [`pieces/${smallest.id}`],
      numbers: { gap: smallest.size },
      limit: advised,
      text,
    },
  ];
}
