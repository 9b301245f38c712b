import type { Derived } from '../../derived/derived.ts';
import { CLIP } from '../../pieces/clip.ts';
import type { OperationDraft } from '../../pieces/contribution.ts';
import type { Seam } from '../../pieces/seam.ts';
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
  const of = (seams: readonly Seam[]) => seams.map((seam) => seam.id);
  const [onFront, onBack] = [
    linings.filter(({ a }) => a.piece === ids.front),
    linings.filter(({ a }) => a.piece === ids.back),
  ];
  const inset = rules.length(topstitchInset).value;
  const beside = rules.length(zipSeam).value;
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
      actions: [
        { verb: 'nick', piece: ids.zipper, every: CLIP },
        { verb: 'baste', seams: of(front), facing: 'rightToRight', from: 'middle' },
        {
          verb: 'sew',
          seams: of(onFront),
          from: 'middle',
          between: [ids.zipper],
          faceTo: ids.front,
          besideTeeth: beside,
        },
        { verb: 'clip', pieces: [ids.front, ids.frontLining], every: CLIP },
        { verb: 'turn', pieces: [ids.front, ids.frontLining] },
      ],
    },
    {
      id: `${id}/back`,
      phase: 'prepare',
      needs: [`${id}/front`, `${id}/fasteners`],
      title: 'Sew the zipper to the back of the flap',
      actions: [
        { verb: 'moveSlider', zipper: ids.zipper, to: 'open' },
        { verb: 'baste', seams: of(back), facing: 'rightToRight', from: 'middle' },
        {
          verb: 'sew',
          seams: of(onBack),
          from: 'middle',
          between: [ids.zipper],
          faceTo: ids.back,
          besideTeeth: beside,
        },
        { verb: 'clip', pieces: [ids.back, ids.backLining], every: CLIP },
        { verb: 'turn', pieces: [ids.back, ids.backLining] },
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
        { verb: 'baste', seams: of(told.base), facing: 'rightToRight', meet: 'middles' },
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
