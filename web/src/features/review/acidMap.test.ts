import { describe, expect, it } from 'vitest';
import { frame, mapWords } from './acidMap';

const dot = (ratio: number, percent: number) => ({ id: `r${ratio}`, name: `r${ratio}`, ratio, percent });
const map = (ratio: number) => ({
  family: 'relish',
  brine: true,
  tested: [dot(2, 5), dot(3.75, 5)],
  mine: dot(ratio, 2.5),
});

describe('the acid map', () => {
  it('holds every tested recipe and this one', () => {
    const f = frame(map(4));
    expect(f.ratio).toBeGreaterThan(4);
    expect(f.percent).toBeGreaterThan(5);
    expect(f.beyond).toBe(false);
  });

  it('keeps a recipe far outside at its edge', () => {
    const f = frame(map(60));
    expect(f.ratio).toBeLessThan(10);
    expect(f.beyond).toBe(true);
  });

  it('can be heard', () => {
    expect(mapWords(map(4))).toBe(
      '2 tested recipes: 2 to 3.75 cups of low-acid vegetables to a cup of acid, 5 to 5 % acid. This recipe: 4 cups, 2.5 %.',
    );
  });
});
