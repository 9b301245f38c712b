import { topstitchInset } from '../../shelves/rules/common-rules.ts';
import { easePocketAcross, easePocketDeep } from '../face-pocket/rules.ts';
import type { HolderKind } from '../holder-kind.ts';
import { contributeWindow } from './window.ts';
import { dropParam, zipParams, zipPocket } from './zip-pocket.ts';
import type { ZipPocket } from './zip.ts';

/** A pocket that lies flush: its mouth is a faced window cut into the face, the pocket hangs behind. */
export const setInPocket: HolderKind<ZipPocket> = {
  ...zipPocket,
  title: 'Set-in pocket',
  // it cannot be turned on its side, so that it may always be as wide as its face
  params: { wide: { ...zipParams.wide, when: () => true }, drop: dropParam, window: zipParams.window },
  rules: [easePocketAcross, easePocketDeep, topstitchInset],
  behind: () => true,
  suits: ({ thickness }) => ({
    score: thickness <= 12 ? 0.25 : 0.1,
    why: 'Nothing stands out of the face; the window shows that something is in it.',
  }),
  measure(design, contents, inputs) {
    const measured = zipPocket.measure({ ...design, style: 'window' }, contents, inputs);
    return { ...measured, detail: { ...measured.detail, open: true } };
  },
  place: (measured, seat, inputs) => ({ ...zipPocket.place(measured, seat, inputs), kind: 'set-in-pocket' }),
  contribute: contributeWindow,
};
