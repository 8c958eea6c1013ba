import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, ok } from '../../api/client';
import { keys } from '../../api/queries';
import type { Wanted } from './wanted';

/** A page of cases, the most urgent first. */
export const useCases = (wanted: Wanted) =>
  useQuery({
    queryKey: [...keys.incoming, wanted],
    queryFn: () => ok(api.GET('/api/cases', { params: { query: wanted } })),
    placeholderData: keepPreviousData,
    refetchInterval: 60_000,
  });

const SETTLES_AFTER = 250;

/** What is wanted, a moment after the last key: the server is not asked for every letter typed. */
export function useSettled(wanted: Wanted): Wanted {
  const [settled, setSettled] = useState(wanted);
  const now = JSON.stringify(wanted);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(JSON.parse(now) as Wanted), SETTLES_AFTER);
    return () => clearTimeout(timer);
  }, [now]);
  return settled;
}
