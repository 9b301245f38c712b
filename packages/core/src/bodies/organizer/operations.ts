import type { OperationDraft } from '../../pieces/contribution.ts';
import { idsOf, type Seam } from '../../pieces/seam.ts';
import type { BodyInputs } from '../body-kind.ts';
import { walls } from '../box/params.ts';
import { isBaseSeam, layers } from '../box/pieces.ts';
import { ringClipped, ringClosed, ringOn, stripsSewn } from '../gusset-ring/steps.ts';
import { liningPushedIn } from '../layer-steps.ts';
import { rimHalves } from './bands.ts';
import { outerNames, type FoldOut, type Organizer } from './params.ts';
import { topstitchInset, zipSeam } from '../../shelves/rules/common-rules.ts';
import type { Rules } from '../../shelves/rules/rules-for.ts';

/** Of each outer pocket. */
type OuterSeams = Record<'zip' | 'gusset' | 'round' | 'onWall' | 'zipper' | 'bound', Seam[]>;

export interface MadeSeams extends Record<'shell' | 'lining' | 'bands', Seam[]> {
  outers: OuterSeams[];
}

const ZIPPER = 'closure/zipper';
const panels = (layer: 'shell' | 'lining') => [...walls, 'base'].map((wall) => `body/${layer}-${wall}`);
const bands = (layer: 'shell' | 'lining') => rimHalves.map((rim) => `body/${layer}-band-${rim}`);
/** The box last: the outer pockets on the flat walls first, the bands with the zipper, then walls and base. */
export function operations(detail: Organizer, seams: MadeSeams, { rules }: BodyInputs): OperationDraft[] {
  const { frame, channel } = detail;
  const inset = rules.length(topstitchInset).value;
  const zip = rules.length(zipSeam).value;
  const of = (begin: string) => idsOf(seams.bands.filter(({ id }) => id.startsWith(begin)));
  const bag = (layer: 'shell' | 'lining'): OperationDraft['actions'] => [
    { verb: 'sew', seams: idsOf(seams[layer].filter(isBaseSeam)), stopsAt: 'corners' },
    { verb: 'sew', seams: idsOf(seams[layer].filter((seam) => !isBaseSeam(seam))), stopsAt: 'corners' },
  ];
  return [
    ...detail.outers.flatMap((outer, index) => outerSteps(outer, seams.outers[index]!, rules)),
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
      actions: [
        {
          verb: 'turn',
          pieces: layers.flatMap((layer) => [...panels(layer), ...bands(layer)]),
          through: 'body/lining-base',
        },
      ],
    },
    liningPushedIn('body/lining-base', panels('lining'), 'body/shell-base'),
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

function outerSteps(outer: FoldOut, seams: OuterSeams, rules: Rules): OperationDraft[] {
  const { own, wall } = outer;
  const { called, key } = outerNames[wall];
  const [zipper, back] = [`${own}/zipper`, `${own}/back`];
  const flap = [`${own}/shell-flap`, `${own}/stiffener`, `${own}/lining-flap`];
  return [
    {
      id: `body/${key}-gusset`,
      phase: 'layers',
      needs: [],
      title: `Close the gusset of the ${called}`,
      cautions: ['needleZipper'],
      actions: [
        { verb: 'baste', seams: idsOf(seams.zipper), facing: 'rightToRight' },
        ...stripsSewn(outer, seams.zip, [zipper], rules),
        ...ringClosed(outer, seams.gusset, zipper),
      ],
    },
    {
      id: `body/${key}`,
      phase: 'layers',
      needs: [`body/${key}-gusset`],
      title: 'Sew flap and back to it',
      actions: [
        { verb: 'tack', pieces: flap, how: 'baste' },
        ringClipped(outer),
        { verb: 'moveSlider', zipper, to: 'open', why: 'turning' },
        ringOn(outer, seams.round, 'lid'),
        ringOn(outer, seams.round, 'base'),
        {
          verb: 'bind',
          by: `${own}/binding`,
          over: [flap[0]!, back],
          place: 'allowances',
          lap: 'hinge',
          seams: idsOf(seams.bound),
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
        { verb: 'edgestitch', seams: idsOf(seams.onWall) },
      ],
    },
  ];
}
