import { byRule, given, type Derived, type Rule } from '../derived/derived.ts';
import type { DesignDocument } from '../document/design-document.ts';
import type { Finding } from '../errors/finding.ts';
import { atLeast, mm, say } from '../errors/wording.ts';

/** A size that the maker may fix. */
export interface PinnableSize {
  path: string;
  label: string;
  /** What it must be to hold everything, mm. */
  asks: number;
  /** The least at which its pieces can be drawn, mm; known where it is pinned at less than it asks for. */
  least?: number;
}

/** Gives a size by its path, such as `body/leafWidth` or `holders/A/slotWidth`, as it is made: as it is pinned, or as solved.
 * @param size as it is solved, mm */
export type Pin = (path: string, size: Derived) => Derived;

const rule = (formula: string): Rule => ({ id: 'pin', formula, source: 'this design' });
const obeyed = rule('pinned by the maker');
const drawn = rule('the least at which its pieces can be drawn');

/** The size that a design pins, mm; nothing if it is free. */
export const pinnedAt = ({ pins = {} }: Partial<Pick<DesignDocument, 'pins'>>, path: string): number | undefined =>
  Object.hasOwn(pins, path) ? pins[path] : undefined;

/** A size as it is pinned, never less than can be drawn. All mm. */
export function asPinned(path: string, size: Derived, pinned: number, least = 0): Derived {
  const from = [given(size.label, pinned, { kind: 'document', path: `pins/${path}` }), size];
  return pinned < least ? byRule(drawn, size.label, least, from) : byRule(obeyed, size.label, pinned, from);
}

/** Pins that cannot be made as they are, and pins of sizes that this design has not; once everything is sized. */
export function checkPins({ pins = {} }: Pick<DesignDocument, 'pins'>, pinnable: readonly PinnableSize[]): Finding[] {
  return Object.entries(pins).flatMap(([path, pinned]): Finding[] => {
    const parts = path.split('/');
    const about = [parts.slice(0, /^(holders|parts)\//.test(path) ? 2 : 1).join('/')];
    const size = pinnable.find((each) => each.path === path);
    if (!size) {
      const text = say`A size is pinned that this design has not (${path}). Take the pin away.`;
      return [{ code: 'pin.unknown', severity: 'watch', about, numbers: { pinned }, text }];
    }
    const { label, least = 0 } = size;
    if (pinned >= least - 1e-9) return [];
    const text = say`“${label}” is pinned at ${mm(pinned)}, but its pieces can be drawn only from ${atLeast(least)}: it is made so. Pin it at that or more, or let it go.`;
    return [{ code: 'pin.tooSmall', severity: 'stop', about, numbers: { pinned, least }, limit: least, text }];
  });
}
