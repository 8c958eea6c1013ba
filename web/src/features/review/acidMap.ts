import type { Review } from '../../api/client';

type Map = NonNullable<Review['acidMap']>;

/** Where things stand on the picture: ends of both axes, and whether this recipe lies beyond them. */
export interface Frame {
  ratio: number;
  percent: number;
  beyond: boolean;
}

/**
 * The axes hold every tested recipe; a recipe far outside stands at the edge and says so.
 *
 * `before` is where the recipe stood before it was corrected, on the same axes.
 */
export function frame(map: Map, before?: Map['mine']): Frame {
  const ratios = map.tested.map((d) => d.ratio);
  const percents = map.tested.map((d) => d.percent);
  const ratio = Math.max(...ratios) * 1.6;
  return {
    ratio: Math.max(...ratios, Math.min(Math.max(map.mine.ratio, before?.ratio ?? 0), ratio)) * 1.1,
    percent: Math.max(...percents, map.mine.percent, before?.percent ?? 0) * 1.15,
    beyond: map.mine.ratio > ratio,
  };
}

/** What the picture says, for those who do not see it. */
export function mapWords(map: Map): string {
  const ratios = map.tested.map((d) => d.ratio);
  const percents = map.tested.map((d) => d.percent);
  const span = (values: number[]) => `${Math.min(...values)} to ${Math.max(...values)}`;
  return (
    `${map.tested.length} tested recipes: ${span(ratios)} cups of low-acid vegetables to a cup of acid, ` +
    `${span(percents)} % acid. This recipe: ${map.mine.ratio} cups, ${map.mine.percent} %.`
  );
}
