import type { ContentsLine, DesignDocument } from '../document/design-document.ts';
import { moveHolder, moveWithin } from '../document/edits/arrange.ts';
import { placeAll, placeLine } from '../document/edits/contents.ts';
import type { Edit } from '../document/edits/edit.ts';
import { closureFor } from '../document/edits/new-design.ts';
import { removePart, setPartParam } from '../document/edits/parts.ts';
import { forgetOwn } from '../document/edits/pieces.ts';
import {
  setBodyParam,
  setClosure,
  setClosureParam,
  setHolderParam,
  setLimit,
  setPin,
  setRule,
  setRuler,
} from '../document/edits/settings.ts';
import { clashes, exclusionOf, type Chosen } from '../bodies/exclusions.ts';
import { kindOf } from '../document/kind-of.ts';
import { withArticle } from '../errors/first-letter.ts';
import type { Finding, FindingCode } from '../errors/finding.ts';
import { houseRulesOf } from '../kinds/house-rules.ts';
import { builtInKinds } from '../kinds/kinds.ts';
import type { Kinds } from '../kinds/kind-set.ts';
import { GRIP } from '../fit/check-held.ts';
import { turningGap } from '../shelves/rules/common-rules.ts';
import type { Shelves } from '../shelves/shelves.ts';
import { idlePart } from '../solve/check-own-pieces.ts';
import type { Solution } from '../solve/solution.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { gridLabel, rulerIds } from '../units/grid.ts';
import { keyOf, newStops } from '../trials/new-stops.ts';
import { bySuitability, proposeForms } from './propose-forms.ts';

/** One press that does what a finding advises. */
export interface WayOut {
  /** What it says on the button. */
  label: string;
  edit: Edit;
}

interface Asked {
  finding: Finding;
  document: DesignDocument;
  solution: Solution;
  shelves: Shelves;
  kinds: Kinds;
}

/** For each finding that one press mends, that press. Each is tried: what does not make its finding go, or brings another stop, is
 * not offered. */
export function waysOut(
  document: DesignDocument,
  solution: Solution,
  shelves: Shelves,
  kinds: Kinds = builtInKinds,
): Map<Finding, WayOut> {
  const found = solution.findings.flatMap((finding): [Finding, WayOut][] => {
    const works = ({ edit }: WayOut): boolean => {
      const { findings } = solveDesign(edit.apply(document, kinds), shelves, kinds);
      const stays = findings.some((after) => keyOf(after) === keyOf(finding));
      // nor does it only go elsewhere
      const such = (all: readonly Finding[]) => all.filter(({ code }) => code === finding.code).length;
      return !stays && such(findings) < such(solution.findings) && newStops(solution.findings, findings).length === 0;
    };
    const way = first(candidates[finding.code]?.({ finding, document, solution, shelves, kinds }) ?? [], works);
    return way ? [[finding, way]] : [];
  });
  return new Map(found);
}

/** The first that works; those after it are not even made. */
function first(ways: Iterable<WayOut>, works: (way: WayOut) => boolean): WayOut | undefined {
  for (const way of ways) if (works(way)) return way;
  return undefined;
}

/** The objects of a sort that a finding is about, by id. */
const named = ({ about }: Finding, sort: string): string[] =>
  about.flatMap((path) => (path.startsWith(`${sort}/`) ? [path.slice(sort.length + 1)] : []));

const lineOf = ({ contents }: DesignDocument, id: string): ContentsLine | undefined =>
  contents.find((line) => line.id === id);

function putFirst({ finding, document }: Asked): WayOut[] {
  return named(finding, 'contents').flatMap((line): WayOut[] => {
    const holder = document.holders.find(({ contents }) => contents.some((entry) => entry.line === line));
    if (!holder) return [];
    const at = holder.contents.findIndex((entry) => entry.line === line);
    const edit = { ...moveWithin(holder.id, line, -at), name: `Put it first in ${holder.id}` };
    return [{ label: 'Put it first', edit }];
  });
}

/** Pins that are less than everything asks for, let go one at a time. */
const unpinned = ({ document: { pins = {} }, solution: { pinnable } }: Asked): WayOut[] =>
  pinnable
    .filter(({ path, asks }) => (pins[path] ?? Infinity) < asks - 1e-6)
    .map(({ path, label }) => ({ label: `Let go the pin: ${label}`, edit: setPin(path, label, undefined) }));

/** Pins that are more than everything asks for, let go one at a time. */
const letIn = ({ document: { pins = {} }, solution: { pinnable } }: Asked): WayOut[] =>
  pinnable
    .filter(({ path, asks }) => (pins[path] ?? 0) > asks + 1e-6)
    .map(({ path, label }) => ({ label: `Let go the pin: ${label}`, edit: setPin(path, label, undefined) }));

/** The holder that a finding is about lets so much stand out that what really does is as much as is wanted, mm. */
const standingOut =
  (wanted: (finding: Finding) => number) =>
  ({ finding, document, solution, kinds }: Asked): WayOut[] =>
    document.holders
      .filter(({ id }) => named(finding, 'holders').includes(id))
      .flatMap(({ id, kind, params }): WayOut[] => {
        const spec = kindOf(kinds.holders, kind)?.params.visible;
        if (spec?.kind !== 'length') return [];
        const now = params.visible ?? solution.holders.find((each) => each.id === id)?.sizes.visible?.value ?? 0;
        const more = Math.ceil(wanted(finding) - (finding.numbers.shows ?? 0));
        return [
          { label: 'Let more of it stand out', edit: setHolderParam(id, spec.title, 'visible', Number(now) + more) },
        ];
      });

/** Other choices of a setting, the standard one first. */
const otherChoices = ({ param, spec, title }: Chosen): WayOut[] =>
  [...spec.choices]
    .sort((a, b) => Number(b.id === spec.standard) - Number(a.id === spec.standard))
    .filter((choice) => choice.title !== title)
    .map((choice) => ({
      label: `${spec.title}: ${choice.title}`,
      edit: setBodyParam(spec.title, param, choice.id === spec.standard ? undefined : choice.id),
    }));

const closedWith = (kind: string, kinds: Kinds): WayOut[] => {
  const title = kindOf(kinds.closures, kind)?.title ?? kind;
  return [{ label: kind === 'none' ? 'Leave it open' : `Close it with: ${title}`, edit: setClosure(kind, title) }];
};

/** Another way to hold the closure, if it has a choice. */
const heldBy =
  (fastener: string, words: string) =>
  ({ document, kinds }: Asked): WayOut[] => {
    const spec = kindOf(kinds.closures, document.closure.kind)?.params.fastener;
    if (spec?.kind !== 'choice' || !spec.choices.some(({ id }) => id === fastener)) return [];
    return [{ label: `Close it with ${words}`, edit: setClosureParam(spec.title, 'fastener', fastener) }];
  };

/** Other forms that hold everything without a stop, the best first. */
const otherForms = ({ document, shelves, kinds }: Asked): WayOut[] =>
  [...proposeForms(document, shelves, undefined, kinds)]
    .filter(({ kind, held, of, stops }) => kind !== document.body.kind && held === of && stops.length === 0)
    .sort(bySuitability)
    .slice(0, 3)
    .map(({ title, document: other }) => {
      const label = `Make it ${withArticle(title.toLowerCase())}`;
      return { label, edit: { name: label, apply: () => other } };
    });

/** All things placed as if nobody had placed any. */
function arrangedAnew({ shelves: { items } }: Asked): WayOut {
  const label = 'Arrange everything anew';
  const edit: Edit = {
    name: label,
    apply: (document, kinds) => placeAll(items).apply({ ...document, holders: [], faces: {} }, kinds),
  };
  return { label, edit };
}

/** Each holder of the other leaves moved onto the one that a finding is about. */
function movedOnto({ finding, document, kinds }: Asked): WayOut[] {
  const [face] = named(finding, 'faces');
  if (face === undefined) return [];
  return document.holders.map(({ id, kind }) => {
    const title = kindOf(kinds.holders, kind)?.title ?? kind;
    return { label: `Move ${title.toLowerCase()} ${id} there`, edit: moveHolder(id, title.toLowerCase(), { face }) };
  });
}

const candidates: Partial<Record<FindingCode, (asked: Asked) => Iterable<WayOut>>> = {
  'roll.stiffInside': putFirst,
  'clearance.tooTight': unpinned,
  'body.doesNotClose': unpinned,
  'clearance.lessThanEase': unpinned,
  'closure.doesNotReach': unpinned,
  'hardware.notClear': unpinned,
  'closure.cordTight': unpinned,
  *'ruler.ease'() {
    for (const ruler of rulerIds) yield { label: `Take a ruler read to ${gridLabel(ruler)}`, edit: setRuler(ruler) };
    yield { label: 'Cut from the pattern', edit: setRuler(undefined) };
  },
  'held.loose': letIn,
  'held.showsLess': standingOut(({ limit = 0 }) => limit),
  'held.hidden': standingOut(() => GRIP),
  'pin.tooSmall': ({ finding: { numbers, limit }, document: { pins = {} }, solution: { pinnable } }) =>
    pinnable
      .filter(({ path, least }) => pins[path] === numbers.pinned && least === limit)
      .map(({ path, label, least }) => ({ label: 'Pin it at that', edit: setPin(path, label, least) })),
  'pin.unknown': ({ document: { pins = {} }, solution: { pinnable } }) =>
    Object.keys(pins)
      .filter((path) => !pinnable.some((size) => size.path === path))
      .map((path) => ({ label: 'Take the pin away', edit: setPin(path, path, undefined) })),
  'piece.ownIdle': ({ finding, document: { pieces = [] }, solution }) =>
    pieces
      .filter(({ id }) => named(finding, 'pieces').includes(id))
      .map((own) => {
        const idle = idlePart(
          own,
          solution.pieces.find(({ id }) => id === own.id),
        );
        return { label: 'Take it away', edit: forgetOwn(own, idle) };
      }),
  'limit.unknown': ({ document: { limits = {} }, solution: { limitable } }) =>
    Object.keys(limits)
      .filter((path) => !(path in limitable))
      .map((path) => ({ label: 'Take the limit away', edit: setLimit(path, path, undefined) })),
  'rule.outOfRange': ({ finding, kinds }) =>
    named(finding, 'rules').map((id) => {
      const rule = houseRulesOf(kinds)[id] ?? { id, title: id };
      return { label: 'Take the standard value', edit: setRule(rule, undefined) };
    }),
  'gap.small': ({ finding: { limit } }) => [{ label: 'Make the gap longer', edit: setRule(turningGap, limit) }],
  'contents.notHeld': ({ finding, document, shelves: { items } }) =>
    named(finding, 'contents').flatMap((id) => {
      const line = lineOf(document, id);
      return line ? [{ label: 'Find a place for it', edit: placeLine(id, line.name ?? 'it', items) }] : [];
    }),
  'scale.large': otherForms,
  'stands.tower': otherForms,
  *'leaf.sparse'(asked) {
    yield arrangedAnew(asked);
    yield* movedOnto(asked);
    yield* otherForms(asked);
  },
  'closure.hole': ({ finding: { numbers, limit = 0 }, document: { pins = {} }, solution: { pinnable } }) =>
    pinnable
      .filter(({ path }) => path === 'body/height')
      .map(({ path, label, asks }) => {
        const higher = Math.ceil((pins[path] ?? asks) + limit - (numbers.above ?? 0));
        return { label: 'Make it high enough to draw shut', edit: setPin(path, label, higher) };
      }),
  'magnet.near': heldBy('snap', 'a snap'),
  'closure.drift': heldBy('hook-and-loop', 'hook-and-loop'),
  'closure.notForBody': ({ document, kinds }) => {
    const { body } = document;
    const family = kindOf(kinds.bodies, body.kind);
    const excluded = family && exclusionOf(family, body.params, document.closure.kind);
    if (excluded) return [...otherChoices(excluded.this), ...closedWith('none', kinds)];
    const kind = closureFor(document.body.kind, kinds);
    return closedWith(kind, kinds);
  },
  'choice.excluded': ({ document: { body }, kinds }) => {
    const family = kindOf(kinds.bodies, body.kind);
    return family
      ? clashes(family, body.params).flatMap((clash) => [clash.this, clash.other].flatMap(otherChoices))
      : [];
  },
  'part.noSeam': ({ finding }) =>
    named(finding, 'parts').map((id) => ({
      label: 'Sew them on the face',
      edit: setPartParam(id, 'Sewn on', 'at', undefined),
    })),
  'part.notForBody': ({ finding }) =>
    named(finding, 'parts').map((id) => ({ label: 'Take it away', edit: removePart(id, id) })),
};
