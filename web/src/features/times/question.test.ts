import { describe, expect, it } from 'vitest';
import { noFacets, question, withChoice } from './question';

describe('the question out of words and facets', () => {
  it('adds what the pickers say behind the words', () => {
    expect(question(' pears ', { ...noFacets, jar: 'pint', altitude: '1500', unit: 'm' })).toBe(
      'pears pint 1500 m',
    );
  });
  it('leaves out an altitude that is no number yet', () => {
    expect(question('okra', { ...noFacets, altitude: '5,' })).toBe('okra');
  });
  it('puts one choice in the place of another', () => {
    expect(withChoice('peaches quarts, hot', 'raw', ['hot', 'raw'])).toBe('peaches quarts, raw');
    expect(withChoice('peaches quarts', 'raw', ['hot', 'raw'])).toBe('peaches quarts, raw');
  });
});
