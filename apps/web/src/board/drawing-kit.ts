import type { Role } from '@zindle/core';

/** Colours of a drawing: of the outermost cloth of a role, and of a thing. */
export interface Tints {
  cloth(role: Role): string;
  thing(line: string): string;
  /** Ink that reads on a colour. */
  inkOn(tint: string): string;
}

export const layerNames = {
  things: 'Things',
  fronts: 'Fronts of pockets',
  stitching: 'Stitching',
  names: 'Names',
  closing: 'Flap and handles',
  sizes: 'Sizes',
  notes: 'Notes',
} as const;
export type LayerName = keyof typeof layerNames;
export type Shown = Readonly<Record<LayerName, boolean>>;
export const allShown: Shown = {
  things: true,
  fronts: true,
  stitching: true,
  names: true,
  closing: true,
  sizes: true,
  notes: true,
};

export const INK = '#1F2B44';
/** Webbing and elastic, and their threads. */
export const WEBBING = '#C9C2B0';
export const THREAD = '#8F8874';
export const WELD = '#0F6B66';
