import { mm, say, type Wording } from '../../errors/wording.ts';
import type { OperationDraft, Phase } from '../../pieces/contribution.ts';
import type { Seam } from '../../pieces/seam.ts';
import type { BodyInputs } from '../body-kind.ts';
import { walls } from '../box/params.ts';
import { layers } from '../box/pieces.ts';
import { CLIP } from '../../pieces/clip.ts';
import { rimHalves } from './bands.ts';
import { outerNames, type FoldOut, type Organizer } from './params.ts';
import { seamAllowance } from '../../shelves/rules/common-rules.ts';

/** Of each outer pocket. */
type OuterSeams = Record<'zip' | 'gusset' | 'round' | 'onWall' | 'zipper', Seam[]>;

export interface MadeSeams extends Record<'shell' | 'lining' | 'bands', Seam[]> {
  outers: OuterSeams[];
}

const panels = (layer: 'shell' | 'lining') => [...walls, 'base'].map((wall) => `body/${layer}-${wall}`);
const bands = (layer: 'shell' | 'lining') => rimHalves.map((rim) => `body/${layer}-band-${rim}`);

/** The box last: the outer pockets on the flat walls first, the bands with the zipper, then walls and base. */
export function operations(detail: Organizer, seams: MadeSeams, { rules }: BodyInputs): OperationDraft[] {
  const ids = (...lists: Seam[][]) => lists.flat().map(({ id }) => id);
  const step = (
    name: string,
    phase: Phase,
    parts: Partial<Pick<OperationDraft, 'needs' | 'uses' | 'seams'>>,
    text: Wording,
  ): OperationDraft => ({ id: `body/${name}`, phase, needs: [], uses: [], seams: [], ...parts, text });
  const seam = mm(rules.length(seamAllowance).value);
  const { frame, channel } = detail;
  const parted = ([layer]: [string]) => ids(seams.bands.filter(({ id }) => id.startsWith(`body/${layer}/`)));
  const tops = ids(seams.bands.filter(({ id }) => id.startsWith('body/band-top')));
  return [
    ...detail.outers.flatMap((outer, index) => outerSteps(outer, seams.outers[index]!, step)),
    step(
      'bands',
      'layers',
      { needs: ['closure/zipper'], uses: layers.flatMap(bands), seams: tops },
      say`Each edge of the zipper between a band and its lining, right sides together, middles meeting; turn, press, topstitch. The stops of a ready-made zipper lie as far from the ends as the tabs or seams ask.`,
    ),
    step(
      'shell',
      'layers',
      {
        needs: detail.outers.map(({ own }) => `${own}-on`),
        uses: [...panels('shell'), 'body/base-plate'],
        seams: ids(seams.shell),
      },
      say`Shell: the four walls to the base, then the upright seams, starting and stopping ${seam} from every corner. Where three padded pieces meet, their padding ends at the seam: trim it at the corners. Lay the firm base in and hold it by a line of stitching or glue.`,
    ),
    step(
      'lining',
      'layers',
      { uses: panels('lining'), seams: ids(seams.lining) },
      say`Lining: the same, leaving the gap at the base open; press its allowances the other way.`,
    ),
    step(
      'join',
      'join',
      {
        needs: ['body/bands', 'body/shell', 'body/lining'],
        uses: [...layers.flatMap(panels), ...layers.flatMap(bands)],
        seams: [...parted(['shell']), ...parted(['lining'])],
      },
      say`Open the zipper. Join the ends of the bands, leaving the lower ${mm(channel.value)} of one end open for the frames. Sew the bands to the rim of the shell, their marks at its corners, and their lining to the rim of the lining.`,
    ),
    step(
      'turn',
      'turn',
      { needs: ['body/join'], uses: layers.flatMap(panels) },
      say`Turn through the gap in the lining, push the corners out, close the gap.`,
    ),
    step(
      'frame',
      'finish',
      { needs: ['body/turn'], uses: [...bands('shell'), 'body/frame'] },
      say`Stitch the channel ${mm(channel.value)} above the rim, all round. Bend two wires of ${mm(frame.length.value)} to ${mm(frame.bar.value)} along the mouth and ${mm(frame.leg.value)} at each end, cap their ends, push one into each half and close the end by hand. Should one not pass, the channel is too tight: unpick and stitch higher.`,
    ),
  ];
}

type Step = (
  name: string,
  phase: Phase,
  parts: Partial<Pick<OperationDraft, 'needs' | 'uses' | 'seams'>>,
  text: Wording,
) => OperationDraft;

function outerSteps(outer: FoldOut, seams: OuterSeams, step: Step): OperationDraft[] {
  const { own, wall } = outer;
  const { title, called, key } = outerNames[wall];
  const ids = (...lists: Seam[][]) => lists.flat().map(({ id }) => id);
  const gusset = layers.flatMap((layer) => ['zip-lid', 'zip-base', 'hinge'].map((part) => `${own}/${layer}-${part}`));
  const flap = [`${own}/shell-flap`, `${own}/lining-flap`, `${own}/stiffener`];
  return [
    step(
      `${key}-gusset`,
      'layers',
      {
        uses: [...gusset, `${own}/zipper`],
        seams: ids(seams.zip, seams.zipper, seams.gusset),
      },
      say`${title}: each edge of its zipper between a strip and its lining; turn, press, topstitch. Then the hinge to both ends, over the ends of the zipper twice. The ring measures ${mm(outer.round.value)}; correct it at the hinge.`,
    ),
    step(
      key,
      'layers',
      { needs: [`body/${key}-gusset`], uses: [...flap, `${own}/back`, ...gusset], seams: ids(seams.round) },
      say`Lay flap, stiffener and lining on each other and baste. Clip the gusset every ${mm(CLIP)} at the corners, match its marks and sew it to the flap, then to the back of the pocket, with the zipper open; bind both seams.`,
    ),
    step(
      `${key}-on`,
      'layers',
      { needs: [`body/${key}`], uses: [`${own}/back`, `body/shell-${wall}`], seams: ids(seams.onWall) },
      say`Sew the back of the ${called} onto the flat ${wall} along its drawn sides and round the corners, its hinge towards the base.`,
    ),
  ];
}
