import { numberRule, type NumberRule } from '../../shelves/rules/house-rule.ts';

const time = (
  id: string,
  title: string,
  unit: NumberRule['unit'],
  [standard, least, most]: [number, number, number],
  why: string,
): NumberRule => numberRule({ id: `time.${id}`, group: 'time', title, unit, standard, least, most, why });

// common practice, of one who has made a few: each shop takes her own from a record of her work
export const timeCut = time(
  'cut',
  'Cutting',
  'min/m',
  [1.5, 0.1, 20],
  'Along the cut line, with scissors or a rotary cutter.',
);
export const timePiece = time(
  'piece',
  'Laying a piece out',
  'min',
  [0.5, 0.05, 10],
  'Pattern on, weighted, lifted off again.',
);
export const timeMark = time('mark', 'Each mark', 'min', [0.1, 0.01, 5], 'A notch, a line, a fold or a place.');
export const timePin = time('pin', 'Pinning', 'min/m', [1, 0, 20], 'Edges laid on each other and held.');
export const timeBegin = time(
  'begin',
  'Beginning a row',
  'min',
  [0.4, 0.05, 10],
  'Under the foot, back-tacked, threads cut.',
);
export const timeSeam = time(
  'seam',
  'Sewing a seam',
  'min/m',
  [1, 0.1, 20],
  'A small piece turns often: slower than a straight line.',
);
export const timeRow = time('row', 'Sewing a row that is seen', 'min/m', [1.5, 0.1, 30], 'Slower: it is looked at.');
export const timeHand = time('hand', 'Sewing by hand', 'min/m', [20, 1, 120], 'Small stitches that do not show.');
export const timePress = time('press', 'Each press', 'min', [0.6, 0.05, 10], 'With the way to the iron and back.');
export const timeFuse = time(
  'fuse',
  'Fusing',
  'min/m²',
  [20, 1, 120],
  'The iron stands on each place for some 15 seconds.',
);
export const timeSet = time('set', 'Each half of a fastener', 'min', [1.5, 0.1, 20], 'Pierced, set and tried.');
export const timeHandle = time(
  'handle',
  'Each small thing by hand',
  'min',
  [0.5, 0.05, 10],
  'Clipping, turning, threading, trying, looking.',
);
/** Share of the time that each doubling of the count leaves (Wright 1936, from memory). */
export const timeLearning = time(
  'learning',
  'Learning',
  '',
  [0.9, 0.6, 1],
  'Each doubling of the count takes this share of the time a piece.',
);

export const timeRules = [
  timeCut,
  timePiece,
  timeMark,
  timePin,
  timeBegin,
  timeSeam,
  timeRow,
  timeHand,
  timePress,
  timeFuse,
  timeSet,
  timeHandle,
  timeLearning,
];
