import { CoreError } from '../../errors/core-error.ts';
import { mm, say } from '../../errors/wording.ts';
import { contribution, type Contribution, type HostEdit } from '../../pieces/contribution.ts';
import { faceLine, type Seam } from '../../pieces/seam.ts';
import type { HolderInputs, Panels, PlacedHolder } from '../holder-kind.ts';
import type { Cavity } from './compartments.ts';
import { dividers } from './place.ts';

/** Stitched dividers: a line on the front and one on the back, sewn onto each other from the mouth down to the base. */
export function contributeCavity({ id, seat, detail }: PlacedHolder<Cavity>, _inputs: HolderInputs): Contribution {
  const places = dividers(detail);
  if (places.length === 0) return contribution({});
  if (!seat.panels)
    throw new CoreError('holder.noPanels', 'a divider needs a front and a back to join', `holders/${id}`);
  const { front, back } = seat.panels;
  const down = seat.height.value;
  const line = (side: keyof Panels, index: number) => `${id}-divider-${index + 1}-${side}`;
  // on a folded piece both lines lie on it: one above the fold, one below
  const edit = (side: keyof Panels): HostEdit => {
    const { piece, at } = seat.panels![side];
    const lines = places.map((x, index) => ({
      id: line(side, index),
      from: at(x, 0),
      to: at(x, down),
      label: `divider ${index + 1}`,
    }));
    return { kind: 'marks', piece, marks: [], lines };
  };
  const joins = places.map((_, index): Seam => ({
    id: `holders/${id}#divider-${index + 1}`,
    kind: 'stitchedOn',
    a: faceLine(front.piece, line('front', index)),
    b: faceLine(back.piece, line('back', index)),
  }));
  return contribution({
    hostEdits: [edit('front'), edit('back')],
    joins,
    operations: [
      {
        id: `holders/${id}/divide`,
        phase: 'finish',
        needs: ['body/turn'],
        uses: [...new Set([front.piece, back.piece])],
        seams: joins.map((join) => join.id),
        text: say`Lay it flat, front and back even, and stitch them together along the dividers through all layers, from the mouth ${mm(down)} down, where the base begins. Back-tack twice at the mouth: it carries the weight.`,
      },
    ],
  });
}
