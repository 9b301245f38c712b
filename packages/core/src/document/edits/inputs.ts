import { girthRange } from '../../contents/girth.ts';
import type { Origin } from '../../derived/derived.ts';
import type { ParamSpec } from '../../holders/holder-kind.ts';
import { rangeOf } from '../../holders/params.ts';
import type { Item } from '../../shelves/items/item.ts';
import type { HouseRule } from '../../shelves/rules/house-rule.ts';
import { ruleOf } from '../../shelves/rules/rules-for.ts';
import { houseRulesOf } from '../../kinds/house-rules.ts';
import { builtInKinds } from '../../kinds/kinds.ts';
import type { Kinds } from '../../kinds/kind-set.ts';
import type { Arrangement, DesignDocument, OwnPiece } from '../design-document.ts';
import { itemOf } from '../item-of.ts';
import { kindOf } from '../kind-of.ts';
import { edgeName } from '../../pieces/own-piece.ts';
import { limits } from '../limits.ts';
import { changeContents, changeItem } from './contents.ts';
import type { Edit } from './edit.ts';
import { setPartParam } from './parts.ts';
import { setAllowance, setRough } from './pieces.ts';
import { bodyKind, faceTitle, holderKind, withGroup } from './seats.ts';
import { setBodyParam, setClosureParam, setHolderParam, setPin, setRule } from './settings.ts';

/** A number in a sum that the maker may change there. mm */
export interface InputEdit {
  title: string;
  least: number;
  most: number;
  /** Changes this number and no other. */
  edit(value: number): Edit;
}

type Editor = (
  document: DesignDocument,
  way: readonly string[],
  items: readonly Item[],
  kinds: Kinds,
) => InputEdit | undefined;

/** How a number is changed, by where it comes from. */
const editors: Readonly<Record<string, Editor>> = {
  rules: (_, way, __, kinds) => ruleEdit(ruleOf(houseRulesOf(kinds), way.join('/'))),
  items: (document, [id = '', key = ''], items) => itemEdit(document, id, key, items),
  body: ({ body }, [, key = ''], _, kinds) =>
    paramEdit(bodyKind(body.kind, kinds)?.params[key], (title, value) => setBodyParam(title, key, value)),
  closure({ closure }, [, key = ''], _, kinds) {
    return paramEdit(kindOf(kinds.closures, closure.kind)?.params[key], (title, value) =>
      setClosureParam(title, key, value),
    );
  },
  holders({ holders }, [id = '', , key = ''], _, kinds) {
    const holder = holders.find((each) => each.id === id);
    const spec = holder && holderKind(holder.kind, kinds)?.params[key];
    return paramEdit(spec, (title, value) => setHolderParam(id, title, key, value));
  },
  parts({ parts = [] }, [id = '', , key = ''], _, kinds) {
    const part = parts.find((each) => each.id === id);
    const spec = part && kindOf(kinds.parts, part.kind)?.params[key];
    return paramEdit(spec, (title, value) => setPartParam(id, title, key, value));
  },
  contents({ contents }, [id, key], items) {
    const line = contents.find((each) => each.id === id);
    if (!line || key !== 'visible') return undefined;
    const edit = (visible: number) => changeContents(line.id, { visible }, items, 'Change what shows');
    return { title: `${line.name ?? line.item}, wanted to show`, ...limits.visible, edit };
  },
  pins({ pins = {} }, way) {
    const path = way.join('/');
    if (!Object.hasOwn(pins, path)) return undefined;
    const range = { least: limits.size.least, most: limits.pinned.most };
    return { title: 'Pinned size', ...range, edit: (value) => setPin(path, 'a size', value) };
  },
  pieces: ({ pieces = [] }, way) => ownEdit(pieces, way.join('/')),
  faces(document, [face = '', ...path], _, kinds) {
    const arrangement = document.faces[face];
    const way = wayTo(path);
    if (!arrangement || !way || !hasGroup(arrangement, way)) return undefined;
    return {
      title: `Gap on ${faceTitle(document, face, kinds).toLowerCase()}`,
      ...limits.gap,
      edit: (gap) => ({
        name: 'Change a gap',
        apply: (design) => ({
          ...design,
          faces: {
            ...design.faces,
            [face]: withGroup(design.faces[face] ?? arrangement, way, (group) => ({ ...group, gap })),
          },
        }),
      }),
    };
  },
};

/** How a number that was not computed is changed, from where it comes from; nothing for standards and the like.
 * @param items what is on the shelf */
export function inputEdit(
  document: DesignDocument,
  { path }: Origin,
  items: readonly Item[],
  kinds: Kinds = builtInKinds,
): InputEdit | undefined {
  const [kind = '', ...way] = path.split('/');
  return kindOf(editors, kind)?.(document, way, items, kinds);
}

function ruleEdit(rule: HouseRule | undefined): InputEdit | undefined {
  if (rule === undefined || rule.kind === 'choice') return undefined;
  return { title: rule.title, least: rule.least, most: rule.most, edit: (value) => setRule(rule, value) };
}

function paramEdit(spec: ParamSpec | undefined, edit: (title: string, value: number) => Edit): InputEdit | undefined {
  if (spec?.kind !== 'length') return undefined;
  const { least, most } = rangeOf(spec);
  return { title: spec.title, least, most, edit: (value) => edit(spec.title, value) };
}

/** An allowance that the maker has set, or what she cuts a piece larger by. */
function ownEdit(pieces: readonly OwnPiece[], path: string): InputEdit | undefined {
  for (const own of pieces)
    for (const [field, title, set] of [
      ['allowance', 'Own allowance', setAllowance],
      ['rough', 'Cut larger by', setRough],
    ] as const) {
      const edge = path.slice(`${own.id}/${field}/`.length);
      if (path !== `${own.id}/${field}/${edge}` || own[field]?.[edge] === undefined) continue;
      const edges = [{ piece: own.id, edge }];
      return { title: `${title}, ${edgeName(edge)}`, ...limits[field], edit: (value) => set(edges, 'an edge', value) };
    }
  return undefined;
}

/** Measures of a thing that are changed in a sum, each with the range that it can have. */
const measures = {
  length: () => limits.size,
  width: () => limits.size,
  thickness: () => limits.size,
  girth: (item: Item) => girthRange(item) ?? limits.size,
  tolerance: () => limits.tolerance,
  edgeRadius: ({ thickness }: Item) => ({ least: 0, most: thickness / 2 }),
};
const isMeasure = (key: string): key is keyof typeof measures => Object.hasOwn(measures, key);
/** What is round has a side twice, and what is drawn stretches with its sides: those are measured on Hold. */
const together = ({ shape, outline }: Item): boolean =>
  outline !== undefined || !['card', 'box', 'book', 'soft'].includes(shape);

/** A measure of a thing: the design gets its own copy of one from the shelf. */
function itemEdit(document: DesignDocument, id: string, key: string, items: readonly Item[]): InputEdit | undefined {
  const item = itemOf(document, id, items);
  const line = document.contents.find((each) => each.item === id);
  if (!item || !line || !isMeasure(key)) return undefined;
  if ((key === 'length' || key === 'width' || key === 'thickness') && together(item)) return undefined;
  const { least, most } = measures[key](item);
  return {
    title: `${line.name ?? item.name}, ${words[key]}`,
    least,
    most,
    edit: (value) => changeItem(line, { ...item, [key]: value }, `own-${line.id}`),
  };
}

const words: Record<keyof typeof measures, string> = {
  length: 'length',
  width: 'width',
  thickness: 'thickness',
  girth: 'girth',
  tolerance: 'may be larger by',
  edgeRadius: 'edge radius',
};

/** The way to a group from the path of its gap: `children/0/children/2/gap` is 0, 2. */
function wayTo(path: readonly string[]): number[] | undefined {
  const [, steps] = /^((?:children\/\d+\/)*)gap$/.exec(path.join('/')) ?? [];
  return steps === undefined ? undefined : (steps.match(/\d+/g) ?? []).map(Number);
}

function hasGroup(arrangement: Arrangement | undefined, [next, ...way]: readonly number[]): boolean {
  if (arrangement?.kind !== 'row' && arrangement?.kind !== 'column') return false;
  return next === undefined || hasGroup(arrangement.children[next], way);
}
