import { idsOf } from '../../pieces/seam.ts';
import { mm, say } from '../../errors/wording.ts';
import { contribution, type Contribution } from '../../pieces/contribution.ts';
import type { HolderInputs, PlacedHolder } from '../holder-kind.ts';
import { linesOnPanels } from '../panel-lines.ts';
import { partedRooms } from '../seat-rooms.ts';
import { stoodOf, type Cavity, type CavitySeat } from './compartments.ts';
import type { Finding } from '../../errors/finding.ts';
import { besideBase, clearOfBase, dividers } from './place.ts';
import { easeCavityAcross, easeCavityEnd } from './rules.ts';

/** Stitched dividers: front and back are sewn onto each other between the rooms, from the mouth down to the base. */
export function contributeCavity(
  { id, seat, detail }: PlacedHolder<Cavity, CavitySeat>,
  { rules }: HolderInputs,
): Contribution {
  const places = dividers(detail);
  const stands = detail.compartments.map(({ things }) => things.map((thing) => stoodOf(thing, detail.visible)));
  const ease = { across: rules.length(easeCavityAcross), deep: rules.length(easeCavityEnd) };
  if (places.length === 0) return contribution({ rooms: partedRooms({ id, seat, seams: [], stands, ease }) });
  const { panels } = seat;
  const down = seat.height.value - clearOfBase(seat);
  const lines = linesOnPanels({ id, panels, places, down, name: 'divider' });
  return contribution({
    ...lines,
    findings: pinched(id, seat),
    rooms: partedRooms({ id, seat, seams: lines.joins, stands, ease }),
    operations: [
      {
        id: `holders/${id}/divide`,
        phase: 'finish',
        needs: ['body/turn'],
        title: `Stitch the dividers of ${id}`,
        actions: [
          {
            verb: 'sew',
            seams: idsOf(lines.joins),
            facing: 'wrongToWrong',
            allLayers: true,
            from: 'mouth',
            stopsAfter: down,
            twice: 'mouth',
          },
        ],
      },
    ],
  });
}

/** A base that is so deep that the line between two rooms cannot end above it. */
function pinched(id: string, seat: PlacedHolder<Cavity, CavitySeat>['seat']): Finding[] {
  const short = besideBase(seat) - clearOfBase(seat);
  if (short < 1e-6) return [];
  return [
    {
      code: 'cavity.pinchesBase',
      severity: 'watch',
      about: [`holders/${id}`],
      numbers: { short },
      text: say`The base is so deep that the stitching between the rooms of ${id} ends ${mm(short)} too low: it pinches the base, which cannot lie flat. Make the piece higher, or leave the rooms open.`,
    },
  ];
}
