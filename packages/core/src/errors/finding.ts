import type { Wording } from './wording.ts';

/** `stop`: it will not work; `watch`: it may annoy or wear; `note`: good to know. */
export type Severity = 'stop' | 'watch' | 'note';

/** What sort of finding it is. Families say which of their own they may bring; those of all designs are in
 * `solve/common-findings.ts`. */
export type FindingCode = `${string}.${string}`;

/** Something a maker has brought about and should know: data, never an exception. */
export interface Finding {
  code: FindingCode;
  severity: Severity;
  /** Paths of the objects concerned, such as `holders/A` or `contents/c2`. */
  about: string[];
  /** Lengths in mm unless the name says otherwise. */
  numbers: Record<string, number>;
  limit?: number;
  text: Wording;
}
