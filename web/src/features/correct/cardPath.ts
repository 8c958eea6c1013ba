import type { Edit } from '../../api/client';

/** The address of a process card: which recipe, with which edits. */
export function cardPath(id: string, part: number, edits: Edit[]): string {
  return `/cases/${id}/card?part=${part}&edits=${encodeURIComponent(JSON.stringify(edits))}`;
}

/** The edits of an address; none where it was cut or changed by hand. */
export function editsOf(search: URLSearchParams): Edit[] {
  try {
    const read: unknown = JSON.parse(search.get('edits') ?? '[]');
    return Array.isArray(read) ? (read as Edit[]) : [];
  } catch {
    return [];
  }
}
