import { describe, expect, it } from 'vitest';
import { askWords, moment } from './words';

describe('the public pages', () => {
  it('say the same things in both languages', () => {
    expect(Object.keys(askWords.ES).sort()).toEqual(Object.keys(askWords.EN).sort());
    for (const words of Object.values(askWords.ES)) {
      expect(words).not.toBe('');
    }
  });

  it('name a moment or none', () => {
    expect(moment('')).toBeNull();
    expect(moment('2026-08-14T12:00')).toMatch(/^2026-08-1[345]T/);
  });
});
