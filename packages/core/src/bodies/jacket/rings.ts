import type { Ring } from '../../pieces/room.ts';

/** The flaps that the boards go into, stitched at both ends, and what goes round the book between them. Where one flap is loose, an
 * elastic holds that board.
 * @param elastic whether the flap on the right of the lining is loose */
export function jacketRings(
  { lining, shell, band }: Record<'lining' | 'shell' | 'band', string>,
  elastic: boolean,
): Ring[] {
  const layers = [lining, shell];
  const cover: Ring = {
    walls: [{ piece: lining, left: { fold: 'fold-1' }, right: { fold: 'fold-4' }, layers }],
    wraps: true,
  };
  const flap = (name: string, edge: 'left' | 'right', fold: string): Ring => {
    const on = (end: 'top' | 'bottom', side: 'a' | 'b') => ({ seam: `body/flap-${end}${name}`, side });
    // its stitched ends are its sides; of each of those seams the flap is that part, what lies behind it the other
    const [above, below] = edge === 'left' ? (['b', 'a'] as const) : (['a', 'b'] as const);
    const mate = { a: 'b', b: 'a' } as const;
    return {
      walls: [
        {
          piece: lining,
          left: on('top', above),
          right: on('bottom', below),
          base: { fold },
          mouth: { edge },
          // a flap is shorter than its board
          low: true,
          layers,
        },
        { piece: lining, left: on('bottom', mate[below]), right: on('top', mate[above]), base: { fold }, layers },
      ],
    };
  };
  const fixed = flap('', 'left', 'fold-1');
  if (!elastic) return [fixed, flap('-2', 'right', 'fold-4'), cover];
  const [from, to] = [`${band}#left`, `${band}#right`];
  return [
    fixed,
    cover,
    {
      walls: [
        { piece: band, left: { seam: from, side: 'a' }, right: { seam: to, side: 'a' } },
        { piece: lining, left: { seam: to, side: 'b' }, right: { seam: from, side: 'b' } },
      ],
    },
  ];
}
