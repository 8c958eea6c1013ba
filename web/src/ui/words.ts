import type { Tone } from '../theme/theme';

export const severityWord: Record<string, string> = {
  danger: 'Danger',
  correct: 'Must correct',
  caution: 'Caution',
  note: 'Note',
  met: 'In order',
};

export const callWord: Record<string, string> = {
  stop: 'Stop',
  correct: 'Correct first',
  ask: 'Ask first',
  sound: 'Sound',
};

export const adviceWord: Record<string, string> = {
  keep: 'Keep',
  refrigerate: 'Refrigerate',
  freeze: 'Freeze',
  reprocess: 'Process again',
  discard: 'Throw out',
  inspect: 'Inspect each jar',
};

export const aspectWord: Record<string, string> = {
  acid: 'Acid',
  ingredients: 'Ingredients',
  method: 'Method',
  time: 'Time',
  headspace: 'Headspace',
  jars: 'Jars',
  after: 'After',
  source: 'Source',
};

export const proofWord: Record<string, string> = {
  unread: 'not yet proofread by this office',
  agrees: 'read against print, agrees',
  overridden: 'printed figure entered by this office',
};

export const methodWord: Record<string, string> = {
  'boiling-water': 'boiling-water canner',
  steam: 'steam canner',
  pressure: 'pressure canner',
  'open-kettle': 'no process',
  'cold-storage': 'kept cold',
};

export function toneOf(state: string): Tone {
  switch (state) {
    case 'stop':
    case 'danger':
      return 'danger';
    case 'correct':
      return 'correct';
    case 'ask':
    case 'open':
      return 'ask';
    case 'caution':
      return 'caution';
    case 'sound':
    case 'met':
      return 'met';
    default:
      return 'note';
  }
}

const eighths = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'];

/** A figure as cooks write it, to the nearest eighth. */
export function fraction(value: number): string {
  const whole = Math.floor(value + 1 / 16);
  const part = eighths[Math.round((value - whole) * 8)] ?? '';
  return `${whole === 0 && part ? '' : whole}${part}`;
}

export const inches = (value: number): string => `${fraction(value)} in`;

/** A phrase of the tables at the head of a line. */
export const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

export const feet = (value: number): string => `${value.toLocaleString('en-US')} ft`;

/** How long ago, in one short word or two. */
export function age(iso: string, now: number = Date.now()): string {
  const minutes = Math.max(0, Math.round((now - Date.parse(iso)) / 60_000));
  if (minutes < 60) {
    return `${minutes} min`;
  }
  const hours = Math.round(minutes / 60);
  return hours < 48 ? `${hours} h` : `${Math.round(hours / 24)} days`;
}

/** Hours and minutes left of the 24 in which a jar may be opened and processed again; null when over. */
export function timeLeft(outIso: string, now: number = Date.now()): string | null {
  const left = Date.parse(outIso) + 24 * 3_600_000 - now;
  if (left <= 0) {
    return null;
  }
  const minutes = Math.floor(left / 60_000);
  return `${Math.floor(minutes / 60)} h ${minutes % 60} min left`;
}

/** "statedCupsPerCupVinegar" → "cups per cup vinegar", for the side of the card it stands on. */
export function figureName(name: string): string {
  return name
    .replace(/^(stated|required|tested)/, '')
    .replace(/([A-Z])/g, ' $1')
    .trim()
    .toLowerCase();
}

/** A figure for a card: fractions for what cooks measure in cups and inches, decimals for the rest. */
export function figureValue(value: unknown, name = ''): string {
  if (typeof value !== 'number') {
    return String(value);
  }
  if (/cup|inch/.test(name)) {
    return fraction(value);
  }
  return value.toLocaleString('en-US', { maximumFractionDigits: 2 });
}

const units: Record<string, [string, string]> = {
  CUP: ['cup', 'cups'],
  QUART: ['quart', 'quarts'],
  PINT: ['pint', 'pints'],
  TABLESPOON: ['Tbsp', 'Tbsp'],
  TEASPOON: ['tsp', 'tsp'],
  POUND: ['lb', 'lb'],
  OUNCE: ['oz', 'oz'],
  EACH: ['', ''],
};

/** The word for a unit of the engine beside a figure. */
export function unitWord(unit: string | null | undefined, figure: number): string {
  const words = units[unit ?? ''] ?? [(unit ?? '').toLowerCase(), (unit ?? '').toLowerCase()];
  return figure > 1 ? words[1] : words[0];
}

/**
 * Until when something has to be done, by the clock of the desk: its letter says the same.
 *
 * @param zone the browser's own where it is not known yet
 */
export const deadline = (iso: string, weekday: 'long' | 'short', zone?: string): string =>
  new Date(iso).toLocaleString([], { weekday, hour: 'numeric', minute: '2-digit', timeZone: zone });

/** A moment as people say it. */
export const when = (iso: string): string =>
  new Date(iso).toLocaleString([], { day: 'numeric', month: 'short', hour: 'numeric', minute: '2-digit' });
