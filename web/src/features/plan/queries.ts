import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, ok, type PlanWish } from '../../api/client';

export const usePlan = (wish: PlanWish | null) =>
  useQuery({
    queryKey: ['plan', wish],
    queryFn: () => ok(api.POST('/api/plan', { body: wish as PlanWish })),
    enabled: wish !== null,
    placeholderData: keepPreviousData,
    retry: false,
  });

/** The plan as a calendar, for a file. */
export const fetchCalendar = (wish: PlanWish): Promise<string> =>
  ok(api.POST('/api/plan/calendar', { body: wish, parseAs: 'text' }));

export const useFindCases = (q: string) =>
  useQuery({
    queryKey: ['plan-cases', q],
    queryFn: () => ok(api.GET('/api/cases', { params: { query: { q, state: 'all' } } })),
    enabled: q.trim().length > 2,
  });
