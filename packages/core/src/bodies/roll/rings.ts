import type { NamedLine, Ring } from '../../pieces/room.ts';

/** The bottom folded up: the lining, stitched at both sides, and the shell round it, folded and stitched with it. */
export const pocketRings = (lining: string, shell: string): Ring[] => {
  const base: NamedLine = { fold: 'pocket' };
  const mouth: NamedLine = { edge: 'bottom' };
  const on = (bound: 'left' | 'right', side: 'a' | 'b'): NamedLine => ({ seam: `body/pocket-${bound}`, side });
  // the shell is drawn right side up: what is left of the lining lies on its right
  const [left, right]: NamedLine[] = [
    { edge: 'right', inset: 'topstitch.inset' },
    { edge: 'left', inset: 'topstitch.inset' },
  ];
  return [
    {
      walls: [
        { piece: lining, left: on('left', 'a'), right: on('right', 'a'), base, mouth },
        { piece: lining, left: on('right', 'b'), right: on('left', 'b'), base },
      ],
    },
    {
      walls: [
        { piece: shell, left: left!, right: right!, base, mouth },
        { piece: shell, left: right!, right: left!, base },
      ],
    },
  ];
};
