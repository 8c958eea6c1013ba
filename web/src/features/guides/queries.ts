import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, ok, type ProcessEntry, type RecipeEntry, type SourceEntry } from '../../api/client';

export const guideKeys = {
  all: ['guide'] as const,
  library: ['guide', 'library'] as const,
  scaled: (id: string, by: object) => ['guide', 'scaled', id, by] as const,
  rows: ['guide', 'rows'] as const,
  row: (row: string) => ['guide', 'row', row] as const,
  phone: (q: string) => ['guide', 'phone', q] as const,
  calls: ['guide', 'calls'] as const,
};

export const useLibrary = () =>
  useQuery({
    queryKey: guideKeys.library,
    queryFn: () => ok(api.GET('/api/guide/library')),
    staleTime: 60_000,
  });

export type ScaleBy =
  | { factor: number }
  | { line: number; have: number; unit: 'POUND' | 'OUNCE' | 'CUP' | 'QUART' | 'EACH' | 'KILOGRAM' | 'GRAM' };

export const useScaled = (id: string, by: ScaleBy) =>
  useQuery({
    queryKey: guideKeys.scaled(id, by),
    queryFn: () => ok(api.GET('/api/guide/recipes/{id}/scaled', { params: { path: { id }, query: by } })),
    placeholderData: (before) => before,
    retry: false,
  });

export const useRows = () =>
  useQuery({ queryKey: guideKeys.rows, queryFn: () => ok(api.GET('/api/guide/rows')) });

export const useRow = (row: string | null) =>
  useQuery({
    queryKey: guideKeys.row(row ?? ''),
    queryFn: () => ok(api.GET('/api/guide/rows/one', { params: { query: { row: row ?? '' } } })),
    enabled: row !== null,
  });

/** Anything that changes the guide makes everything read from it stale. */
function useGuideChange<T, R>(change: (given: T) => Promise<R>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: change,
    onSuccess: () => client.invalidateQueries({ queryKey: guideKeys.all }),
  });
}

export const useReadRow = () =>
  useGuideChange((body: { row: string; printed: Record<string, string>; edition: string; page: string }) =>
    ok(api.POST('/api/guide/rows/read', { body })),
  );

export const useSecondRow = () =>
  useGuideChange((row: string) => ok(api.POST('/api/guide/rows/second', { body: { row } })));

export const useWithdrawRow = () =>
  useGuideChange((row: string) => ok(api.POST('/api/guide/rows/withdraw', { body: { row } })));

export const useSaveSource = () =>
  useGuideChange((body: SourceEntry) => ok(api.PUT('/api/guide/own/sources', { body })));

export const useSaveProcess = () =>
  useGuideChange((body: ProcessEntry) => ok(api.PUT('/api/guide/own/processes', { body })));

export const useSaveRecipe = () =>
  useGuideChange((body: RecipeEntry) => ok(api.PUT('/api/guide/own/recipes', { body })));

export const useRemoveOwn = () =>
  useGuideChange((path: { kind: 'SOURCE' | 'PROCESS' | 'RECIPE'; id: string }) =>
    ok(api.DELETE('/api/guide/own/{kind}/{id}', { params: { path } })),
  );

export const useImport = () =>
  useGuideChange((json: string) => ok(api.POST('/api/guide/library', { body: { json } })));

export const usePhone = (q: string) =>
  useQuery({
    queryKey: guideKeys.phone(q),
    queryFn: () => ok(api.GET('/api/phone', { params: { query: { q } } })),
    enabled: q.trim().length > 1,
    placeholderData: (before) => before,
  });

export const useCallCount = () =>
  useQuery({ queryKey: guideKeys.calls, queryFn: () => ok(api.GET('/api/phone/calls')) });

export const useLogCall = () => {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: { words: string; process: string | null; altitudeFt: number | null }) =>
      ok(api.POST('/api/phone/calls', { body })),
    onSuccess: (count) => client.setQueryData(guideKeys.calls, count),
  });
};
