import { describe, expect, test } from '@jest/globals';
import { setAllowance, solveDesign } from '@zindle/core';
import { demoDesigns } from '@zindle/core/demo';
import { cutAlike, edgeInHand, sameEdges } from './own-piece.ts';

const demo = (id: string) => demoDesigns.find((design) => design.id === id)!;
const pieceOf = (solution: ReturnType<typeof solveDesign>, id: string) =>
  solution.pieces.find((piece) => piece.id === id)!;

describe('pieces that are cut from one pattern', () => {
  // on a flat base one gusset is the other turned over
  const fan = demo('receipts-accordion');
  const design = { ...fan, body: { ...fan.body, params: { ...fan.body.params, foot: 'flat' } } };
  const accordion = solveDesign(design);
  const turned = accordion.pieces.find(({ mirrored }) => mirrored);
  test('a mirror image has the edge on its other side', () => {
    expect(turned?.id).toBe('body/shell-gusset-left');
    const alike = cutAlike(accordion, turned!);
    const straight = alike.find(({ mirrored }) => !mirrored)!;
    const edges = sameEdges(alike, straight, 'left');
    expect(edges.find(({ piece }) => piece === straight.id)?.edge).toBe('left');
    expect(edges.find(({ piece }) => piece === turned!.id)?.edge).toBe('right');
  });
  test('stay alike when an edge is set for all of them', () => {
    const alike = cutAlike(accordion, turned!);
    const edges = sameEdges(alike, alike[0]!, 'left');
    const after = solveDesign(setAllowance(edges, 'x', 9).apply(design));
    const letters = alike.map(({ id }) => pieceOf(after, id).letter);
    expect(new Set(letters).size).toBe(1);
  });
});

test('an edge is told with what the maker has set, and with its whole seam', () => {
  const design = demo('junior-bifold');
  const before = solveDesign(design);
  const hand = edgeInHand(design, before, pieceOf(before, 'holders/A/strip'), 'bottom');
  // both strips are cut from one pattern, B turned over
  expect(hand).toMatchObject({ name: 'bottom edge', allowance: 10, rough: 12, own: true });
  expect(hand.alone.map(({ piece }) => piece)).toEqual(['holders/A/strip', 'holders/B/strip']);
  expect(hand.seam.length).toBeGreaterThan(5);
  const after = setAllowance(hand.seam, 'x', undefined).apply(design);
  const solution = solveDesign(after);
  expect(edgeInHand(after, solution, pieceOf(solution, 'body/lining'), 'bottom')).toMatchObject({
    allowance: 6,
    own: false,
  });
});
