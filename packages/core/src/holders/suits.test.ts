import { describe, expect, test } from '@jest/globals';
import { builtInKinds } from '../kinds/kinds.ts';
import type { Item } from '../shelves/items/item.ts';
import { thing } from '../testing/trial.ts';

const card = (length: number, thickness: number, more: Partial<Item> = {}) =>
  thing(length, 54, thickness, { shape: 'card', ...more });
const rod = (length: number, diameter: number) => thing(length, diameter, diameter, { shape: 'cylinder' });
const flat = (thickness: number) => thing(100, 60, thickness);
const score = (kind: string, item: Item): number => builtInKinds.holders[kind]!.suits(item).score;

describe('what a holder suits (common practice): up to the last size and beyond it', () => {
  // kind, what it suits better, what it suits less, why
  test.each<[string, Item, Item, string]>([
    ['card-tiers', card(85.6, 0.76), flat(0.76), 'cards, not boxes'],
    ['card-tiers', card(85.6, 3), card(85.6, 3.1), 'no card is thicker than three'],
    ['card-tiers', card(115, 0.76), card(116, 0.76), 'no card is longer than a passport is high'],
    ['card-tiers', card(85.6, 0.3), card(85.6, 0.29), 'paper slips down'],
    ['note-compartment', card(140, 0.11), card(140, 0.11, { rigid: true }), 'it is folded'],
    ['note-compartment', card(110, 0.3), card(110, 0.31), 'notes, not cards'],
    ['note-compartment', card(140, 12), card(140, 12.1), 'a wad of notes, however thick it folds'],
    ['note-compartment', card(116, 2), card(115, 2), 'notes are longer than cards'],
    ['note-compartment', card(140, 0.11), flat(0.11), 'notes, not boxes'],
    ['channel-row', rod(125, 50), rod(124, 50), 'two and a half times as long as wide'],
    ['channel-row', rod(75, 50), rod(74, 50), 'half as long again as wide'],
    ['channel-row', rod(125, 50), card(160, 1), 'a card lies better in a pocket'],
    ['channel-pocket', rod(125, 50), rod(124, 50), 'two and a half times as long as wide'],
    ['channel-pocket', rod(125, 50), card(160, 1), 'a card lies better in a pocket'],
    ['book-cover', card(148, 1), card(148, 0.9), 'a booklet is a millimetre thick'],
    ['loop-row', rod(100, 50), rod(99, 50), 'twice as long as wide: it would slip out'],
    ['loop-row', rod(100, 50), thing(100, 50, 50), 'round things hold in elastic'],
    ['hold-straps', flat(12.1), flat(12), 'a strap is for what is thick'],
    ['bellows-pocket', flat(12.1), flat(12), 'bellows are for what is thick'],
    ['slip-pocket', flat(12), flat(12.1), 'a plain pocket is for what is flat'],
    ['zip-pocket', flat(12), flat(12.1), 'a plain pocket is for what is flat'],
    ['page-sleeve', card(200, 2.9), card(200, 3), 'for sheets'],
    ['page-sleeve', card(200, 2), card(200, 2, { rigid: true }), 'for sheets'],
    ['page-sleeve', card(200, 2), flat(2), 'for sheets'],
    ['file-room', flat(12), flat(12.1), 'papers'],
    ['file-room', flat(40), flat(40.1), 'no room of an accordion opens further'],
    ['round-room', thing(60, 60, 60, { shape: 'ball' }), flat(60), 'round things'],
    ['round-room', thing(60, 60, 10, { shape: 'disc' }), flat(60), 'round things'],
    ['round-room', rod(90, 60), flat(60), 'round things'],
    ['book-cover', thing(180, 120, 20, { shape: 'book' }), card(180, 1), 'made for books'],
    ['book-cover', card(180, 1), card(180, 0.9), 'boards, not sheets'],
    ['book-cover', card(180, 1), flat(1), 'boards'],
  ])('%s: %#', (kind, better, less) => expect(score(kind, better)).toBeGreaterThan(score(kind, less)));

  test('a shallow pocket beside a room: the holder that is made for a thing comes first', () => {
    const first = (item: Item) =>
      Object.keys(builtInKinds.holders).sort((one, other) => score(other, item) - score(one, item))[0];
    expect(first(card(85.6, 0.76))).toBe('card-tiers');
    expect(first(card(140, 0.11))).toBe('note-compartment');
    expect(first(rod(200, 9))).toBe('channel-row');
    expect(first(thing(180, 120, 20, { shape: 'book' }))).toBe('book-cover');
    expect(first(thing(70, 70, 70, { shape: 'ball' }))).toBe('round-room');
    expect(first(thing(70, 60, 60))).toBe('cavity');
  });
});
