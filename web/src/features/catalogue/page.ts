import { codes, type Code } from '../../api/codes';

const known = new Set<string>(codes);

export const isCode = (code: string): code is Code => known.has(code);

/** The page of a check; of all checks for a code this client does not know. */
export const checkPage = (code: string): string =>
  isCode(code) ? `/guides/checks?code=${code}` : '/guides/checks';
