import { keepPreviousData, useQuery } from '@tanstack/react-query';
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
