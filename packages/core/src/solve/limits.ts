import { explain } from '../derived/explain.ts';
import type { Derived } from '../derived/derived.ts';
import type { DesignDocument } from '../document/design-document.ts';
import type { Finding } from '../errors/finding.ts';
import { mm, say } from '../errors/wording.ts';

/** Checks what the maker demands of the result: no finished size and no thickness beyond its limit.
 * @param sizes finished sizes and thicknesses by path, mm */
export function checkLimits(
  { limits = {} }: Pick<DesignDocument, 'limits'>,
  sizes: Readonly<Record<string, Derived>>,
): Finding[] {
  return Object.entries(limits).flatMap(([path, most]): Finding[] => {
    const size = sizes[path];
    if (!size) {
      const text = say`A limit is set on a size that this design has not (${path}). Take it away.`;
      return [{ code: 'limit.unknown', severity: 'watch', about: ['body'], numbers: { most }, text }];
    }
    if (size.value <= most + 1e-9) return [];
    const [largest] = explain(size)
      .lines.filter(({ value }) => value > 0)
      .sort((a, b) => b.value - a.value);
    const mostly = largest ? say` Most of it is ${largest.label} (${mm(largest.value)}).` : [];
    const text = [
      ...say`“${size.label}” is ${mm(size.value)}, ${mm(size.value - most)} more than your limit of ${mm(most)}.`,
      ...mostly,
    ];
    return [
      {
        code: 'limit.exceeded',
        severity: 'stop',
        about: ['body'],
        numbers: { size: size.value, over: size.value - most },
        limit: most,
        text,
      },
    ];
  });
}
