import type { OperationDraft } from '../../pieces/contribution.ts';
import { idsOf, type Seam } from '../../pieces/seam.ts';
import { topstitchInset, zipSeam } from '../../shelves/rules/common-rules.ts';
import type { BodyInputs } from '../body-kind.ts';
import { liningPushedIn } from '../layer-steps.ts';
import type { ZipTube } from './params.ts';
import { tubePieces } from './seams.ts';

interface Seams {
  zip: Seam[];
  ends: Seam[];
  corners: Seam[];
}
const SHELL = 'body/shell';
const LININGS = ['body/lining-front', 'body/lining-back'];
const ZIPPER = 'closure/zipper';

/** The order in which a zipped tube is sewn: zipper, ends, corners, turned through the lining. */
export function zipTubeOperations(detail: ZipTube, seams: Seams, { rules }: BodyInputs): OperationDraft[] {
  const pieces = [...tubePieces];
  const along = (which: string) => seams.zip.filter(({ id }) => id === `body/zip-${which}`);
  const beside = (which: string): OperationDraft['actions'] => [
    {
      verb: 'sew',
      seams: idsOf(along(which)),
      meet: 'middles',
      between: [ZIPPER],
      faceTo: SHELL,
      besideTeeth: rules.length(zipSeam).value,
    },
    { verb: 'press', pieces: [SHELL, `body/lining-${which}`] },
    {
      verb: 'topstitch',
      piece: SHELL,
      place: 'zipper',
      distance: rules.length(topstitchInset).value,
      through: [`body/lining-${which}`],
    },
  ];
  const ofShell = seams.ends.filter(({ a }) => a.piece === SHELL);
  const ofLining = seams.ends.filter(({ a }) => a.piece !== SHELL);
  const boxed = detail.form === 'boxed';
  return [
    {
      id: 'body/zip',
      phase: 'layers',
      needs: ['closure/zipper'],
      title: 'Sew the zipper in',
      // the first edge is topstitched while it can still be laid flat
      actions: [...beside('front'), ...beside('back')],
    },
    {
      id: 'body/join',
      phase: 'join',
      needs: ['body/zip'],
      title: 'Sew the ends',
      cautions: ['needleZipper'],
      actions: [
        { verb: 'moveSlider', zipper: ZIPPER, to: 'half', why: 'turning' },
        { verb: 'turn', pieces, out: 'wrong' },
        { verb: 'sew', seams: idsOf(ofShell), keepOut: LININGS, twice: 'zipper' },
        { verb: 'sew', seams: idsOf(ofLining), keepOut: [SHELL] },
      ],
    },
    ...(boxed
      ? [
          {
            id: 'body/corners',
            phase: 'join' as const,
            needs: ['body/join'],
            title: 'Box the corners',
            actions: [
              {
                verb: 'box' as const,
                seams: idsOf(seams.corners),
                onto: 'fold' as const,
                ...(detail.corners !== 'cut' && { marked: true }),
              },
            ],
          },
        ]
      : []),
    {
      id: 'body/turn',
      phase: 'turn',
      needs: boxed ? ['body/join', 'body/corners'] : ['body/join'],
      title: 'Turn it right side out',
      actions: [{ verb: 'turn', pieces, through: LININGS[0]!, zipper: ZIPPER }],
    },
    liningPushedIn(LININGS[0]!, LININGS, SHELL, [{ verb: 'tryIn' }]),
  ];
}
