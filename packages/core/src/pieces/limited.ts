import type { Derived } from '../derived/derived.ts';
import type { Finding } from '../errors/finding.ts';
import { mm, say } from '../errors/wording.ts';

/** A length that was asked for and is another, because there is no room for it: told, not silent.
 * @param what the length is of, such as `The flap lies on the front` */
export function limited(what: string, asked: Derived, made: Derived, id: string): Finding[] {
  if (made.value >= asked.value - 0.5) return [];
  return [
    {
      code: 'setting.limited',
      severity: 'note',
      about: [id],
      numbers: { asked: asked.value, made: made.value },
      text: say`${what} by ${mm(made.value)}, not by ${mm(asked.value)} as it is set: there is no room for more. Make the piece higher, or set less.`,
    },
  ];
}
