import type { PlacedHolder } from '../../holders/holder-kind.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import {
  clothBar,
  sewnBars,
  stackBars,
  thingBars,
  type Section,
  type SectionBar,
  type SectionLayer,
} from '../section.ts';
import { outerNames, type FoldOut, type Organizer } from './params.ts';
import { standsOut } from './size.ts';

/** Seen from above: the rear pocket below, then the box from its back, the outer pocket on top. */
export function organizerSection(
  { detail, closedThickness }: SizedBody<Organizer>,
  placed: readonly PlacedHolder[],
  { stacks }: BodyInputs,
): Section {
  const { outers, shell } = detail;
  const width = shell.width.value;
  const total = closedThickness.value;
  const cloth = (role: 'exterior' | 'lining') => clothBar(role, width, stacks);
  const on = (face: string) => placed.filter(({ seat }) => seat.face === face);
  const outerOn = (wall: FoldOut['wall']) => outers.find((each) => each.wall === wall);
  const [front, rear] = [outerOn('front'), outerOn('back')];

  /** A pocket from its wall outwards: its back and what is on that. */
  const backOf = (outer: FoldOut | undefined): SectionBar[] =>
    outer ? [cloth(outer.back === 'shell' ? 'exterior' : 'lining'), ...sewnIn(outer, outerNames[outer.wall].face)] : [];
  /** Its flap from the outside inwards. */
  const flapOf = (outer: FoldOut | undefined): SectionLayer[] =>
    outer
      ? stackBars([
          cloth('exterior'),
          { ...cloth('exterior'), of: { role: 'base' }, label: 'stiffener', thickness: stacks.base.value },
          cloth('lining'),
          ...sewnIn(outer, outerNames[outer.wall].flap),
        ])
      : [];
  const sewnIn = ({ at }: FoldOut, face: string): SectionBar[] =>
    on(face)
      .flatMap(sewnBars)
      .map((bar) => ({ ...bar, u0: bar.u0 + at.x, u1: bar.u1 + at.x }));

  const behind = rear ? standsOut(rear, stacks.exterior).value : 0;
  const box = stackBars([
    cloth('exterior'),
    cloth('lining'),
    ...on('back').flatMap(sewnBars),
    ...on('divider').flatMap((holder) => thingBars(holder, width)),
    ...on('inside').flatMap((holder) => thingBars(holder, width)),
  ]);
  const layers = [
    ...flapOf(rear),
    ...downFrom(stackBars(backOf(rear)), behind),
    ...upFrom(box, behind),
    ...upFrom(
      stackBars([cloth('lining'), cloth('exterior'), ...backOf(front)]),
      behind + shell.depth.value - stacks.lining.value,
    ),
    // the flap lies face down on top
    ...downFrom(flapOf(front), total),
  ];
  return { layers, width, folded: false, state: 'closed', total: closedThickness };
}

const upFrom = (layers: readonly SectionLayer[], by: number): SectionLayer[] =>
  layers.map((layer) => ({ ...layer, z0: layer.z0 + by, z1: layer.z1 + by }));

const downFrom = (layers: readonly SectionLayer[], top: number): SectionLayer[] =>
  layers.map((layer) => ({ ...layer, z0: top - layer.z1, z1: top - layer.z0 }));
