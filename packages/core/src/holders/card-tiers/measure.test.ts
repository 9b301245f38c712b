import { describe, expect, test } from '@jest/globals';
import { given } from '../../derived/derived.ts';
import type { ContentsLine } from '../../document/design-document.ts';
import { standardItems } from '../../shelves/items/standard-items.ts';
import { rulesFor } from '../../shelves/rules/rules-for.ts';
import type { HeldContents } from '../holder-kind.ts';
import { measureTiers } from './measure.ts';

const cloth = (value: number) => given('cloth', value, { kind: 'material', path: 'materials/trial/thickness' });
const card = standardItems.find(({ id }) => id === 'id1-card')!;

/** Tiers of cards on cloth of a pocket and a lining thickness, mm. */
function tiers(count: number, pocket: number, lining: number) {
  const line: ContentsLine = { id: 'c1', item: card.id, count, perHolder: 1, orientation: 'lying' };
  const held: HeldContents = { line, item: card, name: 'Card', count };
  const [exterior, mesh, base] = [cloth(1), cloth(0.5), cloth(2)];
  const stacks = { exterior, lining: cloth(lining), pocket: cloth(pocket), mesh, base };
  return measureTiers({ making: 'pleated' }, [held], {
    id: 'A',
    reach: {
      ...stacks,
      pocket: cloth(pocket / 2),
      lining: cloth(lining / 2),
      outside: stacks.exterior,
      onPocket: cloth(pocket / 2),
      meshStretch: cloth(0),
    },
    rules: rulesFor({}, {}),
    stacks,
    grid: '0.5mm',
    pin: (_, size) => size,
  });
}
const EASE = 3;

describe('overlapping tiers', () => {
  // common practice forgets it: four cards with pleats of 1.0, walls 1.0 / 0.8, ask for 93.05 where one slot asks 87.8, round the
  // middle of each wall. Round the outer layer of a pleat it is more: 85.6 + 4 x 0.76 + 3 x 1 + pi/2 x (0.75 + 0.25)
  test('the outermost front goes round every card and pleat behind it', () => {
    const slot = tiers(4, 0.5, 0.3).sizes.slotWidth!;
    const beforeRounding = slot.value - slot.rounding!.residue;
    expect(beforeRounding - EASE).toBeCloseTo(93.21, 2);
    expect(beforeRounding - EASE).toBeGreaterThan(93.05);
  });
  test('one slot alone asks for less', () => {
    const slot = tiers(1, 0.5, 0.3).sizes.slotWidth!;
    // 85.6 + 0.76 + pi/2 x (0.75 + 0.25)
    expect(slot.value - slot.rounding!.residue - EASE).toBeCloseTo(87.93, 2);
  });
  test('the leaf is as thick as everything on it, at its thickest place', () => {
    // backing 0.3 and panel 0.5, four cards of 0.76, four pleats of two layers
    expect(tiers(4, 0.5, 0.3).sizes.loaded!.value).toBeCloseTo(0.3 + 0.5 + 4 * 0.76 + 4 * 1, 9);
  });
});
