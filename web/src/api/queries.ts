import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { api, ok, type Assertion, type CaseView, type Details, type Edit } from './client';

export const keys = {
  session: ['session'] as const,
  incoming: ['incoming'] as const,
  case: (id: string) => ['case', id] as const,
  reply: (id: string) => ['reply', id] as const,
  desk: (id: string) => ['desk', id] as const,
  colleagues: ['colleagues'] as const,
  snippets: ['office', 'snippets'] as const,
  office: ['office'] as const,
  people: ['people'] as const,
  answersOf: (id: string) => ['answers', id] as const,
  shelf: (q: string) => ['shelf', q] as const,
  outbox: ['outbox'] as const,
  corrections: (id: string, part: number, reviewedAt: string) =>
    ['corrections', id, part, reviewedAt] as const,
  trial: (id: string, part: number, reviewedAt: string, edits: Edit[], altitudeFt: number | null) =>
    ['trial', id, part, reviewedAt, edits, altitudeFt] as const,
  places: (q: string) => ['places', q] as const,
};

export const useSession = () =>
  useQuery({
    queryKey: keys.session,
    queryFn: () => ok(api.GET('/api/session')),
    retry: false,
    staleTime: 60_000,
  });

export const useSignIn = () => {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: { username: string; password: string }) => ok(api.POST('/api/session', { body })),
    onSuccess: (person) => {
      client.setQueryData(keys.session, person);
    },
  });
};

export const useSignOut = () => {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => ok(api.DELETE('/api/session')),
    onSuccess: () => {
      client.clear();
      window.location.assign('/sign-in');
    },
  });
};

export const useColleagues = () =>
  useQuery({
    queryKey: keys.colleagues,
    queryFn: () => ok(api.GET('/api/colleagues')),
    staleTime: 60_000,
  });

/** Every check there is; it changes only with the engine. */
export const useCatalogue = () =>
  useQuery({
    queryKey: ['catalogue'],
    queryFn: () => ok(api.GET('/api/catalogue')),
    staleTime: Infinity,
  });

export const usePlaces = (q: string) =>
  useQuery({
    queryKey: keys.places(q),
    queryFn: () => ok(api.GET('/api/places', { params: { query: { q } } })),
    enabled: q.trim().length > 0,
    staleTime: Infinity,
  });

export const useOpenCase = () =>
  useMutation({
    mutationFn: (body: { text: string; details: Details }) => ok(api.POST('/api/cases', { body })),
  });

export const useCase = (id: string) =>
  useQuery({
    queryKey: keys.case(id),
    queryFn: () => ok(api.GET('/api/cases/{id}', { params: { path: { id } } })),
  });

/** What can be done about one recipe of the letter, as it was last reviewed. */
export const useCorrections = (id: string, part: number, reviewedAt: string) =>
  useQuery({
    queryKey: keys.corrections(id, part, reviewedAt),
    queryFn: () => ok(api.GET('/api/cases/{id}/corrections', { params: { path: { id }, query: { part } } })),
  });

/** The recipe with edits tried on it, reviewed; the last answer stays on the screen while the hand moves. */
export const useTrial = (
  id: string,
  part: number,
  reviewedAt: string,
  edits: Edit[],
  altitudeFt: number | null,
) =>
  useQuery({
    queryKey: keys.trial(id, part, reviewedAt, edits, altitudeFt),
    queryFn: () =>
      ok(api.POST('/api/cases/{id}/trial', { params: { path: { id } }, body: { edits, altitudeFt, part } })),
    placeholderData: keepPreviousData,
    gcTime: 30_000,
  });

/** The corrected recipe on one page; refused unless it is sound as it is written there. */
export const useCard = (id: string, part: number, edits: Edit[]) =>
  useQuery({
    queryKey: ['card', id, part, edits],
    queryFn: () =>
      ok(
        api.POST('/api/cases/{id}/card', {
          params: { path: { id } },
          body: { edits, altitudeFt: null, part },
        }),
      ),
    retry: false,
  });

function useCaseChange<T>(id: string, change: (given: T) => Promise<CaseView>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: change,
    onSuccess: (view) => {
      client.setQueryData(keys.case(id), view);
      void client.invalidateQueries({ queryKey: keys.incoming });
      void client.invalidateQueries({ queryKey: keys.reply(id) });
      void client.invalidateQueries({ queryKey: keys.desk(id) });
    },
  });
}

/** One assertion after the other; the last answer has them all. */
export const useAssert = (id: string) =>
  useCaseChange<Assertion[]>(id, async (said) => {
    let view: CaseView | undefined;
    for (const body of said) {
      view = await ok(api.POST('/api/cases/{id}/assertions', { params: { path: { id } }, body }));
    }
    if (!view) {
      throw new Error('Nothing was said.');
    }
    return view;
  });

export const useTakeBack = (id: string) =>
  useCaseChange<{ field: Assertion['field']; start: number | null }>(id, ({ field, start }) =>
    ok(
      api.DELETE('/api/cases/{id}/assertions/{field}', {
        params: { path: { id, field }, query: start == null ? {} : { start } },
      }),
    ),
  );

export const useReviewAgain = (id: string) =>
  useCaseChange<null>(id, () => ok(api.POST('/api/cases/{id}/review', { params: { path: { id } } })));

export const useDescribe = (id: string) =>
  useCaseChange<{ version: number; details: Details }>(id, (body) =>
    ok(api.PUT('/api/cases/{id}', { params: { path: { id } }, body })),
  );

/** The answers given to a case, the newest first. */
export const useAnswersOf = (id: string) =>
  useQuery({
    queryKey: keys.answersOf(id),
    queryFn: () => ok(api.GET('/api/cases/{id}/answers', { params: { path: { id } } })),
  });

/** Signed answers that stand. */
export const useShelf = (q: string) =>
  useQuery({
    queryKey: keys.shelf(q),
    queryFn: () => ok(api.GET('/api/answers', { params: { query: { q } } })),
    placeholderData: keepPreviousData,
  });

export const useOutbox = () => useQuery({ queryKey: keys.outbox, queryFn: () => ok(api.GET('/api/outbox')) });

function useAnswerChange<T>(caseId: string, change: (given: T) => Promise<unknown>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: change,
    onSuccess: () => {
      void client.invalidateQueries({ queryKey: keys.answersOf(caseId) });
      void client.invalidateQueries({ queryKey: ['shelf'] });
      void client.invalidateQueries({ queryKey: keys.outbox });
      void client.invalidateQueries({ queryKey: keys.incoming });
    },
  });
}

export const useSign = (caseId: string) => {
  const client = useQueryClient();
  const sign = useAnswerChange(caseId, (body: { version: number; asItStands: boolean }) =>
    ok(api.POST('/api/cases/{id}/sign', { params: { path: { id: caseId } }, body })),
  );
  // refused because something has changed: the page shows what
  const { isError } = sign;
  useEffect(() => {
    if (isError) {
      void client.invalidateQueries({ queryKey: keys.reply(caseId) });
    }
  }, [isError, client, caseId]);
  return sign;
};

export const useReopen = (caseId: string) =>
  useAnswerChange(caseId, (given: { id: string; why: string }) =>
    ok(
      api.POST('/api/answers/{id}/reopen', {
        params: { path: { id: given.id } },
        body: { why: given.why },
      }),
    ),
  );

export const useSend = (caseId: string) =>
  useAnswerChange(caseId, (given: { id: string; to: string }) =>
    ok(api.POST('/api/answers/{id}/send', { params: { path: { id: given.id } }, body: { to: given.to } })),
  );
