import type { Library, ProcessEntry } from '../../api/client';

/** Whether every word typed begins a word of the text. */
export function finds(text: string, typed: string): boolean {
  const words = text.toLowerCase().split(/[^a-z0-9½¼¾]+/);
  return typed
    .toLowerCase()
    .split(/\s+/)
    .filter(Boolean)
    .every((t) => words.some((w) => w.startsWith(t)));
}

/** What a process can be found by. */
export function processText(p: ProcessEntry): string {
  return [p.food, p.style, p.pack, p.method, p.form, p.id, p.foods.join(' '), p.own ? 'own' : ''].join(' ');
}

export const sourceOf = (library: Library, id: string): string => {
  const source = library.sources.find((s) => s.id === id);
  return source ? (source.place ? `${source.place}` : source.title) : id;
};

/** Minutes by band as a row, or minutes with its psi. */
export function rowWords(jar: ProcessEntry['jars'][number]): string {
  if (jar.bands.length > 0) {
    return jar.bands.map((b) => b.minutes).join(' / ');
  }
  const psi = [...jar.dialPsi, ...jar.weightedPsi].filter((p) => p != null);
  const span = psi.length === 0 ? '' : `, ${Math.min(...psi)} to ${Math.max(...psi)} psi`;
  return `${jar.minutes} min${span}`;
}

/** One mark for a process: the least proofread of its rows. */
export function proofOf(p: ProcessEntry): string {
  const states = p.jars.map((j) => j.proof);
  return states.includes('unread') ? 'unread' : (states[0] ?? 'unread');
}
