import type { Coverage, Role } from '@zindle/core';

/** The stacks by what they are used for. */
export const roleWords: Record<Role, { title: string; about: string }> = {
  exterior: { title: 'Shell', about: 'what is seen and touched outside' },
  lining: { title: 'Lining', about: 'what the things lie against' },
  pocket: { title: 'Pockets', about: 'panels, dividers and slots' },
  mesh: { title: 'Seen through', about: 'mesh and windows' },
  base: { title: 'Base', about: 'what keeps flat' },
};

export const coverageWords: Record<Coverage, { title: string; why: string }> = {
  full: { title: 'into the seam', why: 'It is caught in every seam.' },
  trimmed: { title: 'to the stitch line', why: 'It ends at the stitch line and adds nothing to the seam.' },
  corners: { title: 'corners off', why: 'To the stitch line, its corners cut off where three pieces meet.' },
  half: { title: 'lower half', why: 'To the stitch line, in the lower half of the piece only.' },
};
