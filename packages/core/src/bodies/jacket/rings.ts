import type { Ring } from '../../pieces/room.ts';

/** The flaps that the boards go into, stitched at both ends. Where one is loose, an elastic holds that board.
 * @param elastic whether the flap on the right of the lining is loose */
export function flapRings(lining: string, band: string, elastic: boolean): Ring[] {
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
        },
        { piece: lining, left: on('bottom', mate[below]), right: on('top', mate[above]), base: { fold } },
      ],
    };
  };
  const fixed = flap('', 'left', 'fold-1');
  if (!elastic) return [fixed, flap('-2', 'right', 'fold-4')];
  const [from, to] = [`${band}#left`, `${band}#right`];
  return [
    fixed,
    {
      walls: [
        { piece: band, left: { seam: from, side: 'a' }, right: { seam: to, side: 'a' } },
        { piece: lining, left: { seam: to, side: 'b' }, right: { seam: from, side: 'b' } },
      ],
    },
  ];
}
