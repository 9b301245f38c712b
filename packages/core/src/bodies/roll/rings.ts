import type { NamedLine, Ring } from '../../pieces/room.ts';

/** The bottom folded up: the innermost cloth, stitched at both sides, and the shell round it if it has one, folded and stitched with it.
 * @param flapped its upper end folds down over the tips */
export const pocketRings = ([inner, shell]: readonly [string, string?], flapped: boolean): Ring[] => {
  const top: NamedLine = flapped ? { fold: 'flap' } : { edge: 'top' };
  const base: NamedLine = { fold: 'pocket' };
  const mouth: NamedLine = { edge: 'bottom' };
  const on = (bound: 'left' | 'right', side: 'a' | 'b'): NamedLine => ({
    seam: `body/pocket-${bound}`,
    side,
    inset: 'topstitch.inset',
  });
  // the shell is drawn right side up: what is left of the lining lies on its right
  const [left, right]: NamedLine[] = [
    { edge: 'right', inset: 'topstitch.inset' },
    { edge: 'left', inset: 'topstitch.inset' },
  ];
  return [
    {
      walls: [
        { piece: inner, left: on('left', 'a'), right: on('right', 'a'), base, mouth, low: true },
        { piece: inner, left: on('right', 'b'), right: on('left', 'b'), base, mouth: top },
      ],
    },
    ...(shell === undefined
      ? []
      : [
          {
            walls: [
              { piece: shell, left: left!, right: right!, base, mouth, low: true },
              { piece: shell, left: right!, right: left!, base },
            ],
          },
        ]),
  ];
};
