import type { Finding, Review } from '../../api/client';

/** A finding with the number it carries in the margin. */
export interface Numbered {
  number: number;
  finding: Finding;
}

/** A run of the text with the marks that lie on it. */
export interface Segment {
  start: number;
  end: number;
  text: string;
  /** margin numbers of the findings here, in order */
  numbers: number[];
  /** margin numbers whose first evidence ends here: the number is printed beside this segment */
  anchors: number[];
  unread: boolean;
}

const rank: Record<string, number> = { danger: 4, correct: 3, caution: 2, note: 1, met: 0 };

export const gravity = (finding: Finding): number => rank[finding.severity] ?? 0;

/** Open findings are numbered in reading order, those with nothing in the text last; met ones carry no number. */
export function number(findings: Finding[]): Numbered[] {
  return findings
    .filter((f) => f.severity !== 'met')
    .toSorted(
      (a, b) =>
        (a.evidence[0]?.start ?? Infinity) - (b.evidence[0]?.start ?? Infinity) || gravity(b) - gravity(a),
    )
    .map((finding, i) => ({ number: i + 1, finding }));
}

/** The gravest first; of the same weight, in reading order. */
export const byWeight = (numbered: Numbered[]): Numbered[] =>
  numbered.toSorted((a, b) => gravity(b.finding) - gravity(a.finding) || a.number - b.number);

/** Cuts the text at every edge of a mark; segments cover it whole and in order. */
export function segments(review: Pick<Review, 'text' | 'unread'>, numbered: Numbered[]): Segment[] {
  const edges = new Set<number>([0, review.text.length]);
  const unread = review.unread.filter((u) => u.bears);
  for (const { finding } of numbered) {
    for (const e of finding.evidence) {
      edges.add(e.start).add(e.end);
    }
  }
  for (const u of unread) {
    edges.add(u.start).add(u.end);
  }
  const cuts = [...edges].toSorted((a, b) => a - b);
  return cuts.slice(1).map((end, i) => {
    const start = cuts[i] ?? 0;
    const here = numbered.filter(({ finding }) =>
      finding.evidence.some((e) => e.start <= start && end <= e.end),
    );
    return {
      start,
      end,
      text: review.text.slice(start, end),
      numbers: here.map((n) => n.number),
      anchors: here.filter(({ finding }) => finding.evidence[0]?.end === end).map((n) => n.number),
      unread: unread.some((u) => u.start <= start && end <= u.end),
    };
  });
}
