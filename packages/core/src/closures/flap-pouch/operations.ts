import type { Derived } from '../../derived/derived.ts';
import { mm, say } from '../../errors/wording.ts';
import { CLIP } from '../../pieces/clip.ts';
import type { OperationDraft } from '../../pieces/contribution.ts';
import type { Seam } from '../../pieces/seam.ts';
import { zipSeam } from '../../shelves/rules/common-rules.ts';
import type { ClosureInputs } from '../closure-kind.ts';
import { flapClosing } from './rules.ts';
import { afterPockets, throughLayers, type MatePlace } from '../mate.ts';
import type { Ids, PouchSeams } from './seams.ts';
import type { PouchFlap } from './size.ts';

/** What its steps tell. mm */
interface Told {
  mate: Derived;
  cut: Derived;
  sewn: Derived;
  mates: readonly MatePlace[];
}

/** From its zipper to the stitch that closes it. */
export function pouchOperations(
  { end, tab, two }: PouchFlap,
  ids: Ids,
  { front, back, linings }: PouchSeams,
  told: Told,
  { id, rules }: ClosureInputs,
): OperationDraft[] {
  const of = (seams: Seam[]) => seams.map((seam) => seam.id);
  const [onFront, onBack] = [
    linings.filter(({ a }) => a.piece === ids.front),
    linings.filter(({ a }) => a.piece === ids.back),
  ];
  return [
    {
      id: `${id}/zipper`,
      phase: 'prepare',
      needs: [],
      uses: [ids.zipper, ids.tab],
      seams: [],
      text: say`Cut the zipper of the flap to ${mm(told.cut.value)}, its slider in the middle. Fold each tab, raw ends to the crease, and close it over an end of the zipper: ${mm(told.sewn.value)} between the two tabs. Mark the middle of the zipper and of all four curves.`,
    },
    {
      id: `${id}/fasteners`,
      phase: 'prepare',
      needs: [],
      uses: [ids.back],
      seams: [],
      text: say`Set the fastener${two ? 's' : ''} in the back of the flap, ${mm(end.value)} from its end, through that one layer, a scrap of stiff cloth behind the plate.`,
    },
    {
      id: `${id}/front`,
      phase: 'prepare',
      needs: [`${id}/zipper`],
      uses: [ids.front, ids.frontLining, ids.zipper, ids.tab],
      seams: [...of(front), ...of(onFront)],
      text: say`The flap's front, the zipper face down on it and its lining, right sides together: middles first, then towards both ends, ${mm(rules.length(zipSeam).value)} from the edge of the tape. Nick the tape round the corners, never into the teeth. Clip the curves every ${mm(CLIP)}, turn.`,
    },
    {
      id: `${id}/back`,
      phase: 'prepare',
      needs: [`${id}/front`, `${id}/fasteners`],
      uses: [ids.back, ids.backLining, ids.zipper, ids.tab],
      seams: [...of(back), ...of(onBack)],
      text: say`Open the zipper. The other tape goes between the flap's back and its lining in the same way. Turn, close the zipper and see that both faces hang level; then topstitch as one ring: along one face, across the tab, along the other face, across the other tab, never beyond the tabs, which are ${mm(tab.value)} long.`,
    },
    {
      id: `${id}/set`,
      phase: 'closures',
      needs: [`${id}/back`, ...afterPockets(told.mates)],
      uses: [...new Set([ids.front, ids.back, ...told.mates.map(({ piece }) => piece)])],
      seams: [],
      text: say`Look twice that the flap's front will lie outside; baste it to the shell, right sides together, middles meeting, its back towards the lining. With everything in it, lay the flap over and see where its fastener comes to lie: it should be ${mm(told.mate.value)} from the edge of the front. Set the mate there, through ${throughLayers(told.mates)} backed the same way.`,
    },
    {
      id: `${id}/close`,
      phase: 'finish',
      needs: [`${id}/set`],
      waitsFor: ['body/turn'],
      uses: [ids.front, ids.back],
      seams: [],
      text: say`Stitch through the root of the flap ${mm(rules.length(flapClosing).value)} beside its seam: this closes the flap, and what lies in it ends there. The raw edges of its linings must reach past the seam.`,
    },
  ];
}
