import type { Details } from '../../api/client';

const FEET_PER_METRE = 3.280839895;

/** The form's own state: what was typed, before it is a number. */
export interface DetailsDraft {
  cannerName: string;
  place: string;
  contact: string;
  language: NonNullable<Details['language']>;
  altitude: string;
  unit: 'ft' | 'm';
  canner: string;
  jars: Details['jars'];
  jarsOut: string;
}

export const blank: DetailsDraft = {
  cannerName: '',
  place: '',
  contact: '',
  language: 'EN',
  altitude: '',
  unit: 'ft',
  canner: '',
  jars: 'NOT_YET',
  jarsOut: '',
};

/** Feet from what was typed, rounded up as the engine does; null for nothing, NaN for nonsense. */
export function altitudeFeet(typed: string, unit: 'ft' | 'm'): number | null {
  const clean = typed.replace(/[,\s]/g, '');
  if (clean === '') {
    return null;
  }
  const value = Number(clean);
  return Math.ceil(unit === 'ft' ? value : value * FEET_PER_METRE - 1e-6);
}

export function toDetails(draft: DetailsDraft): Details {
  return {
    cannerName: draft.cannerName,
    place: draft.place,
    contact: draft.contact,
    language: draft.language,
    altitudeFt: altitudeFeet(draft.altitude, draft.unit),
    canner: (draft.canner || null) as Details['canner'],
    jars: draft.jars,
    jarsOutAt: draft.jars === 'MADE' && draft.jarsOut ? new Date(draft.jarsOut).toISOString() : null,
  };
}

export function toDraft(details: Details): DetailsDraft {
  const out = details.jarsOutAt ? new Date(details.jarsOutAt) : null;
  const local = out
    ? new Date(out.getTime() - out.getTimezoneOffset() * 60_000).toISOString().slice(0, 16)
    : '';
  return {
    cannerName: details.cannerName,
    place: details.place,
    contact: details.contact ?? '',
    language: details.language ?? 'EN',
    altitude: details.altitudeFt == null ? '' : String(details.altitudeFt),
    unit: 'ft',
    canner: details.canner ?? '',
    jars: details.jars,
    jarsOut: local,
  };
}

export function altitudeError(draft: DetailsDraft): string | null {
  const feet = altitudeFeet(draft.altitude, draft.unit);
  if (feet === null) {
    return null;
  }
  return Number.isFinite(feet) && feet >= -1400 && feet <= 16000
    ? null
    : 'An altitude is a number between -1,400 and 16,000 ft.';
}
