import { describe, expect, it } from 'vitest';
import { factsOf, factValue } from './facts';

const stated = {
  method: 'boiling-water',
  jar: 'pint',
  minutes: 20,
  psi: null,
  headspaceLeastIn: 0.5,
  headspaceMostIn: 0.5,
};

describe('facts as read', () => {
  it('says what was read and what was not', () => {
    const facts = factsOf({ stated, altitudeFt: null });
    expect(facts.map((f) => `${f.name}: ${f.shown}`)).toContain('Headspace: ½ in');
    expect(facts.find((f) => f.field === 'PSI')?.shown).toBe('not said');
    expect(facts.find((f) => f.field === 'METHOD')?.shown).toBe('boiling-water canner');
  });
  it('takes a figure only as a figure', () => {
    const minutes = factsOf({ stated, altitudeFt: 500 }).find((f) => f.field === 'MINUTES');
    expect(minutes && factValue(minutes, ' 25 ')).toBe('25');
    expect(minutes && factValue(minutes, 'soon')).toBeNull();
  });
});
