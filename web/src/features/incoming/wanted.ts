/** Which cases somebody wants to see; what is left out does not narrow. */
export interface Wanted {
  q?: string;
  state?: string;
  call?: string;
  assigned?: string;
  tag?: string;
  within?: boolean;
  due?: boolean;
  page?: number;
}

/** What stands in the address, so that a list can be kept, sent and gone back to. */
export function fromAddress(search: URLSearchParams): Wanted {
  const wanted: Wanted = {};
  for (const key of ['q', 'state', 'call', 'assigned', 'tag'] as const) {
    const value = search.get(key);
    if (value) {
      wanted[key] = value;
    }
  }
  if (search.get('within') === 'true') {
    wanted.within = true;
  }
  if (search.get('due') === 'true') {
    wanted.due = true;
  }
  const page = Number(search.get('page'));
  if (Number.isInteger(page) && page > 0) {
    wanted.page = page;
  }
  return wanted;
}

/** The same as an address; a change of what is wanted begins at the first page again. */
export function toAddress(wanted: Wanted): Record<string, string> {
  return Object.fromEntries(
    Object.entries(wanted)
      .filter(([, value]) => value !== undefined && value !== '' && value !== false && value !== 0)
      .map(([key, value]) => [key, String(value)]),
  );
}

/** Today, as a date of this place. */
export const today = (now: Date = new Date()): string =>
  `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, '0')}-${String(now.getDate()).padStart(2, '0')}`;
