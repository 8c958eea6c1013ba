import { describe, expect, it } from 'vitest';
import { differing } from './print';

const figure = (column: string, shipped: string) => ({
  column,
  label: column,
  shipped,
  ruling: shipped,
  printed: null,
});

describe('what print has instead', () => {
  it('is only what was typed and differs', () => {
    const figures = [figure('t_0_1000', '20'), figure('t_1001_3000', '25')];
    expect(differing(figures, {})).toEqual({});
    expect(differing(figures, { t_0_1000: '20', t_1001_3000: ' 30 ' })).toEqual({ t_1001_3000: '30' });
  });
});
