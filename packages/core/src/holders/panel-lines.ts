import type { HostEdit } from '../pieces/contribution.ts';
import { faceLine, type Seam } from '../pieces/seam.ts';
import type { Panels } from './seat.ts';

/** Where rooms side by side end, from the left, mm; the last end is the side seam itself.
 * @param widths of the rooms, mm */
export function linesBetween(widths: readonly number[]): number[] {
  let at = 0;
  return widths.slice(0, -1).map((width) => (at += width));
}

interface PanelLines {
  /** Id of the holder. */
  id: string;
  panels: Panels;
  /** From the left, mm. */
  places: readonly number[];
  /** How far the lines go down from the mouth, mm. */
  down: number;
  /** What a line is called, such as `divider`. */
  name: string;
}

/** Lines that stitch a front and a back together: one on each, walked against each other. On a folded piece both lie on
 * it, one on either side of the fold. */
export function linesOnPanels({ id, panels, places, down, name }: PanelLines): {
  hostEdits: HostEdit[];
  joins: Seam[];
} {
  const line = (side: 'front' | 'back', index: number) => `${id}-${name}-${index + 1}-${side}`;
  const edit = (side: 'front' | 'back'): HostEdit => {
    const { piece, at } = panels[side];
    const lines = places.map((x, index) => ({
      id: line(side, index),
      from: at(x, panels.rimAt?.(x) ?? 0),
      to: at(x, down),
      label: `${name} ${index + 1}`,
    }));
    return { piece, marks: [], lines };
  };
  const joins = places.map((_, index): Seam => ({
    id: `holders/${id}#${name}-${index + 1}`,
    kind: 'stitchedOn',
    a: faceLine(panels.front.piece, line('front', index)),
    b: faceLine(panels.back.piece, line('back', index)),
  }));
  return { hostEdits: [edit('front'), edit('back')], joins };
}
