import { cardPanel } from '../../sizing/card-panel.ts';
import { foldOver, foldSchools } from '../../sizing/fold-over.ts';
import { jacket } from '../../sizing/jacket.ts';
import { pleatedStrip } from '../../sizing/pleated-strip.ts';
import { roll } from '../../sizing/roll.ts';
import { InputRefused, type QuickSum } from '../quick-sum.ts';
import { choice, count, list, LONGEST, measure, optional, seam, thickness, THICKEST, withDefault } from '../specs.ts';

const cardPanelSum: QuickSum = {
  title: 'Audit of a card panel as cut',
  inputs: {
    cutWidth: measure('Cut width'),
    seamLeft: withDefault('Seam allowance left', 6),
    seamRight: withDefault('Seam allowance right', 6),
    topstitchLeft: withDefault('Topstitching left', 0),
    topstitchRight: withDefault('Topstitching right', 0),
    itemWidth: measure('Width of the card'),
    itemThickness: thickness('Thickness of the card'),
    wallFront: thickness('Front wall'),
    wallBack: thickness('Back wall'),
  },
  results: {
    clearWidth: 'Clear width, mm',
    requiredWidth: 'Width the card asks for, mm',
    clearance: 'What is left over, mm',
  },
  compute: (inputs) =>
    cardPanel({
      cutWidth: inputs.number('cutWidth'),
      seamLeft: inputs.number('seamLeft'),
      seamRight: inputs.number('seamRight'),
      topstitchLeft: inputs.number('topstitchLeft'),
      topstitchRight: inputs.number('topstitchRight'),
      itemWidth: inputs.number('itemWidth'),
      itemThickness: inputs.number('itemThickness'),
      walls: { front: inputs.number('wallFront'), back: inputs.number('wallBack') },
    }),
};

const pleatedStripSum: QuickSum = {
  title: 'One strip pleated into pockets',
  inputs: {
    topToFirstMouth: withDefault('Top to first mouth', 20, LONGEST),
    depths: list('Pocket depths', 1, 100),
    reveal: withDefault('Reveal', 12),
    lastMouthToBottom: measure('Last mouth to bottom'),
    foldLoss: withDefault('Fold loss', 0),
  },
  results: {
    stripLength: 'Length of the strip, mm',
    finishedHeight: 'Height when folded, mm',
    foldAt: 'Folds from the top edge, mm',
    foldKind: 'Each fold, valley or mountain',
  },
  compute: (inputs) => ({
    ...pleatedStrip({
      topToFirstMouth: inputs.number('topToFirstMouth'),
      depths: inputs.numbers('depths'),
      reveal: inputs.number('reveal'),
      lastMouthToBottom: inputs.number('lastMouthToBottom'),
      foldLoss: inputs.number('foldLoss'),
    }),
  }),
};

const foldOverSum: QuickSum = {
  title: 'Spine of a piece folded over its contents',
  inputs: {
    leafA: measure('Loaded thickness of one leaf', THICKEST),
    leafB: measure('Loaded thickness of the other leaf', THICKEST),
    innerThickness: thickness('Inner layer'),
    outerThickness: thickness('Outer layer'),
    between: thickness('Between the two layers'),
    school: choice('School', foldSchools),
  },
  results: { spine: 'Spine of the inner layer, mm', outerExtra: 'Outer layer longer by, mm' },
  compute: (inputs) =>
    foldOver({
      leafA: inputs.number('leafA'),
      leafB: inputs.number('leafB'),
      innerThickness: inputs.number('innerThickness'),
      outerThickness: inputs.number('outerThickness'),
      between: inputs.number('between'),
      school: inputs.choice('school'),
    }),
};

const rollSum: QuickSum = {
  title: 'Roll round a core',
  inputs: {
    length: measure('Length of the roll, flat'),
    thickness: measure('Thickness, loaded', THICKEST),
    coreDiameter: optional('Diameter of a round core'),
    coreWidth: optional('Width of a flat core'),
    coreThickness: optional('Thickness of a flat core', THICKEST),
    wraps: count('Turns of the tie', 0, 20, 2),
    bow: withDefault('Bow', 300, LONGEST),
  },
  results: {
    turns: 'Turns',
    diameter: 'Outside diameter (round core), mm',
    largestAcross: 'What a box must take (round core), mm',
    outsideWidth: 'Outside width (flat core), mm',
    outsideThickness: 'Outside thickness (flat core), mm',
    tieLength: 'Length of the tie, mm',
  },
  compute(inputs) {
    const [diameter, width, flat] = ['coreDiameter', 'coreWidth', 'coreThickness'].map((name) => inputs.optional(name));
    if (diameter && (width || flat))
      throw new InputRefused('inputs.coreDiameter', 'Give a round core or a flat one, not both.');
    if (!diameter && !(width && flat))
      throw new InputRefused(
        width ? 'inputs.coreThickness' : 'inputs.coreDiameter',
        'Give the diameter of a round core, or width and thickness of a flat one.',
      );
    const core = diameter ? { diameter } : { width: width!, thickness: flat! };
    const rolled = roll({
      length: inputs.number('length'),
      thickness: inputs.number('thickness'),
      core,
      wraps: inputs.number('wraps'),
      bow: inputs.number('bow'),
    });
    return Object.fromEntries(Object.entries(rolled));
  },
};

const jacketSum: QuickSum = {
  title: 'Jacket of a book',
  inputs: {
    boardWidth: measure('Board, width'),
    boardHeight: measure('Board, height'),
    boardThickness: measure('Board, thickness', THICKEST),
    spine: measure('Spine, outside, closed', THICKEST),
    wallFront: thickness('Front wall'),
    wallBack: thickness('Back wall'),
    flapFixed: withDefault('Fixed flap', 95),
    flapLoose: withDefault('Loose flap', 95),
    ease: withDefault('Ease', 3),
    seam: seam('Seam allowance'),
    elasticFromEdge: withDefault('Elastic from the loose end', 60),
  },
  results: {
    cutWidth: 'Cut width, mm',
    cutHeight: 'Cut height, mm',
    tuck: 'Under the elastic, mm',
    spineLeast: 'Thinnest book it takes, mm',
    spineMost: 'Thickest book it takes, mm',
  },
  compute: (inputs) => ({
    ...jacket({
      boardWidth: inputs.number('boardWidth'),
      boardHeight: inputs.number('boardHeight'),
      boardThickness: inputs.number('boardThickness'),
      spine: inputs.number('spine'),
      wallFront: inputs.number('wallFront'),
      wallBack: inputs.number('wallBack'),
      flapFixed: inputs.number('flapFixed'),
      flapLoose: inputs.number('flapLoose'),
      ease: inputs.number('ease'),
      seam: inputs.number('seam'),
      elasticFromEdge: inputs.number('elasticFromEdge'),
    }),
  }),
};

/** Sums of flat and folded pieces. */
export const flatSums = {
  'card-panel': cardPanelSum,
  'pleated-strip': pleatedStripSum,
  'fold-over': foldOverSum,
  roll: rollSum,
  jacket: jacketSum,
} satisfies Record<string, QuickSum>;
