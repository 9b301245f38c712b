import { minus, named, sum, type Derived, type Rule } from '../derived/derived.ts';
import { rectHalfGirth, tubeWidth, type Walls } from './tube-width.ts';

export const cardPanelRule: Rule = {
  id: 'card-panel',
  formula: 'cut width - side seams - side topstitching, against the flat width of the card',
  source: 'geometry: what is left between the stitch lines',
};

export interface CardPanel {
  cutWidth: Derived;
  seamLeft: Derived;
  seamRight: Derived;
  /** How far the topstitching bites into the slot from each side, mm. */
  topstitchLeft: Derived;
  topstitchRight: Derived;
  itemWidth: Derived;
  itemThickness: Derived;
  walls: Walls;
}

/** Audits a card panel as cut: what its slots clear, what the card asks for, and what is left over.
 * @returns mm; a negative clearance means that the card does not go in */
export function cardPanel(panel: CardPanel): { clearWidth: Derived; requiredWidth: Derived; clearance: Derived } {
  const { cutWidth, seamLeft, seamRight, topstitchLeft, topstitchRight, itemWidth, itemThickness, walls } = panel;
  const bites = [seamLeft, seamRight, topstitchLeft, topstitchRight].map(minus);
  const clearWidth = sum('clear width of the slot', [cutWidth, ...bites]);
  const noEase = sum('no ease', []);
  const requiredWidth = named(
    'width the card asks for',
    tubeWidth(rectHalfGirth(itemWidth, itemThickness), walls, noEase),
  );
  return { clearWidth, requiredWidth, clearance: sum('clearance', [clearWidth, minus(requiredWidth)]) };
}
