import type { Severity } from '../errors/finding.ts';
import { mm, say, type Wording } from '../errors/wording.ts';
import type { Machine } from '../shelves/machines/machine.ts';
import { GIVES } from './reach.ts';
import { seamThickness, stackThickness, type FoundLayer } from './stack-thickness.ts';

export type StackNoteCode =
  | 'stack.missing'
  | 'stack.noIron'
  | 'stack.irons'
  | 'stack.oneWay'
  | 'stack.gives'
  | 'stack.paddedSeam'
  | 'stack.tooThick'
  | 'stack.notUnderFoot'
  | 'stack.noneLeft';

/** Something to know about layers on each other before they are cut and sewn. */
export interface StackNote {
  code: StackNoteCode;
  severity: Severity;
  /** Number of the layer concerned, from 0. */
  layer?: number;
  text: Wording;
}

/** Heat at which what is ironed on takes hold: two dots of ISO 3758 (from memory), °C. */
export const FUSING = 150;
/** What a padded layer may add to a seam before it is better trimmed, mm under the foot (common practice). */
const PADDED = 0.8;

/** What is known of iron, direction, give, bulk and stock before the first cut (common practice).
 * @param machine the one it is sewn on, if it is known */
export function stackNotes(layers: readonly FoundLayer[], machine?: Machine): StackNote[] {
  return [
    ...layers.flatMap((found, index) => missing(found, index)),
    ...ironing(layers),
    ...layers.flatMap((found, index) => ofLayer(found, index)),
    ...(machine ? underFoot(layers, machine) : []),
  ];
}

const missing = ({ layer, material }: FoundLayer, index: number): StackNote[] =>
  material
    ? []
    : [
        {
          code: 'stack.missing',
          severity: 'stop',
          layer: index,
          text: say`“${layer.material}” is not on the shelf any more. Choose another material.`,
        },
      ];

function ironing(layers: readonly FoundLayer[]): StackNote[] {
  const fused = layers.find(({ material }) => material?.fusible)?.material;
  return layers.flatMap(({ material }, index): StackNote[] => {
    if (material?.iron === undefined || material.iron >= FUSING) return [];
    const { name, iron } = material;
    const bears = iron === 0 ? 'bears no iron' : `bears an iron of ${iron} °C at most`;
    if (fused && !material.fusible)
      return [
        {
          code: 'stack.irons',
          severity: 'watch',
          layer: index,
          text: say`${name} ${bears}, and ${fused.name} is ironed on at about ${FUSING} °C: fuse that to another layer first, or baste it.`,
        },
      ];
    if (iron > 0) return [];
    return [
      { code: 'stack.noIron', severity: 'note', layer: index, text: say`${name} ${bears}: clip it and press by hand.` },
    ];
  });
}

function ofLayer({ layer, material }: FoundLayer, index: number): StackNote[] {
  if (!material) return [];
  const notes: StackNote[] = [];
  const { name } = material;
  const add = (code: StackNoteCode, severity: Severity, text: Wording) =>
    notes.push({ code, severity, layer: index, text });
  if (material.directional)
    add('stack.oneWay', 'note', say`${name} has an upper end: all its pieces lie one way up, which takes more cloth.`);
  const [along, across] = [material.stretchAlong ?? 0, material.stretchAcross ?? 0];
  const most = Math.max(along, across);
  if (most >= GIVES) {
    const way = across >= along ? 'across the roll' : 'along the roll';
    const share = Math.round(100 * most);
    add('stack.gives', 'note', say`${name} gives ${share} % ${way}: let that run round the thing, and bind its mouth.`);
  }
  const bulk = 2 * material.thickness * material.compressedRatio;
  if (material.use === 'padding' && layer.coverage === 'full' && bulk >= PADDED)
    add(
      'stack.paddedSeam',
      'watch',
      say`${name} goes into the seams, ${mm(bulk)} more under the foot. Let it end at the stitch line.`,
    );
  if (material.onHand === 0)
    add('stack.noneLeft', 'watch', say`There is no ${name} left. Buy some, or choose another.`);
  return notes;
}

function underFoot(layers: readonly FoundLayer[], machine: Machine): StackNote[] {
  const seam = seamThickness(layers).underFoot;
  const { lies } = stackThickness(layers);
  const notes: StackNote[] = [];
  if (seam > machine.seam)
    notes.push({
      code: 'stack.tooThick',
      severity: 'watch',
      text: say`A plain seam of two is ${mm(seam)} under the foot; ${machine.name} sews ${mm(machine.seam)}. Trim a layer to the stitch line, or hammer the seam.`,
    });
  if (2 * lies > machine.lift)
    notes.push({
      code: 'stack.notUnderFoot',
      severity: 'watch',
      text: say`Two of it are ${mm(2 * lies)} thick and the foot of ${machine.name} lifts ${mm(machine.lift)}.`,
    });
  return notes;
}
