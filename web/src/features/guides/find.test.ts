import { describe, expect, it } from 'vitest';
import { finds, rowWords } from './find';

describe('finding in the guide', () => {
  it('wants every word, by its beginning, in any order', () => {
    expect(finds('pears, halved hot boiling-water', 'hot pea')).toBe(true);
    expect(finds('pears, halved hot boiling-water', 'raw pea')).toBe(false);
    expect(finds('pears', '')).toBe(true);
  });
  it('writes a row as the printed table does', () => {
    const jar = {
      jar: 'pint',
      headspaceIn: 0.5,
      acid: '',
      dialPsi: [],
      weightedPsi: [],
      source: null,
      confidence: null,
      proof: null,
    };
    expect(
      rowWords({
        ...jar,
        minutes: null,
        bands: [
          { toFt: 1000, minutes: 20 },
          { toFt: null, minutes: 25 },
        ],
      }),
    ).toBe('20 / 25');
    expect(rowWords({ ...jar, minutes: 55, bands: [], dialPsi: [11, 14], weightedPsi: [10, 15] })).toBe(
      '55 min, 10 to 15 psi',
    );
  });
});
