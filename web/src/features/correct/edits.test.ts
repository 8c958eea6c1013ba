import { describe, expect, it } from 'vitest';
import type { Edit, Ingredient } from '../../api/client';
import { factorOf, figureOf, put, scaleAll, setAmount, takeBack } from './edits';

const corn = { start: 10, end: 22, food: 'corn', figure: 10, unit: 'CUP', lowAcid: true } as Ingredient;
const onion = { start: 30, end: 42, food: 'onion', figure: 1.25, unit: 'CUP', lowAcid: true } as Ingredient;

describe('edits', () => {
  it('lets the later edit of the same thing stand', () => {
    const minutes = (n: number): Edit => ({ kind: 'setMinutes', values: { minutes: n } });
    const both = put(put([], minutes(20)), { kind: 'setJar', values: { jar: 'pint' } });
    expect(put(both, minutes(25))).toEqual([minutes(25), { kind: 'setJar', values: { jar: 'pint' } }]);
    expect(put(both, { kind: 'setProcess', values: { method: 'pressure', minutes: 20 } })).toHaveLength(2);
  });

  it('keeps two ingredients apart', () => {
    const edits = put(put([], setAmount(corn, 5)), setAmount(onion, 1));
    expect(edits).toHaveLength(2);
    expect(figureOf(corn, edits)).toBe(5);
    expect(takeBack(edits, 0)).toEqual([setAmount(onion, 1)]);
  });

  it('scales all vegetables down to what a cup can measure', () => {
    const edits = scaleAll([corn, onion], 0.5, []);
    expect(figureOf(corn, edits)).toBe(5);
    expect(figureOf(onion, edits)).toBe(0.625);
    expect(factorOf([corn, onion], edits)).toBe(0.5);
  });
});
