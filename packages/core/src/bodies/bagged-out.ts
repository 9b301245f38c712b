import { wholeEdge, type Seam, type SeamEase } from '../pieces/seam.ts';

const corners = [
  ['bottom-left', 'bottom-right'],
  ['bottom-right', 'bottom-left'],
  ['top-left', 'top-right'],
  ['top-right', 'top-left'],
] as const;

/** The seams all round a rectangular shell and its lining, right sides together. Drawn right side up, the lining mirrors
 * the shell.
 * @param across ease of the two seams that run across, if the shell is longer there
 * @param rounded whether both have rounded corners */
export function baggedOut(shell: string, lining: string, across?: SeamEase, rounded = false): Seam[] {
  const seam = (id: string, shellEdge: string, liningEdge: string, ease?: SeamEase): Seam => ({
    id: `body/${id}`,
    kind: 'sewn',
    a: wholeEdge(shell, shellEdge, true),
    b: wholeEdge(lining, liningEdge),
    ...(ease && { ease }),
  });
  return [
    seam('left', 'right', 'left'),
    seam('bottom', 'bottom', 'bottom', across),
    seam('right', 'left', 'right'),
    seam('top', 'top', 'top', across),
    ...(rounded ? corners.map(([on, mate]) => seam(`corner-${mate}`, `corner-${on}`, `corner-${mate}`)) : []),
  ];
}
