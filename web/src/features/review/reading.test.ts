import { describe, expect, it } from 'vitest';
import { amountValue, assertionsOf, runs, saidWords } from './reading';

describe('the reading beside the text', () => {
  it('cuts the text whole, and an overlap stays with the earlier row', () => {
    const text = '3 cups beets and glorp';
    const cut = runs(text, [
      { start: 0, end: 12 },
      { start: 7, end: 22 },
    ]);
    expect(cut.map((r) => r.text).join('')).toBe(text);
    expect(cut.map((r) => r.row)).toEqual([0, 1]);
  });
  it('takes an amount as a figure or a range', () => {
    expect(amountValue('2.5', 'CUP')).toBe('2.5 CUP');
    expect(amountValue('2 to 3', 'POUND')).toBe('2-3 POUND');
    expect(amountValue('some', 'CUP')).toBeNull();
  });
  it('anchors a correction in the words it is about, the food before the amount', () => {
    const row = { start: 4, end: 9, text: 'glorp', ingredient: null, bears: true };
    const at = { start: 4, end: 9, quote: 'glorp' };
    expect(assertionsOf(row, { food: 'beet', amount: '3 CUP', role: null })).toEqual([
      { field: 'FOOD', value: 'beet', at },
      { field: 'AMOUNT', value: '3 CUP', at },
    ]);
    expect(assertionsOf(row, { food: 'beet', amount: null, role: 'ignore' })).toEqual([
      { field: 'IGNORE', value: 'yes', at },
    ]);
  });
  it('says where the text says otherwise', () => {
    expect(
      saidWords({
        field: 'MINUTES',
        value: '30',
        start: null,
        end: null,
        quote: null,
        textSays: '20',
        lost: false,
      }),
    ).toBe('minutes: 30 (the text says 20)');
  });
});
