import { describe, expect, it } from 'vitest';
import type { Passage } from '../../api/client';
import { join, originWords, rests } from './rests';

const passage = (text: string, kind: Passage['origin']['kind'], id = '', tight = false): Passage => ({
  text,
  tight,
  origin: { kind, id },
});

const passages = [
  passage('Hello Ada,', 'STANDING'),
  passage('- The time is too short.', 'FINDING', 'time.short'),
  passage('- Vinegar in order', 'FINDING', 'acid.brine-weak'),
  passage('- Headspace as tested', 'FINDING', 'headspace.small', true),
];

describe('what a letter rests on', () => {
  it('joins passages as the server does', () => {
    expect(join(passages)).toBe(
      'Hello Ada,\n\n- The time is too short.\n\n- Vinegar in order\n- Headspace as tested\n',
    );
  });

  it('tells the educator own words from those of a finding', () => {
    const found = rests('Hello Ada,\n\nLovely beets!\nReally.\n\n- The time is too short.', passages);
    expect(found.map((r) => [r.words, originWords(r.origin)])).toEqual([
      ['Hello Ada,', 'said in every letter'],
      ['Lovely beets!', 'your own words'],
      ['- The time is too short.', 'a finding: time.short'],
    ]);
  });
});
