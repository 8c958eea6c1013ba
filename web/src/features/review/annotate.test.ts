import { describe, expect, it } from 'vitest';
import type { Finding } from '../../api/client';
import { number, segments } from './annotate';

const text = 'Boil pears 5 minutes. Process 20 minutes.';

function finding(code: string, severity: string, ...spans: [number, number][]): Finding {
  return {
    code,
    severity,
    aspect: 'time',
    title: code,
    why: '',
    evidence: spans.map(([start, end]) => ({ start, end, text: text.slice(start, end) })),
    figures: {},
    correction: null,
    source: { id: 'Guide 1', title: '', edition: '', place: '', proof: 'unread', confidence: 'high' },
  };
}

describe('number', () => {
  it('numbers open findings in reading order and the unsaid last', () => {
    const numbered = number([
      finding('headspace.missing', 'note'),
      finding('time.short', 'danger', [22, 40]),
      finding('pack.raw', 'met', [0, 4]),
      finding('method.prep', 'correct', [5, 10]),
    ]);
    expect(numbered.map((n) => `${n.number} ${n.finding.code}`)).toEqual([
      '1 method.prep',
      '2 time.short',
      '3 headspace.missing',
    ]);
  });

  it('puts the graver of two findings on the same words first', () => {
    const numbered = number([finding('a.b', 'note', [0, 4]), finding('c.d', 'danger', [0, 4])]);
    expect(numbered[0]?.finding.code).toBe('c.d');
  });
});

describe('segments', () => {
  it('covers the text whole and in order, whatever overlaps', () => {
    const numbered = number([finding('a.b', 'danger', [5, 20]), finding('c.d', 'note', [11, 29])]);
    const cut = segments(
      { text, unread: [{ start: 30, end: 32, text: text.slice(30, 32), bears: true }] },
      numbered,
    );
    expect(cut.map((s) => s.text).join('')).toBe(text);
    expect(cut.find((s) => s.start === 11)?.numbers).toEqual([1, 2]);
    expect(cut.find((s) => s.start === 30)?.unread).toBe(true);
  });

  it('anchors each number once, at the end of its first evidence', () => {
    const numbered = number([finding('a.b', 'danger', [5, 10], [22, 29])]);
    const anchors = segments({ text, unread: [] }, numbered).filter((s) => s.anchors.length > 0);
    expect(anchors.map((s) => s.end)).toEqual([10]);
  });

  it('passes over unread words that cannot matter', () => {
    const cut = segments({ text, unread: [{ start: 0, end: 4, text: 'Boil', bears: false }] }, []);
    expect(cut).toHaveLength(1);
  });
});
