import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, ok } from '../../api/client';

export const useSeason = (from: string, to: string) =>
  useQuery({
    queryKey: ['season', from, to],
    queryFn: () => ok(api.GET('/api/season', { params: { query: { from, to } } })),
    placeholderData: keepPreviousData,
    retry: false,
  });
