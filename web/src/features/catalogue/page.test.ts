import { describe, expect, it } from 'vitest';
import { checkPage } from './page';

describe('the page of a check', () => {
  it('is found by its code', () => {
    expect(checkPage('acid.brine-weak')).toBe('/guides/checks?code=acid.brine-weak');
  });

  it('is the whole catalogue for an unknown code', () => {
    expect(checkPage('acid.not-there')).toBe('/guides/checks');
  });
});
