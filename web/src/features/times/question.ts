/** The facets beside the field, as the words they add to the question. */
export interface Facets {
  jar: string;
  pack: string;
  method: string;
  altitude: string;
  unit: 'ft' | 'm';
}

export const noFacets: Facets = { jar: '', pack: '', method: '', altitude: '', unit: 'ft' };

export const jarFacets = ['half-pint', 'pint', 'quart', 'half-gallon'] as const;
export const packFacets = [
  { value: 'hot pack', label: 'hot' },
  { value: 'raw pack', label: 'raw' },
] as const;
export const methodFacets = [
  { value: 'boiling water bath', label: 'boiling water' },
  { value: 'steam canner', label: 'steam' },
  { value: 'dial gauge', label: 'pressure, dial' },
  { value: 'weighted gauge', label: 'pressure, weighted' },
] as const;

/** One question out of the words and the facets. */
export function question(words: string, facets: Facets): string {
  const altitude = /^\d{1,5}$/.test(facets.altitude) ? `${facets.altitude} ${facets.unit}` : '';
  return [words.trim(), facets.jar, facets.pack, facets.method, altitude].filter(Boolean).join(' ');
}

/** The words with a choice added, behind a comma so that a "no" before does not reach it; a choice of the same kind made before gives way. */
export function withChoice(words: string, choice: string, others: string[]): string {
  const kept = others
    .filter((o) => o !== choice)
    .reduce((left, o) => left.replace(new RegExp(`,?\\s${escape(o)}$`), ''), words.trim());
  return `${kept}, ${choice}`;
}

function escape(words: string): string {
  return words.replace(/[.*+?^${}()|[\]\\/-]/g, '\\$&');
}
