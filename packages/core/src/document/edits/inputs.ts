import type { Origin } from '../../derived/derived.ts';
import type { Item } from '../../shelves/items/item.ts';
import { shelfLimits } from '../../shelves/shelf-limits.ts';
import { houseRules, isHouseRule } from '../../shelves/rules/house-rules.ts';
import type { ParamSpec } from '../../holders/holder-kind.ts';
import type { DesignDocument } from '../design-document.ts';
import { itemOf } from '../item-of.ts';
import { changeItem } from './contents.ts';
import type { Edit } from './edit.ts';
import { bodyKind, holderKind } from './seats.ts';
import { setBodyParam, setHolderParam, setRule } from './settings.ts';

/** A number in a sum that the maker may change there. mm */
export interface InputEdit {
  title: string;
  least: number;
  most: number;
  edit(value: number): Edit;
}

/** How a number that was not computed is changed, from where it comes from; nothing for standards and the like.
 * @param items what is on the shelf */
export function inputEdit(document: DesignDocument, { path }: Origin, items: readonly Item[]): InputEdit | undefined {
  const [kind = '', ...rest] = path.split('/');
  if (kind === 'rules') return ruleEdit(rest.join('/'));
  if (kind === 'items') return itemEdit(document, rest[0] ?? '', rest[1] ?? '', items);
  const key = rest[rest.length - 1] ?? '';
  if (kind === 'body' && rest[0] === 'params') {
    const spec = bodyKind(document.body.kind)?.params[key];
    return paramEdit(spec, (title, value) => setBodyParam(title, key, value));
  }
  if (kind === 'holders' && rest[1] === 'params') {
    const holder = document.holders.find(({ id }) => id === rest[0]);
    const spec = holder && holderKind(holder.kind)?.params[key];
    return paramEdit(spec, (title, value) => setHolderParam(rest[0]!, title, key, value));
  }
  return undefined;
}

function ruleEdit(id: string): InputEdit | undefined {
  if (!isHouseRule(id)) return undefined;
  const rule = houseRules[id];
  if (rule.kind !== 'length') return undefined;
  return { title: rule.title, least: rule.least, most: rule.most, edit: (value) => setRule(id, value) };
}

function paramEdit(spec: ParamSpec | undefined, edit: (title: string, value: number) => Edit): InputEdit | undefined {
  if (spec?.kind !== 'length') return undefined;
  const { least, most } = houseRules[spec.rule];
  return { title: spec.title, least, most, edit: (value) => edit(spec.title, value) };
}

const sides = ['length', 'width', 'thickness', 'girth'] as const;

/** A measure of a thing: the design gets its own copy of one from the shelf. */
function itemEdit(document: DesignDocument, id: string, side: string, items: readonly Item[]): InputEdit | undefined {
  const item = itemOf(document, id, items);
  const line = document.contents.find((each) => each.item === id);
  const key = sides.find((each) => each === side);
  // the sides of what is round, and of what is drawn, go together: they are measured on Hold
  if (!item || !line || !key || item.outline || !['card', 'box', 'book', 'soft'].includes(item.shape)) return undefined;
  return {
    title: `${line.name ?? item.name}, ${side}`,
    ...shelfLimits.size,
    edit: (value) => changeItem(line, { ...item, [key]: value }, `own-${line.id}`),
  };
}
