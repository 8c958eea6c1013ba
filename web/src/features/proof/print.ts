import type { RowView } from '../../api/client';

/** What was typed and is not what the guide ships. */
export function differing(
  figures: RowView['figures'],
  typed: Record<string, string>,
): Record<string, string> {
  return Object.fromEntries(
    figures.flatMap((f) => {
      const value = typed[f.column]?.trim() ?? '';
      return value !== '' && value !== f.shipped ? [[f.column, value]] : [];
    }),
  );
}

const KEY = 'oilcloth.printed-edition';

/** The edition lies on the desk for many rows: it is typed once. */
export const rememberedPrint = (): string => localStorage.getItem(KEY) ?? '';
export const rememberPrint = (edition: string): void => localStorage.setItem(KEY, edition.trim());
