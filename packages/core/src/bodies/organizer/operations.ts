import type { OperationDraft } from '../../pieces/contribution.ts';
import type { Seam } from '../../pieces/seam.ts';
import type { BodyInputs } from '../body-kind.ts';
import { walls } from '../box/params.ts';
import { layers } from '../box/pieces.ts';
import { CLIP } from '../../pieces/clip.ts';
import { rimHalves } from './bands.ts';
import { outerNames, type FoldOut, type Organizer } from './params.ts';
import { topstitchInset, zipSeam } from '../../shelves/rules/common-rules.ts';

/** Of each outer pocket. */
type OuterSeams = Record<'zip' | 'gusset' | 'round' | 'onWall' | 'zipper' | 'bound', Seam[]>;

export interface MadeSeams extends Record<'shell' | 'lining' | 'bands', Seam[]> {
  outers: OuterSeams[];
}

const ZIPPER = 'closure/zipper';
const panels = (layer: 'shell' | 'lining') => [...walls, 'base'].map((wall) => `body/${layer}-${wall}`);
const bands = (layer: 'shell' | 'lining') => rimHalves.map((rim) => `body/${layer}-band-${rim}`);
const ids = (seams: readonly Seam[]): string[] => seams.map(({ id }) => id);
const isBase = ({ id }: Seam): boolean => /\/(base-|[a-z]+-base)/.test(id);

/** The box last: the outer pockets on the flat walls first, the bands with the zipper, then walls and base. */
export function operations(detail: Organizer, seams: MadeSeams, { rules }: BodyInputs): OperationDraft[] {
  const { frame, channel } = detail;
  const inset = rules.length(topstitchInset).value;
  const zip = rules.length(zipSeam).value;
  const of = (begin: string) => ids(seams.bands.filter(({ id }) => id.startsWith(begin)));
  const bag = (layer: 'shell' | 'lining'): OperationDraft['actions'] => [
    { verb: 'sew', seams: ids(seams[layer].filter(isBase)), stopsAt: 'corners' },
    { verb: 'sew', seams: ids(seams[layer].filter((seam) => !isBase(seam))), stopsAt: 'corners' },
  ];
  return [
    ...detail.outers.flatMap((outer, index) => outerSteps(outer, seams.outers[index]!, { inset, zip })),
    {
      id: 'body/bands',
      phase: 'layers',
      needs: ['closure/zipper'],
      title: 'Sew the zipper to its bands',
      actions: [
        {
          verb: 'sew',
          seams: of('body/band-top'),
          meet: 'middles',
          between: [ZIPPER],
          faceTo: bands('shell')[0]!,
          besideTeeth: zip,
        },
        { verb: 'press', pieces: [...bands('shell'), ...bands('lining')] },
        ...rimHalves.map((rim) => ({
          verb: 'topstitch' as const,
          piece: `body/shell-band-${rim}`,
          place: 'zipper' as const,
          distance: inset,
          through: [`body/lining-band-${rim}`],
        })),
        { verb: 'inspect', what: 'stopsClear' },
      ],
    },
    {
      id: 'body/shell',
      phase: 'layers',
      needs: detail.outers.map(({ own }) => `${own}-on`),
      title: 'Sew the shell to a box',
      actions: [
        ...bag('shell'),
        { verb: 'trim', pieces: panels('shell'), to: 'padding' },
        { verb: 'insert', pieces: ['body/base-plate'], into: 'body/shell-base', way: 'glued' },
      ],
    },
    {
      id: 'body/lining',
      phase: 'layers',
      needs: [],
      title: 'Sew the lining to a box',
      actions: [...bag('lining'), { verb: 'press', pieces: panels('lining'), allowances: 'otherSide' }],
    },
    {
      id: 'body/join',
      phase: 'join',
      needs: ['body/bands', 'body/shell', 'body/lining'],
      title: 'Sew the bands to the rims',
      cautions: ['needleZipper'],
      actions: [
        { verb: 'moveSlider', zipper: ZIPPER, to: 'open', why: 'turning' },
        { verb: 'sew', seams: [...of('body/shell/band-end'), ...of('body/lining/band-end')] },
        {
          verb: 'sew',
          seams: of('body/shell/band-').filter((id) => !id.includes('band-end')),
          meet: 'corners',
          keepOut: bands('lining'),
        },
        {
          verb: 'sew',
          seams: of('body/lining/band-').filter((id) => !id.includes('band-end')),
          meet: 'corners',
          keepOut: panels('shell'),
        },
      ],
    },
    {
      id: 'body/turn',
      phase: 'turn',
      needs: ['body/join'],
      title: 'Turn it right side out',
      actions: [{ verb: 'turn', pieces: layers.flatMap(panels), through: 'body/lining-base' }],
    },
    {
      id: 'body/close',
      phase: 'turn',
      needs: ['body/turn'],
      title: 'Close the gap, push the lining in',
      actions: [
        { verb: 'closeGap', piece: 'body/lining-base' },
        { verb: 'insert', pieces: panels('lining'), into: 'body/shell-base', way: 'pushed' },
      ],
    },
    {
      id: 'body/frame',
      phase: 'finish',
      needs: ['body/close'],
      title: 'Put the frame in',
      actions: [
        ...bands('shell').map((piece, index) => ({
          verb: 'stitch' as const,
          piece,
          lines: ['channel'],
          through: [bands('lining')[index]!],
        })),
        { verb: 'bend', piece: 'body/frame', bar: frame.bar.value, leg: frame.leg.value },
        { verb: 'insert', pieces: ['body/frame'], into: bands('shell')[0]!, way: 'channel', high: channel.value },
        { verb: 'handSew', piece: bands('shell')[0]!, what: 'channelEnd' },
        { verb: 'tryIn' },
      ],
    },
  ];
}

function outerSteps(
  { own, wall, round }: FoldOut,
  seams: OuterSeams,
  sizes: { inset: number; zip: number },
): OperationDraft[] {
  const { called, key } = outerNames[wall];
  const strips = layers.flatMap((layer) => ['zip-lid', 'zip-base'].map((part) => `${own}/${layer}-${part}`));
  const hinges = layers.map((layer) => `${own}/${layer}-hinge`);
  const [zipper, back] = [`${own}/zipper`, `${own}/back`];
  const flap = [`${own}/shell-flap`, `${own}/stiffener`, `${own}/lining-flap`];
  // lies in the seam of its shell
  const ofLining = (id: string) => id.startsWith(`${own}/lining`);
  const roundOf = (half: string) => ids(seams.round.filter(({ id }) => id.includes(`-${half}/`)));
  return [
    {
      id: `body/${key}-gusset`,
      phase: 'layers',
      needs: [],
      title: `Close the gusset of the ${called}`,
      cautions: ['needleZipper'],
      actions: [
        { verb: 'baste', seams: ids(seams.zipper), facing: 'rightToRight' },
        {
          verb: 'sew',
          seams: ids(seams.zip),
          between: [zipper],
          faceTo: `${own}/shell-zip-base`,
          besideTeeth: sizes.zip,
        },
        { verb: 'press', pieces: strips },
        ...['lid', 'base'].map((half) => ({
          verb: 'topstitch' as const,
          piece: `${own}/shell-zip-${half}`,
          place: 'zipper' as const,
          distance: sizes.inset,
          through: [`${own}/lining-zip-${half}`],
        })),
        { verb: 'sew', seams: ids(seams.gusset), between: [zipper], twice: 'zipper' },
        { verb: 'measure', what: 'ring', pieces: [...strips, ...hinges], length: round.value, correctAt: hinges[0]! },
      ],
    },
    {
      id: `body/${key}`,
      phase: 'layers',
      needs: [`body/${key}-gusset`],
      title: 'Sew flap and back to it',
      actions: [
        { verb: 'tack', pieces: flap, how: 'baste' },
        { verb: 'clip', pieces: [...strips, ...hinges], every: CLIP },
        { verb: 'moveSlider', zipper, to: 'open', why: 'turning' },
        {
          verb: 'sew',
          seams: roundOf('lid'),
          meet: 'notches',
          onTop: 'second',
          carries: roundOf('lid').filter(ofLining),
        },
        {
          verb: 'sew',
          seams: roundOf('base'),
          meet: 'notches',
          onTop: 'second',
          carries: roundOf('base').filter(ofLining),
        },
        {
          verb: 'bind',
          by: `${own}/binding`,
          over: [flap[0]!, back],
          place: 'allowances',
          lap: 'hinge',
          seams: ids(seams.bound),
        },
      ],
    },
    {
      id: `body/${key}-on`,
      phase: 'layers',
      needs: [`body/${key}`],
      title: `Sew the ${called} on`,
      actions: [
        { verb: 'lay', pieces: [back], onto: `body/shell-${wall}`, facing: 'wrongToRight', at: 'marks', down: 'hinge' },
        { verb: 'edgestitch', seams: ids(seams.onWall) },
      ],
    },
  ];
}
