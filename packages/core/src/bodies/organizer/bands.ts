import { crease, SQUARE } from '../../pieces/bend.ts';
import { patch } from '../../pieces/patch.ts';
import type { PieceDraft } from '../../pieces/piece.ts';
import { edgePart, wholeEdge, type Seam } from '../../pieces/seam.ts';
import type { Rules } from '../../shelves/rules/rules-for.ts';
import type { Wall } from '../box/params.ts';
import { layers, type Layer } from '../box/pieces.ts';
import type { Organizer } from './params.ts';
import { seamAllowance, zipSeam } from '../../shelves/rules/common-rules.ts';

/** Each band goes along one half of the rim. */
export const rimHalves = ['front', 'back'] as const;
export type RimHalf = (typeof rimHalves)[number];

/** The walls that a band goes along, from its left end, seen from outside. */
const along: Record<RimHalf, [Wall, Wall, Wall]> = {
  front: ['left', 'front', 'right'],
  back: ['right', 'back', 'left'],
};

/** Two bands of a layer between the rim and the zipper. */
export function bandPieces({ run, band, channel, shell }: Organizer, layer: Layer, rules: Rules): PieceDraft[] {
  const seam = rules.length(seamAllowance);
  const [all, high, low, side] = [run.value, band.value, channel.value, shell.depth.value / 2];
  return rimHalves.map((rim) =>
    patch({
      id: `body/${layer}-band-${rim}`,
      name: `${layer === 'shell' ? 'Band' : 'Band lining'}, ${rim}`,
      role: layer === 'shell' ? 'exterior' : 'lining',
      plain: true,
      width: run,
      height: band,
      seam,
      allowance: { top: rules.length(zipSeam) },
      notches: [
        { id: `${rim}-left`, edge: 'bottom', at: side },
        { id: `${rim}-right`, edge: 'bottom', at: all - side },
      ],
      ...(layer === 'shell' && {
        lines: [{ id: 'channel', from: [0, low], to: [all, low], label: 'channel of the frame' }],
      }),
      bends: [side, all - side].map((x) => crease([x, 0], [x, high], SQUARE)),
      // the left edge runs downwards
      ...(rim === 'front' && {
        gaps: [{ edge: 'left', from: high - low, to: high, label: 'the frames go in here' }],
      }),
    }),
  );
}

/** Both layers of a band on three walls each, end on end, and on each other along the zipper. */
export function bandSeams({ shell, run }: Organizer): Seam[] {
  const [wide, deep] = [shell.width.value, shell.depth.value];
  const rims = layers.flatMap((layer) =>
    rimHalves.flatMap((rim): Seam[] => {
      const band = `body/${layer}-band-${rim}`;
      const [first, middle, last] = along[rim];
      // the mouth of a wall runs leftwards, seen from outside: its right half comes first
      const spans: [Wall, [number, number], [number, number]][] = [
        [first, [0, deep / 2], [0, deep / 2]],
        [middle, [deep / 2, deep / 2 + wide], [0, wide]],
        [last, [deep / 2 + wide, run.value], [deep / 2, deep]],
      ];
      return spans.map(([wall, [from, to], [start, end]]) => ({
        id: `body/${layer}/band-${rim}-${wall}`,
        kind: 'sewn',
        a: edgePart(band, 'bottom', from, to),
        b: edgePart(`body/${layer}-${wall}`, `${wall}/top`, start, end, true),
      }));
    }),
  );
  const ends = layers.flatMap((layer) =>
    (['left', 'right'] as const).map((side): Seam => ({
      id: `body/${layer}/band-end-${side}`,
      kind: 'sewn',
      a: wholeEdge(`body/${layer}-band-front`, side),
      b: wholeEdge(`body/${layer}-band-back`, side === 'left' ? 'right' : 'left', true),
    })),
  );
  const tops = rimHalves.map((rim): Seam => ({
    id: `body/band-top-${rim}`,
    kind: 'sewn',
    a: wholeEdge(`body/shell-band-${rim}`, 'top'),
    b: wholeEdge(`body/lining-band-${rim}`, 'top', true),
  }));
  return [...rims, ...ends, ...tops];
}
