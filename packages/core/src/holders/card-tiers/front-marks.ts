import type { Mark } from '../../pieces/piece.ts';
import { middleLines, opensBehind, sides, type Placed } from './fronts.ts';

/** Where a front lies on its host. */
export function hostMarks(placed: Placed) {
  const { id, seat } = placed;
  const { inner, outer } = sides(placed);
  const [x0, x1] = [seat.x, seat.x + seat.width.value];
  const [y0, y1] = [seat.y, seat.y + seat.height.value];
  const [x, beyond] = inner === 'right' ? [x1, x0] : [x0, x1];
  const stitched = seat.edges[outer].kind === 'stitchedOn';
  const mark = (corner: string, at: [number, number]): Mark => ({
    id: `${id}-${corner}`,
    kind: 'placement',
    at,
    label: `corner of panel ${id}`,
  });
  return {
    piece: seat.host.piece,
    marks: [mark('top', [x, y1])],
    lines: [
      ...(opensBehind(placed)
        ? []
        : [
            {
              id: `${id}-inner`,
              from: [x, y0] as [number, number],
              to: [x, y1] as [number, number],
              label: `inner edge of panel ${id}`,
            },
          ]),
      {
        id: `${id}-top`,
        from: [x0, y1] as [number, number],
        to: [x1, y1] as [number, number],
        label: `top edge of panel ${id}`,
      },
      ...(stitched
        ? [
            {
              id: `${id}-outer`,
              from: [beyond, y0] as [number, number],
              to: [beyond, y1] as [number, number],
              label: `outer edge of panel ${id}`,
            },
          ]
        : []),
      ...(seat.edges.bottom.kind === 'stitchedOn'
        ? [
            {
              id: `${id}-bottom`,
              from: [x0, y0] as [number, number],
              to: [x1, y0] as [number, number],
              label: `bottom of panel ${id}`,
            },
          ]
        : []),
      ...middleLines(placed, `${id}-middle`).map((line) => ({
        ...line,
        from: [line.from[0] + seat.x, line.from[1] + seat.y] as [number, number],
        to: [line.to[0] + seat.x, line.to[1] + seat.y] as [number, number],
      })),
    ],
  };
}
