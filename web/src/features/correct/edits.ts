import type { Edit, Ingredient, Review } from '../../api/client';

/** Two edits of the same thing: the later one takes the place of the earlier. */
export function isSame(a: Edit, b: Edit): boolean {
  const process = ['setMinutes', 'setProcess'];
  if (process.includes(a.kind) && process.includes(b.kind)) {
    return true;
  }
  if (a.kind !== b.kind) {
    return false;
  }
  return (
    a.values.start === b.values.start && a.values.step === b.values.step && a.values.food === b.values.food
  );
}

export function put(edits: Edit[], next: Edit): Edit[] {
  const at = edits.findIndex((e) => isSame(e, next));
  return at < 0 ? [...edits, next] : edits.map((e, n) => (n === at ? next : e));
}

export function takeBack(edits: Edit[], n: number): Edit[] {
  return edits.filter((_, at) => at !== n);
}

/** What a slider moves: an acid or water as measured, and the vegetables its acid has to carry. */
export function movable(review: Review): { liquids: Ingredient[]; vegetables: Ingredient[] } {
  const measured = review.ingredients.filter((i) => i.figure != null && i.unit != null && i.role !== 'aside');
  return {
    liquids: measured.filter((i) => i.role === 'acid' || i.role === 'water'),
    vegetables: measured.filter((i) => i.lowAcid),
  };
}

export function setAmount(of: Ingredient, figure: number): Edit {
  return {
    kind: 'setIngredient',
    values: { start: of.start, end: of.end, food: of.food, figure, unit: of.unit },
  };
}

/** The figure an ingredient stands at with the edits. */
export function figureOf(of: Ingredient, edits: Edit[]): number {
  const edit = edits.find((e) => e.kind === 'setIngredient' && e.values.start === of.start);
  return Number(edit?.values.figure ?? of.figure ?? 0);
}

/** All vegetables by the same factor, to an eighth of their unit. */
export function scaleAll(vegetables: Ingredient[], factor: number, edits: Edit[]): Edit[] {
  return vegetables.reduce(
    (all, v) => put(all, setAmount(v, Math.max(0.125, Math.floor((v.figure ?? 0) * factor * 8) / 8))),
    edits,
  );
}

/** The factor the vegetables stand at, by the first of them. */
export function factorOf(vegetables: Ingredient[], edits: Edit[]): number {
  const first = vegetables[0];
  return first?.figure ? Math.round((figureOf(first, edits) / first.figure) * 20) / 20 : 1;
}
