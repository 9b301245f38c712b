import type { Ring } from '../../pieces/room.ts';
import type { ZipTube } from './params.ts';
import { cornerSeams } from './seams.ts';

/** The lining, whose front and back meet in the bottom seam, and the shell, which goes from one edge of the zipper round to
 * the other. Each end is closed by its own seam. */
export function tubeRings(detail: ZipTube): Ring[] {
  const corners = cornerSeams(detail).map(({ id }) => id);
  const of = (piece: string) => corners.filter((id) => id.startsWith(piece));
  return [
    {
      walls: (['front', 'back'] as const).map((which) => ({
        piece: `body/lining-${which}`,
        left: { seam: `body/lining/left-${which}`, side: 'a' },
        right: { seam: `body/lining/right-${which}`, side: 'a' },
        base: { seam: 'body/lining/bottom', side: which === 'front' ? 'a' : 'b' },
        mouth: { edge: 'zip' },
      })),
      corners: of('body/lining'),
    },
    {
      walls: [
        {
          piece: 'body/shell',
          left: { seam: 'body/shell/left', side: 'a' },
          right: { seam: 'body/shell/right', side: 'a' },
          mouth: { edge: 'zip-front' },
          beyond: { edge: 'zip-back' },
        },
      ],
      corners: of('body/shell'),
    },
  ];
}
