import type { Derived } from '../../derived/derived.ts';
import { CLIP } from '../../pieces/clip.ts';
import type { OperationDraft } from '../../pieces/contribution.ts';
import { idsOf, type Seam } from '../../pieces/seam.ts';
import type { Action } from '../../sewing/actions/action.ts';
import { topstitchInset, zipSeam } from '../../shelves/rules/common-rules.ts';
import type { ClosureInputs } from '../closure-kind.ts';
import { flapClosing } from './rules.ts';
import { afterPockets, matesSet, type MatePlace } from '../mate.ts';
import type { Ids, PouchSeams } from './seams.ts';
import type { PouchFlap } from './size.ts';

/** What its steps tell. mm */
interface Told {
  mate: Derived;
  sewn: Derived;
  /** Marks of its fasteners. */
  caps: readonly string[];
  /** Where it is caught. */
  base: readonly Seam[];
  mates: readonly MatePlace[];
}

/** From its zipper to the stitch that closes it. */
export function pouchOperations(
  { end, fastener }: PouchFlap,
  ids: Ids,
  { front, back, linings }: PouchSeams,
  told: Told,
  { id, rules }: ClosureInputs,
): OperationDraft[] {
  /** One tape between a face and its lining, from the middle outwards. */
  const onZipper = (pieces: readonly [face: string, lining: string], tape: readonly Seam[]): Action[] => [
    { verb: 'baste', seams: idsOf(tape), facing: 'rightToRight', from: 'middle' },
    {
      verb: 'sew',
      seams: idsOf(linings.filter(({ a }) => a.piece === pieces[0])),
      from: 'middle',
      between: [ids.zipper],
      faceTo: pieces[0],
      besideTeeth: rules.length(zipSeam).value,
    },
    { verb: 'clip', pieces, every: CLIP },
    { verb: 'turn', pieces },
  ];
  const inset = rules.length(topstitchInset).value;
  return [
    {
      id: `${id}/zipper`,
      phase: 'prepare',
      needs: [],
      title: 'Prepare the zipper of the flap',
      actions: [
        { verb: 'trim', pieces: [ids.zipper], to: 'length' },
        { verb: 'moveSlider', zipper: ids.zipper, to: 'middle' },
        { verb: 'bind', by: ids.tab, over: [ids.zipper], apart: told.sewn.value },
        { verb: 'mark', pieces: [ids.zipper, ids.front, ids.frontLining, ids.back, ids.backLining], what: 'middles' },
      ],
    },
    {
      id: `${id}/fasteners`,
      phase: 'prepare',
      needs: [],
      title: 'Set the fastener in the flap',
      actions: [
        {
          verb: 'setHardware',
          hardware: fastener.id,
          half: 'upper',
          piece: ids.back,
          mark: told.caps,
          from: { distance: end.value, edge: 'tip' },
          backed: true,
        },
      ],
    },
    {
      id: `${id}/front`,
      phase: 'prepare',
      needs: [`${id}/zipper`],
      title: 'Sew the zipper to the front of the flap',
      actions: [{ verb: 'nick', piece: ids.zipper, every: CLIP }, ...onZipper([ids.front, ids.frontLining], front)],
    },
    {
      id: `${id}/back`,
      phase: 'prepare',
      needs: [`${id}/front`, `${id}/fasteners`],
      title: 'Sew the zipper to the back of the flap',
      actions: [
        { verb: 'moveSlider', zipper: ids.zipper, to: 'open' },
        ...onZipper([ids.back, ids.backLining], back),
        { verb: 'moveSlider', zipper: ids.zipper, to: 'closed' },
        { verb: 'inspect', what: 'hangsLevel' },
        { verb: 'topstitch', piece: ids.front, place: 'ring', distance: inset, through: [ids.back], within: [ids.tab] },
      ],
    },
    {
      id: `${id}/set`,
      phase: 'closures',
      needs: [`${id}/back`, ...afterPockets(told.mates)],
      title: 'Baste the flap on and set its mate',
      actions: [
        { verb: 'inspect', what: 'outsideOut' },
        { verb: 'baste', seams: idsOf(told.base), facing: 'rightToRight', meet: 'middles' },
        ...matesSet(told.mates, { hardware: fastener.id, mark: `${id}-mate`, distance: told.mate.value }),
      ],
    },
    {
      id: `${id}/close`,
      phase: 'finish',
      needs: [`${id}/set`],
      waitsFor: ['body/turn'],
      title: 'Close the flap at its root',
      actions: [
        { verb: 'inspect', what: 'reachesPast' },
        {
          verb: 'topstitch',
          piece: ids.front,
          place: 'root',
          distance: rules.length(flapClosing).value,
          through: [ids.back],
        },
      ],
    },
  ];
}
