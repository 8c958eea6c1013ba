import type { PhoneAnswer } from '../../api/client';

/** The figure to read aloud. */
export function figure(a: PhoneAnswer): string {
  if (a.offTable) {
    return 'no figure';
  }
  if (a.minutes == null) {
    const minutes = a.ladder.map((r) => r.minutes);
    return `${Math.min(...minutes)} to ${Math.max(...minutes)} min`;
  }
  return `${a.minutes} min`;
}

/** The pressure beside it, or null for boiling water. */
export function pressure(a: PhoneAnswer): string | null {
  if (a.method !== 'pressure' || a.offTable) {
    return null;
  }
  if (a.psi == null && a.psiWeighted == null) {
    return 'pressure by altitude';
  }
  if (a.psi === a.psiWeighted) {
    return `${a.psi} psi weighted`;
  }
  const dial = a.psi == null ? 'no dial figure' : `${a.psi} psi dial`;
  return a.psiWeighted == null ? dial : `${dial} · ${a.psiWeighted} psi weighted`;
}
