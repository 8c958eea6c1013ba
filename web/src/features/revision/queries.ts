import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, ok } from '../../api/client';
import { keys } from '../../api/queries';

const runKey = (run: string) => ['revision', run] as const;

/** Every change of the guide; while one is being rechecked its progress is asked for every two seconds. */
export const useRuns = () =>
  useQuery({
    queryKey: ['revisions'],
    queryFn: () => ok(api.GET('/api/revisions')),
    refetchInterval: (query) => (query.state.data?.some((r) => r.finishedAt == null) ? 2_000 : 20_000),
  });

export const useChanges = (run: string, done: number) =>
  useQuery({
    queryKey: [...runKey(run), done],
    queryFn: () => ok(api.GET('/api/revisions/{run}', { params: { path: { run } } })),
  });

export const useDraftCorrection = (run: string) => {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) =>
      ok(api.POST('/api/revisions/{run}/cases/{id}/letter', { params: { path: { run, id } } })),
    onSuccess: (_, id) => {
      void client.invalidateQueries({ queryKey: runKey(run) });
      void client.invalidateQueries({ queryKey: keys.case(id) });
      void client.invalidateQueries({ queryKey: keys.reply(id) });
      void client.invalidateQueries({ queryKey: keys.answersOf(id) });
      void client.invalidateQueries({ queryKey: keys.incoming });
    },
  });
};
