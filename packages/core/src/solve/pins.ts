import { byRule, given, type Derived, type Rule } from '../derived/derived.ts';
import type { DesignDocument } from '../document/design-document.ts';
import type { Finding } from '../errors/finding.ts';
import { mm, say } from '../errors/wording.ts';

const pinRule: Rule = { id: 'pin', formula: 'pinned by the maker', source: 'this design' };

/** A size that the maker may fix. */
export interface PinnableSize {
  path: string;
  label: string;
  /** What it must be to hold everything, mm. */
  least: number;
}

/** Sizes that the maker has fixed, by path. */
export interface Pins {
  /** The size as pinned; never less than what it must hold.
   * @param path such as `body/leafWidth` or `holders/A/slotWidth`
   * @param size the least size, as solved, mm */
  pin(path: string, size: Derived): Derived;
  /** Every size that was asked for, whether it is pinned or not: what may be pinned, with the least that it may be. */
  pinnable(): PinnableSize[];
  /** Pins that ask for the impossible, and pins of sizes that this design has not; once everything is sized. */
  findings(): Finding[];
}

/** The pins of a design. A pin larger than the least size leaves slack; a smaller one is told, and the least size stays. */
export function pinsOf({ pins = {} }: Pick<DesignDocument, 'pins'>): Pins {
  const asked = new Map<string, Derived>();
  return {
    pin(path, size) {
      asked.set(path, size);
      const wished = Object.hasOwn(pins, path) ? pins[path] : undefined;
      if (wished === undefined) return size;
      return wished < size.value
        ? size
        : byRule(pinRule, size.label, wished, [
            given(size.label, wished, { kind: 'document', path: `pins/${path}` }),
            size,
          ]);
    },
    pinnable: () => [...asked].map(([path, { label, value }]) => ({ path, label, least: value })),
    findings: () =>
      Object.entries(pins).flatMap(([path, wished]): Finding[] => {
        const about = [
          path
            .split('/')
            .slice(0, path.startsWith('holders/') ? 2 : 1)
            .join('/'),
        ];
        const size = asked.get(path);
        if (!size) {
          const text = say`A size is pinned that this design has not (${path}). Take the pin away.`;
          return [{ code: 'pin.unknown', severity: 'watch', about, numbers: { pinned: wished }, text }];
        }
        if (wished >= size.value - 1e-9) return [];
        const text = say`“${size.label}” is pinned at ${mm(wished)}, but must be ${mm(size.value)} to hold everything: ${mm(size.value - wished)} are missing. Let it be, take something out, or use thinner cloth.`;
        return [
          {
            code: 'pin.tooSmall',
            severity: 'stop',
            about,
            numbers: { pinned: wished, least: size.value },
            limit: size.value,
            text,
          },
        ];
      }),
  };
}
