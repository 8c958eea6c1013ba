import { describe, expect, it } from 'vitest';
import { age, deadline, figureName, figureValue, fraction, inches, timeLeft, toneOf } from './words';

describe('figures', () => {
  it.each([
    [0.5, '½'],
    [0.125, '⅛'],
    [1.25, '1¼'],
    [2, '2'],
    [0, '0'],
    [9.38, '9⅜'],
    [0.99, '1'],
  ])('writes %s as %s', (value, words) => {
    expect(fraction(value)).toBe(words);
  });

  it('writes inches, cups and plain figures each in their way', () => {
    expect(inches(0.25)).toBe('¼ in');
    expect(figureValue(2.5, 'cups per cup vinegar')).toBe('2½');
    expect(figureValue(4.17, 'percent')).toBe('4.17');
    expect(figureValue('none', 'acid')).toBe('none');
    expect(figureName('CupsPerCupVinegar')).toBe('cups per cup vinegar');
  });
});

describe('time', () => {
  const now = Date.parse('2026-08-14T12:00:00Z');

  it('says until when by the clock of the desk', () => {
    const by = '2026-08-15T02:30:00Z';
    expect(deadline(by, 'short', 'America/Chicago')).toMatch(/^Fri.*9:30/);
    expect(deadline(by, 'long', 'UTC')).toMatch(/^Saturday.*2:30/);
  });

  it('says how long ago', () => {
    expect(age('2026-08-14T11:45:00Z', now)).toBe('15 min');
    expect(age('2026-08-14T02:00:00Z', now)).toBe('10 h');
    expect(age('2026-08-10T12:00:00Z', now)).toBe('4 days');
  });

  it('counts the 24 hours down and then says nothing', () => {
    expect(timeLeft('2026-08-14T11:30:00Z', now)).toBe('23 h 30 min left');
    expect(timeLeft('2026-08-13T12:00:01Z', now)).toBe('0 h 0 min left');
    expect(timeLeft('2026-08-13T12:00:00Z', now)).toBeNull();
  });
});

it('gives every call and severity a tone of its own', () => {
  expect(['stop', 'correct', 'ask', 'sound', 'caution', 'note'].map(toneOf)).toEqual([
    'danger',
    'correct',
    'ask',
    'met',
    'caution',
    'note',
  ]);
});
