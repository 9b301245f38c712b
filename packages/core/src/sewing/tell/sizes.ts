import { listed } from '../../errors/listed.ts';
import { mm, say, type Wording } from '../../errors/wording.ts';
import { edgeName } from '../../pieces/own-piece.ts';
import type { Piece } from '../../pieces/piece.ts';
import { edgesOf, type EdgeRun, type Seam, type SeamEase } from '../../pieces/seam.ts';
import { notchesAt } from './where.ts';
import { called, type Work } from './words.ts';

/** How wide its allowance is: the one that most edges have, and those that have another. */
export function allowances({ allowance }: Piece, edges: readonly string[]): Wording {
  const widths = edges.map((edge) => allowance[edge] ?? 0);
  const usual = widths.toSorted((x, y) => count(widths, y) - count(widths, x))[0];
  if (usual === undefined || (usual === 0 && widths.every((width) => width === 0))) return [];
  const others = [...new Set(edges)].filter((edge) => Math.abs((allowance[edge] ?? 0) - usual) > 1e-6);
  return [
    ...say`, ${mm(usual)} from the edge`,
    ...others.flatMap((edge) => say`, at the ${edgeName(edge)} ${mm(allowance[edge] ?? 0)}`),
  ];
}

const count = (all: readonly number[], one: number): number => all.filter((each) => Math.abs(each - one) < 1e-6).length;

/** Less than this is no ease that a hand could lay. mm */
const NO_EASE = 0.05;
type Lies = NonNullable<SeamEase['lies']>;
/** What becomes of it; nothing where it is pressed before, or where a zipper shows. */
const eases: Record<Lies, ((longer: string, shorter: string, by: number) => Wording) | undefined> = {
  folds: undefined,
  zipper: undefined,
  pleats: (longer, _, by) => say`${longer} is ${mm(by)} longer: lay that in small pleats`,
  stretch: (_, shorter, by) => say`${shorter} is ${mm(by)} shorter: stretch it evenly`,
};

/** What one of both is longer by, and where that lies: told once where it is the same at several edges. */
export function easesOf(seams: readonly Seam[], a: Piece, b: Piece): Wording[] {
  const standing = new Map<number, string[]>();
  const others: Wording[] = [];
  for (const { ease, centre, a: run } of seams) {
    if (!ease || ease.at || Math.abs(ease.by.value) < NO_EASE) continue;
    const by = ease.by.value;
    const [longer, shorter] = by > 0 ? [called(a), called(b)] : [called(b), called(a)];
    const length = Math.abs(by);
    if (ease.lies)
      others.push(...[eases[ease.lies]?.(longer, shorter, length) ?? []].filter((words) => words.length > 0));
    else if (centre) others.push(say`${shorter} ends ${mm(length / 2)} sooner at both ends`);
    else {
      const edges = edgesOf(run);
      const name = (id: string) => a.notches.find((notch) => notch.id === id && edges.includes(notch.edge))?.name ?? id;
      const places = standing.get(by) ?? [];
      if (ease.between) places.push(`between ${ease.between.map(name).sort().join(' and ')}`);
      else places.push(...notchesAt(run, a));
      standing.set(by, places);
    }
  }
  const stands = [...standing].map(([by, places]) => {
    const at = places.length === 0 ? 'all along' : listed(places);
    return say`${called(by > 0 ? a : b)} is ${mm(Math.abs(by))} longer: let that stand ${at}`;
  });
  return [...stands, ...others.filter((each, index) => index === others.findIndex((one) => same(one, each)))];
}

const same = (a: Wording, b: Wording): boolean => JSON.stringify(a) === JSON.stringify(b);

/** Parts of its edges that stay open. */
export function gapsIn(seams: readonly Seam[], { piece }: Work): Wording[] {
  const runs: EdgeRun[] = seams.flatMap(({ a, b }) => [a, b]);
  const gaps = runs.flatMap((run) => {
    const edges = edgesOf(run);
    return piece(run.piece).gaps.filter(({ edge }) => edges.includes(edge));
  });
  const told = new Map<string, Wording>();
  for (const { edge, from, to, label } of gaps) {
    const text =
      label === undefined
        ? say`Leave ${mm(to - from)} of the ${edgeName(edge)} open, back-tacked at both ends`
        : say`${label} where it is marked, back-tacked at both ends of the gap`;
    const key = label ?? String(Math.round((to - from) * 1000));
    if (!told.has(key)) told.set(key, text);
  }
  return [...told.values()];
}
