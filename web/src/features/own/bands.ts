import type { JarEntry } from '../../api/client';

export type Band = JarEntry['bands'][number];

/** How the minutes of an own process follow the altitude. */
export type Rule =
  | { kind: 'bands'; minutes: [string, string, string, string] }
  | { kind: 'thousands'; base: string; add: string; endFt: string };

const EDGES = [1000, 3000, 6000, null] as const;

const whole = (text: string): number | null => (/^\d{1,3}$/.test(text.trim()) ? Number(text) : null);

/** The rule as bands, or what is wrong with it in plain words. */
export function bandsOf(rule: Rule): Band[] | string {
  if (rule.kind === 'bands') {
    const minutes = rule.minutes.map(whole);
    if (minutes.some((m) => m === null)) {
      return 'Give the minutes of each band as whole numbers.';
    }
    return EDGES.map((toFt, i) => ({ toFt, minutes: minutes[i] ?? 0 }));
  }
  const base = whole(rule.base);
  const add = whole(rule.add);
  const end = /^\d{4,5}$/.test(rule.endFt.trim()) ? Number(rule.endFt) : null;
  if (base === null || add === null) {
    return 'Give the minutes to 1,000 ft and the minutes to add for each 1,000 ft as whole numbers.';
  }
  if (end === null || end % 1000 !== 0 || end > 16_000) {
    return 'Say up to what altitude the leaflet goes, in whole thousands of feet.';
  }
  return Array.from({ length: end / 1000 }, (_, i) => ({ toFt: (i + 1) * 1000, minutes: base + i * add }));
}

/** A name as an id: lower case, words joined by hyphens. */
export function idOf(name: string): string {
  return name
    .toLowerCase()
    .normalize('NFD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '');
}

/** Lines "3 cup | vinegar | acid" as the recipe form takes them. */
export function linesOf(
  text: string,
): { quantity: string; unit: string; item: string; role: string; note: string }[] | string {
  const lines = [];
  for (const line of text.split('\n').filter((l) => l.trim())) {
    const [amount = '', item = '', role = '', note = ''] = line.split('|').map((p) => p.trim());
    const match = /^([\d.]+(?:-[\d.]+)?)\s*([A-Za-z]*)$/.exec(amount);
    if (!match || !item || !role) {
      return `“${line.trim()}” is not read: write amount | item | role, as in 3 cup | vinegar | acid.`;
    }
    lines.push({ quantity: match[1] ?? '', unit: match[2] || 'each', item, role, note });
  }
  return lines.length > 0 ? lines : 'Write at least one ingredient line.';
}
