import type { BodyKind } from '../bodies/body-kind.ts';
import type { Derived } from '../derived/derived.ts';
import type { DesignDocument } from '../document/design-document.ts';
import type { Finding } from '../errors/finding.ts';
import { mm, say } from '../errors/wording.ts';

/** Sizes beyond which a piece is no longer carried as what it is called.
 * @param sizes that may have a limit, by path, mm */
export function checkScale(
  { holders }: Pick<DesignDocument, 'holders'>,
  { handy }: BodyKind,
  sizes: Readonly<Record<string, Derived>>,
): Finding[] {
  if (!handy) return [];
  const held = holders.flatMap(({ kind, contents }) => contents.map(({ count }) => ({ kind, count })));
  const countOf = (some: typeof held) => some.reduce((total, { count }) => total + count, 0);
  const such = countOf(held.filter(({ kind }) => kind === handy.holding));
  if (2 * such <= countOf(held)) return [];
  return Object.entries(handy.most).flatMap(([path, most]): Finding[] => {
    const size = sizes[path];
    if (!size || size.value <= most + 1e-9) return [];
    const text = say`“${size.label}” is ${mm(size.value)}: ${handy.called} is seldom more than ${mm(most)} (common practice). Take something out, or compare forms: another may suit these things better.`;
    const numbers = { size: size.value };
    return [{ code: 'scale.large', severity: 'watch', about: ['body', path], numbers, limit: most, text }];
  });
}
