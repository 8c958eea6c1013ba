import { describe, expect, it } from 'vitest';
import { bandsOf, idOf, linesOf } from './bands';

describe('an own process', () => {
  it("takes a maker's minute for each thousand feet as bands that end with the leaflet", () => {
    expect(bandsOf({ kind: 'thousands', base: '10', add: '1', endFt: '3000' })).toEqual([
      { toFt: 1000, minutes: 10 },
      { toFt: 2000, minutes: 11 },
      { toFt: 3000, minutes: 12 },
    ]);
  });
  it('takes four bands as the guide prints them', () => {
    expect(bandsOf({ kind: 'bands', minutes: ['10', '15', '15', '20'] })).toHaveLength(4);
  });
  it('says what is missing', () => {
    expect(bandsOf({ kind: 'bands', minutes: ['10', '', '15', '20'] })).toContain('whole numbers');
    expect(bandsOf({ kind: 'thousands', base: '10', add: '1', endFt: '2500' })).toContain('thousands');
  });
});

describe('an own recipe', () => {
  it('is written a line an ingredient', () => {
    expect(linesOf('8 cup | pears | fruit\n3-4 cup | vinegar | acid | 5 %')).toEqual([
      { quantity: '8', unit: 'cup', item: 'pears', role: 'fruit', note: '' },
      { quantity: '3-4', unit: 'cup', item: 'vinegar', role: 'acid', note: '5 %' },
    ]);
    expect(linesOf('some pears')).toContain('is not read');
  });
  it('gets an id from its name', () => {
    expect(idOf('County Pear Relish (2024)')).toBe('county-pear-relish-2024');
  });
});
