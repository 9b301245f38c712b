import type { BodyKind } from '../body-kind.ts';
import { clothBar, roomThings, sewnBars, stackBars, type Section, type SectionBar } from '../section.ts';
import { shellBoards } from './boards.ts';
import { contributeShell } from './contribute.ts';
import type { Half } from '../gusset-ring/ring.ts';
import { shellParams, type ShellCase } from './params.ts';
import { shellAsCut } from './read-back.ts';
import { sizeShell } from './size.ts';
import { shellOffset } from '../gusset-ring/rules.ts';
import { shellMargin } from './rules.ts';
import { pocketFrame, seamAllowance, zipClear, zipSeam } from '../../shelves/rules/common-rules.ts';

/** Hard cases: two stiff shells, a gusset with a zipper between them. */
export const shell: BodyKind<ShellCase> = {
  title: 'Hard case',
  about: 'two stiff shells with a zipped gusset between them',
  orientation: 'lying',
  closures: ['zip-top'],
  params: shellParams,
  rules: [seamAllowance, pocketFrame, shellMargin, shellOffset, zipSeam, zipClear],
  findings: ['gusset.tightCorner'],
  faces: () => [
    { id: 'inside', title: 'in the case', seat: 'box' },
    { id: 'base', title: 'on the inside of the base', seat: 'wall' },
    { id: 'lid', title: 'on the inside of the lid', seat: 'wall' },
  ],
  size: sizeShell,
  contribute: contributeShell,
  boards: shellBoards,
  section({ detail, closedThickness }, placed, { stacks }): Section {
    const width = detail.length.value;
    const inset = (width - detail.plate.length.value) / 2;
    const plate: SectionBar = {
      of: { role: 'base' },
      label: 'plate',
      u0: inset,
      u1: width - inset,
      thickness: stacks.base.value,
    };
    const cloth = (role: 'exterior' | 'lining') => clothBar(role, width, stacks);
    const on = (face: string) => placed.filter(({ seat }) => seat.face === face);
    const half = (face: Half) =>
      stackBars([cloth('exterior'), plate, cloth('lining'), ...on(face).flatMap((holder) => sewnBars(holder))]);
    const base = half('base');
    const ground = Math.max(...base.map(({ z1 }) => z1));
    const total = closedThickness.value;
    return {
      layers: [
        ...base,
        ...on('inside').flatMap((holder) => roomThings(holder, width, ground)),
        // the lid lies head down on top
        ...half('lid').map((layer) => ({ ...layer, z0: total - layer.z1, z1: total - layer.z0 })),
      ],
      width,
      folded: false,
      state: 'closed',
      total: closedThickness,
    };
  },
  readBack: (cut, { detail }) => shellAsCut(detail, cut),
};
