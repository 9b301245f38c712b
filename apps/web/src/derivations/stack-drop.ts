import { limits, type Coverage, type Layer, type Material, type Role } from '@zindle/core';

/** What is dragged on the bench: a swatch of the drawer, or a layer of a stack. */
export type Dragged = { kind: 'swatch'; material: string } | { kind: 'layer'; role: Role; index: number };
/** Where it is let go: on a stack, before one of its layers or at its end. */
export interface Target {
  role: Role;
  index?: number;
}

export const idOfSwatch = (material: string): string => `swatch/${material}`;
export const idOfLayer = (role: Role, index: number): string => `layer/${role}/${index}`;
export const idOfStack = (role: Role): string => `stack/${role}`;

export function draggedOf(id: string): Dragged | undefined {
  const [kind, name = '', index] = id.split('/');
  if (kind === 'swatch') return { kind, material: name };
  return kind === 'layer' ? { kind, role: name as Role, index: Number(index) } : undefined;
}

export function targetOf(id: string): Target | undefined {
  const [kind, role, index] = id.split('/');
  if (kind === 'stack') return { role: role as Role };
  return kind === 'layer' ? { role: role as Role, index: Number(index) } : undefined;
}

/** How far a layer goes when it is new: what stiffens and pads ends at the stitch line (common practice). */
export const usualCoverage = ({ use }: Pick<Material, 'use'>): Coverage =>
  use === 'interfacing' || use === 'padding' ? 'trimmed' : 'full';

/** The stacks that change when something is let go, by role; nothing if none does.
 * @returns a text instead where it cannot lie there */
export function dropped(
  stacks: Readonly<Record<Role, readonly Layer[]>>,
  dragged: Dragged,
  target: Target,
  materialOf: (id: string) => Material | undefined,
): Partial<Record<Role, Layer[]>> | string {
  if (dragged.kind === 'layer' && dragged.role === target.role)
    return reordered(stacks[target.role], dragged.index, target);
  const { role, index: at = stacks[role].length } = target;
  const from = dragged.kind === 'layer' ? stacks[dragged.role] : undefined;
  const moved = dragged.kind === 'layer' ? from![dragged.index] : newLayer(dragged.material, materialOf);
  if (!moved) return {};
  if (stacks[role].length >= limits.layers) return `A stack has at most ${limits.layers} layers.`;
  const landed = { [role]: stacks[role].toSpliced(at, 0, moved) };
  if (dragged.kind === 'swatch') return landed;
  if (from!.length === 1) return 'One layer must stay: lay another there first.';
  return { ...landed, [dragged.role]: from!.toSpliced(dragged.index, 1) };
}

/** A cloth laid on a role from the board: it becomes the outermost layer, stiffening and padding another one inside.
 * @returns nothing if there are layers enough already */
export function laidOn(layers: readonly Layer[], material: Material): Layer[] | undefined {
  const layer: Layer = { material: material.id, coverage: usualCoverage(material) };
  if (layer.coverage === 'full') return [layer, ...layers.slice(1)];
  return layers.length < limits.layers ? [...layers, layer] : undefined;
}

function reordered(layers: readonly Layer[], from: number, { role, index: to = layers.length - 1 }: Target) {
  const moved = layers[from];
  if (!moved || to === from) return {};
  return { [role]: layers.toSpliced(from, 1).toSpliced(to, 0, moved) };
}

function newLayer(id: string, materialOf: (id: string) => Material | undefined): Layer | undefined {
  const material = materialOf(id);
  return material && { material: id, coverage: usualCoverage(material) };
}
