import type { PlanDoc } from '../../api/client';

export type Task = PlanDoc['tasks'][number];

const HOUR = 3_600_000;

/** Where a moment lies on a bar from one to another, 0 to 1. */
export function share(at: string, from: number, to: number): number {
  return Math.min(1, Math.max(0, (Date.parse(at) - from) / (to - from)));
}

/** Full hours between two moments, at most a dozen, for the ticks of the clock. */
export function hours(from: number, to: number): number[] {
  const every = Math.max(1, Math.ceil((to - from) / HOUR / 12));
  const ticks: number[] = [];
  const first = new Date(from);
  first.setMinutes(0, 0, 0);
  for (let at = first.getTime(); at <= to; at += every * HOUR) {
    if (at >= from) {
      ticks.push(at);
    }
  }
  return ticks;
}

export const clockTime = (at: string | number): string =>
  new Date(at).toLocaleTimeString([], { hour: 'numeric', minute: '2-digit' });

/** The span of the day's own work: the long cooling after it has no place on the bars. */
export function span(plan: PlanDoc): [number, number] {
  return [Date.parse(plan.start), Math.max(Date.parse(plan.done), Date.parse(plan.start) + HOUR)];
}
