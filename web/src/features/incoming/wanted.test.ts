import { describe, expect, it } from 'vitest';
import { fromAddress, toAddress, today } from './wanted';

describe('what is wanted', () => {
  it('comes back from its address as it was', () => {
    const wanted = { q: 'okra zenobia', call: 'stop', within: true, page: 2 };
    expect(fromAddress(new URLSearchParams(toAddress(wanted)))).toEqual(wanted);
  });

  it('leaves out what does not narrow, and takes no nonsense', () => {
    expect(toAddress({ q: '', due: false, page: 0 })).toEqual({});
    expect(fromAddress(new URLSearchParams('page=-3&within=maybe'))).toEqual({});
  });

  it('knows the day of this place', () => {
    expect(today(new Date(2026, 0, 5, 23, 59))).toBe('2026-01-05');
  });
});
