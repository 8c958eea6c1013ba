import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, ok, type MarkDoc } from '../../api/client';

const practiceKey = ['practice'] as const;

export const useExercises = () =>
  useQuery({ queryKey: practiceKey, queryFn: () => ok(api.GET('/api/practice')) });

export const useExercise = (id: string) =>
  useQuery({
    queryKey: [...practiceKey, id],
    queryFn: () => ok(api.GET('/api/practice/{id}', { params: { path: { id } } })),
    enabled: id !== '',
  });

export const useProgress = (may: boolean) =>
  useQuery({
    queryKey: [...practiceKey, 'progress'],
    queryFn: () => ok(api.GET('/api/practice/progress')),
    enabled: may,
  });

export const useScore = (id: string) => {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: { call: string; marks: MarkDoc[] }) =>
      ok(api.POST('/api/practice/{id}/attempts', { params: { path: { id } }, body })),
    onSuccess: () => client.invalidateQueries({ queryKey: practiceKey, exact: true }),
  });
};

export const useDraftExercise = (caseId: string) =>
  useQuery({
    queryKey: ['practice-draft', caseId],
    queryFn: () => ok(api.GET('/api/practice/from/{caseId}', { params: { path: { caseId } } })),
    enabled: caseId !== '',
    retry: false,
  });

export const useAddExercise = () => {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: { title: string; text: string; altitudeFt: number | null }) =>
      ok(api.POST('/api/practice', { body })),
    onSuccess: () => client.invalidateQueries({ queryKey: practiceKey }),
  });
};
