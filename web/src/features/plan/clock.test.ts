import { describe, expect, it } from 'vitest';
import { hours, share } from './clock';

describe('the clock of a day', () => {
  it('places a moment on the bar', () => {
    const from = Date.parse('2026-08-14T08:00:00Z');
    const to = Date.parse('2026-08-14T12:00:00Z');
    expect(share('2026-08-14T09:00:00Z', from, to)).toBe(0.25);
    expect(share('2026-08-15T09:00:00Z', from, to)).toBe(1);
  });

  it('has at most a dozen ticks, on full hours', () => {
    const from = new Date(2026, 7, 14, 8, 20).getTime();
    const ticks = hours(from, from + 40 * 3_600_000);
    expect(ticks.length).toBeLessThanOrEqual(12);
    expect(ticks.every((t) => new Date(t).getMinutes() === 0 && t >= from)).toBe(true);
  });
});
