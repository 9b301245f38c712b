import type { PlacedHolder } from '../../holders/holder-kind.ts';
import { slabsAt, thickest } from '../../holders/slab.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { clothBar, sewnBars, stackBars, type Section, type SectionBar } from '../section.ts';
import { INNER, OUTER, type Panel } from './params.ts';

/** A panel from side to side, with what lies on both of its sides and the flap over it, each cut where it is thickest. */
export function panelSection(
  { detail, closedThickness }: SizedBody<Panel>,
  placed: readonly PlacedHolder[],
  { stacks }: BodyInputs,
): Section {
  const width = detail.width.value;
  const on = (face: string) => placed.filter(({ seat }) => seat.face === face);
  const cloth = (role: 'exterior' | 'lining') => clothBar(role, width, stacks);
  const layers = stackBars([
    ...cutAcross(on(OUTER)).toReversed(),
    cloth('exterior'),
    cloth('lining'),
    ...cutAcross(on(INNER)),
    ...(detail.flap ? flapBars(on('flap'), width, stacks) : []),
  ]);
  return { layers, width, folded: false, state: 'closed', total: closedThickness };
}

/** What lies on a face, cut along one line through its thickest place. */
function cutAcross(holders: readonly PlacedHolder[]): SectionBar[] {
  const places = holders.map(({ slabs, seat }) => {
    const { at, thickness } = thickest('', slabs);
    return { up: seat.y + at, thick: thickness.value };
  });
  const up = places.reduce((most, each) => (each.thick > most.thick ? each : most), { up: 0, thick: -1 }).up;
  return holders.flatMap((holder) => sewnBars({ ...holder, slabs: slabsAt(holder.slabs, up - holder.seat.y) }));
}

/** Both faces of a flap with their linings, and what lies between them, in the middle of the panel. */
function flapBars(held: readonly PlacedHolder[], width: number, stacks: BodyInputs['stacks']): SectionBar[] {
  const [flap] = held;
  const aside = flap ? (width - flap.seat.host.width) / 2 : 0;
  // where the zipper gives, things reach beyond the faces
  const within = (u: number) => Math.min(width, Math.max(0, u + aside));
  const onto = (bar: SectionBar): SectionBar => ({ ...bar, u0: within(bar.u0), u1: within(bar.u1) });
  const cloth = (role: 'exterior' | 'lining') => onto(clothBar(role, width - 2 * aside, stacks));
  const face = [cloth('exterior'), cloth('lining')];
  return [...face, ...cutAcross(held).map(onto), ...face.toReversed()];
}
