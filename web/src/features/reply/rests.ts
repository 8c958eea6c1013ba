import type { Passage } from '../../api/client';

export interface Rest {
  /** the first words of the lines that rest on it */
  words: string;
  /** null for the educator's own words */
  origin: Passage['origin'] | null;
}

/** The letter's passages in one text, as the server joins them. */
export function join(passages: Passage[]): string {
  return passages.map((p, n) => (n === 0 ? '' : p.tight ? '\n' : '\n\n') + p.text).join('') + '\n';
}

/** Each line of the letter and what it rests on; neighbours with one origin stand together. */
export function rests(letter: string, passages: Passage[]): Rest[] {
  const origins = new Map<string, Passage['origin']>();
  for (const passage of passages) {
    for (const line of passage.text.split('\n')) {
      if (!origins.has(line.trim())) {
        origins.set(line.trim(), passage.origin);
      }
    }
  }
  const found: Rest[] = [];
  for (const line of letter.split('\n').map((l) => l.trim())) {
    if (line === '') {
      continue;
    }
    const origin = origins.get(line) ?? null;
    const last = found[found.length - 1];
    if (!last || last.origin?.kind !== origin?.kind || last.origin?.id !== origin?.id) {
      found.push({ words: line, origin });
    }
  }
  return found;
}

const words: Record<Passage['origin']['kind'], string> = {
  CALL: 'the call',
  JARS: 'the advice on jars made',
  FINDING: 'a finding',
  QUESTION: 'a question',
  ROW: 'the guide',
  CORRECTION: 'the corrected recipe',
  INSTEAD: 'what can be made instead',
  STANDING: 'said in every letter',
};

export function originWords(origin: Passage['origin'] | null): string {
  if (origin === null) {
    return 'your own words';
  }
  return origin.id && origin.kind !== 'CORRECTION'
    ? `${words[origin.kind]}: ${origin.id}`
    : words[origin.kind];
}
