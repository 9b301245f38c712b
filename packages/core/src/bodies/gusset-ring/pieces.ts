import type { Derived } from '../../derived/derived.ts';
import type { Finding } from '../../errors/finding.ts';
import { mm, say } from '../../errors/wording.ts';
import { roundedRectangle } from '../../geometry/outline.ts';
import { SQUARE } from '../../pieces/bend.ts';
import { patch } from '../../pieces/patch.ts';
import type { Notch, PieceDraft } from '../../pieces/piece.ts';
import { asCut } from '../../pieces/strip.ts';
import type { Rules } from '../../shelves/rules/rules-for.ts';
import { halves, type Half, type Layer, type Ring } from './ring.ts';
import { cornerBends, panelOutline, quarterMarks } from './runs.ts';
import { CLIP } from '../../pieces/clip.ts';
import { seamAllowance, zipSeam } from '../../shelves/rules/common-rules.ts';

const roles = { shell: 'exterior', lining: 'lining' } as const;

/** Common practice: a gusset does not go round less than this, nor round less than so many times its thickness. */
const TIGHT = { least: 12, thicknesses: 5 };

/** A panel that the ring goes round, with the marks that both share. */
export function panelPiece(
  ring: Ring,
  { layer, id, name, note }: { layer: Layer; id: string; name: string; note?: string },
  seam: Derived,
): PieceDraft {
  const outline = panelOutline(ring);
  return {
    id,
    name,
    role: roles[layer],
    stitch: outline,
    width: ring.length,
    height: ring.width,
    allowance: Object.fromEntries(outline.map((edge) => [edge.id, seam])),
    spans: { across: ['left', 'right'], up: ['bottom', 'top'] },
    notches: quarterMarks(ring).map(({ id: mark, panel }) => ({ id: mark, ...panel })),
    ...(note && { note }),
  };
}

/** What keeps a panel flat: smaller all round, no needle goes through it. */
export function platePiece({ plate }: Ring, named: Pick<PieceDraft, 'id' | 'name' | 'count' | 'note'>): PieceDraft {
  const outline = roundedRectangle(plate.length.value, plate.width.value, plate.radius.value);
  return {
    ...named,
    role: 'base',
    stitch: outline,
    width: plate.length,
    height: plate.width,
    allowance: Object.fromEntries(outline.map(({ id }) => [id, asCut])),
    spans: { across: ['left', 'right'], up: ['bottom', 'top'] },
  };
}

interface Named {
  layer: Layer;
  /** How the pieces of this layer begin, such as `Shell`. */
  name: string;
  titles: Record<Half, string>;
}

/** The gusset of one layer: two strips beside the zipper, and the hinge. */
export function ringPieces(ring: Ring, { layer, name, titles }: Named, rules: Rules): PieceDraft[] {
  const { own, depth, hinge, zipperPart, strip: beside } = ring;
  const seam = rules.length(seamAllowance);
  const zip = rules.length(zipSeam);
  const role = roles[layer];
  const strips = halves.map((half): PieceDraft => {
    const edge = half === 'lid' ? 'top' : 'bottom';
    const across = (along: number) => (half === 'lid' ? along : zipperPart.value - along);
    return patch({
      id: `${own}/${layer}-zip-${half}`,
      name: `${name}, strip beside the zipper, ${titles[half]}`,
      role,
      plain: true,
      width: zipperPart,
      height: beside,
      seam,
      allowance: half === 'lid' ? { bottom: zip } : { top: zip },
      notches: quarterMarks(ring).map(({ id, along }): Notch => ({ id, edge, at: zipperPart.value - along })),
      bends: cornerBends(ring).map(({ middle, over }) => ({
        from: [across(middle), 0],
        to: [across(middle), beside.value],
        angle: SQUARE,
        over,
      })),
      note: 'Marks meet those of the panel.',
    });
  });
  const back = patch({ id: `${own}/${layer}-hinge`, name: `${name}, hinge`, role, width: hinge, height: depth, seam });
  return [...strips, back];
}

/** Says that a gusset will not go well round so small a radius: the thicker, the stiffer.
 * @param thickness of the gusset, mm */
export function tightCorner(radius: Derived, thickness: Derived): Finding[] {
  const limit = Math.max(TIGHT.least, TIGHT.thicknesses * thickness.value);
  if (radius.value >= limit) return [];
  return [
    {
      code: 'gusset.tightCorner',
      severity: 'watch',
      about: ['body'],
      numbers: { radius: radius.value, thickness: thickness.value },
      limit,
      text: say`The corners have a radius of ${mm(radius.value)}: a gusset ${mm(thickness.value)} thick goes round ${mm(limit)} and more. Clip its allowance every ${mm(CLIP)} there, or round the corners more.`,
    },
  ];
}
