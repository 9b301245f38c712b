import type { BodyKind } from '../body-kind.ts';
import { clothBar, roomThings, stackBars, type Section, type SectionBar } from '../section.ts';
import { contributeShell } from './contribute.ts';
import { shellParams, type ShellCase } from './params.ts';
import { shellAsCut } from './read-back.ts';
import { sizeShell } from './size.ts';

/** Hard cases: two stiff shells, a gusset with a zipper between them. */
export const shell: BodyKind<ShellCase> = {
  title: 'Hard case',
  about: 'two stiff shells with a zipped gusset between them',
  orientation: 'lying',
  closures: ['zip-top'],
  params: shellParams,
  rules: ['seam.allowance', 'pocket.frame', 'shell.margin', 'shell.offset', 'zip.seam', 'zip.clear'],
  faces: () => [
    { id: 'inside', title: 'in the case', seat: 'box' },
    { id: 'base', title: 'on the inside of the base', seat: 'wall' },
    { id: 'lid', title: 'on the inside of the lid', seat: 'wall' },
  ],
  size: sizeShell,
  contribute: contributeShell,
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
    const floor = stackBars([cloth('exterior'), plate, cloth('lining')]);
    const ground = stacks.exterior.value + stacks.base.value + stacks.lining.value;
    const top = closedThickness.value - ground;
    const roof = stackBars([cloth('lining'), plate, cloth('exterior')]);
    return {
      layers: [
        ...floor,
        ...placed.flatMap((holder) => roomThings(holder, width, ground)),
        ...roof.map((layer) => ({ ...layer, z0: layer.z0 + top, z1: layer.z1 + top })),
      ],
      width,
      folded: false,
      state: 'closed',
      total: closedThickness,
    };
  },
  readBack: (cut, { detail }) => shellAsCut(detail, cut),
};
