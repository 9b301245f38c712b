import { given, type Derived } from '../derived/derived.ts';
import { hardwareOf, type Hardware } from '../shelves/hardware/hardware.ts';

/** What is used in place of standard hardware. */
interface Used {
  hardware?: readonly Hardware[];
}

/** How wide something is that is cut to length, as it is used; of a zipper both tapes, closed. mm */
export const hardwareWidth = (label: string, id: string, { hardware }: Used): Derived =>
  given(label, hardwareOf(id, hardware).diameter, { kind: 'hardware', path: `hardware/${id}` });

/** How thick it lies. mm
 * @param usual if the shelf does not say */
export const hardwareThickness = (label: string, id: string, { hardware }: Used, usual = 1): Derived =>
  given(label, hardwareOf(id, hardware).thickness ?? usual, { kind: 'hardware', path: `hardware/${id}/thickness` });
