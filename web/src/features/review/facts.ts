import type { Assertion, Review } from '../../api/client';
import { feet, inches, methodWord } from '../../ui/words';

/** A fact as read, and how it may be corrected. */
export interface Fact {
  field: Assertion['field'];
  name: string;
  shown: string;
  unit: string | null;
  choices: { value: string; label: string }[] | null;
}

const choices = (values: string[], label = (v: string) => v) =>
  values.map((v) => ({ value: v, label: label(v) }));

/** What the text states besides its ingredients. */
export function factsOf(review: Pick<Review, 'stated' | 'altitudeFt'>): Fact[] {
  const s = review.stated;
  const headspace =
    s.headspaceLeastIn == null || s.headspaceMostIn == null
      ? 'not said'
      : s.headspaceLeastIn === s.headspaceMostIn
        ? inches(s.headspaceLeastIn)
        : `${inches(s.headspaceLeastIn)} to ${inches(s.headspaceMostIn)}`;
  return [
    {
      field: 'METHOD',
      name: 'Canner',
      shown: s.method ? (methodWord[s.method] ?? s.method) : 'not said',
      unit: null,
      choices: choices(['boiling-water', 'steam', 'pressure', 'open-kettle'], (m) => methodWord[m] ?? m),
    },
    {
      field: 'JAR',
      name: 'Jar',
      shown: s.jar ?? 'not said',
      unit: null,
      choices: choices(['half-pint', '12-oz', 'pint', 'pint-and-half', 'quart', 'half-gallon']),
    },
    {
      field: 'MINUTES',
      name: 'Minutes',
      shown: s.minutes == null ? 'not said' : String(s.minutes),
      unit: 'minutes',
      choices: null,
    },
    {
      field: 'PSI',
      name: 'Pressure',
      shown: s.psi == null ? 'not said' : `${s.psi} psi`,
      unit: 'psi',
      choices: null,
    },
    { field: 'HEADSPACE_INCHES', name: 'Headspace', shown: headspace, unit: 'inches', choices: null },
    { field: 'PACK', name: 'Pack', shown: 'as the text says', unit: null, choices: choices(['hot', 'raw']) },
    {
      field: 'VINEGAR_PERCENT',
      name: 'Vinegar',
      shown: 'as the text says',
      unit: 'per cent acidity',
      choices: null,
    },
    {
      field: 'ALTITUDE_FEET',
      name: 'Altitude',
      shown: review.altitudeFt == null ? 'not said' : feet(review.altitudeFt),
      unit: 'feet',
      choices: null,
    },
  ];
}

/** The value as the server takes it, or null while it is none. */
export function factValue(fact: Fact, typed: string): string | null {
  if (fact.choices) {
    return typed || null;
  }
  const value = typed.replace(',', '.').trim();
  return /^\d+(\.\d+)?$/.test(value) ? value : null;
}
