import type { Assertion, Review } from '../../api/client';

export type Ingredient = Review['ingredients'][number];
export type Said = Review['said'][number];

/** A row of the reading: an ingredient as read, or words that were not understood. */
export interface ReadRow {
  start: number;
  end: number;
  text: string;
  ingredient: Ingredient | null;
  bears: boolean;
}

/** Ingredients and words not understood, in the order of the text. */
export function readRows(review: Pick<Review, 'ingredients' | 'unread'>): ReadRow[] {
  const read = review.ingredients.map((i) => ({
    start: i.start,
    end: i.end,
    text: i.text,
    ingredient: i,
    bears: true,
  }));
  const unread = review.unread.map((u) => ({ ...u, ingredient: null }));
  return [...read, ...unread].toSorted((a, b) => a.start - b.start);
}

export interface Run {
  text: string;
  row: number | null;
}

/** The text cut at the edges of the rows; where two overlap the earlier keeps its words. */
export function runs(text: string, rows: Pick<ReadRow, 'start' | 'end'>[]): Run[] {
  const out: Run[] = [];
  let at = 0;
  rows.forEach((row, n) => {
    const start = Math.max(row.start, at);
    if (row.end <= start) {
      return;
    }
    if (start > at) {
      out.push({ text: text.slice(at, start), row: null });
    }
    out.push({ text: text.slice(start, row.end), row: n });
    at = row.end;
  });
  if (at < text.length) {
    out.push({ text: text.slice(at), row: null });
  }
  return out;
}

export const units = [
  'CUP',
  'TABLESPOON',
  'TEASPOON',
  'POUND',
  'OUNCE',
  'QUART',
  'PINT',
  'GALLON',
  'GRAM',
  'KILOGRAM',
  'MILLILITRE',
  'LITRE',
  'EACH',
  'CLOVE',
  'HEAD',
  'STICK',
  'STALK',
  'BUNCH',
  'CAN',
] as const;
export type UnitName = (typeof units)[number];

/** "2.5" or "2-3" with a unit as the server takes it, or null while it is no figure. */
export function amountValue(figure: string, unit: UnitName): string | null {
  const plain = figure
    .replace(/\s*(–|to)\s*/, '-')
    .replace(',', '.')
    .trim();
  return /^\d+(\.\d+)?(-\d+(\.\d+)?)?$/.test(plain) ? `${plain} ${unit}` : null;
}

export interface Correction {
  food: string | null;
  amount: string | null;
  role: 'jar' | 'aside' | 'none' | 'ignore' | null;
}

/** What was corrected, as assertions about the words of a row; the food goes before its amount. */
export function assertionsOf(row: ReadRow, c: Correction): Assertion[] {
  const at = { start: row.start, end: row.end, quote: row.text };
  if (c.role === 'ignore') {
    return [{ field: 'IGNORE', value: 'yes', at }];
  }
  if (c.role === 'none') {
    return [{ field: 'ROLE', value: 'none', at }];
  }
  return [
    ...(c.food ? [{ field: 'FOOD' as const, value: c.food, at }] : []),
    ...(c.amount ? [{ field: 'AMOUNT' as const, value: c.amount, at }] : []),
    ...(c.role ? [{ field: 'ROLE' as const, value: c.role, at }] : []),
  ];
}

/** "minutes: 30 (the text says 20)". */
export function saidWords(s: Said): string {
  if (s.field === 'IGNORE') {
    return `“${s.quote ?? ''}” does not matter${s.lost ? ' (these words are gone)' : ''}`;
  }
  const field = s.field.replaceAll('_', ' ').toLowerCase();
  const about = s.quote ? ` of “${s.quote.length > 28 ? `${s.quote.slice(0, 27)}…` : s.quote}”` : '';
  const differs = s.textSays != null && s.textSays !== s.value ? ` (the text says ${s.textSays})` : '';
  return `${field}${about}: ${s.value}${differs}${s.lost ? ' (these words are gone)' : ''}`;
}
