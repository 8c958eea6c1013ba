import { useMutation, useQuery } from '@tanstack/react-query';
import { api, ok, type Asked } from '../../api/client';

/** Asking also brings the token that sending needs. */
export const usePublicOffice = () =>
  useQuery({ queryKey: ['public', 'office'], queryFn: () => ok(api.GET('/api/public/office')) });

export const useAsk = () =>
  useMutation({ mutationFn: (body: Asked) => ok(api.POST('/api/public/questions', { body })) });

export const usePrivateAnswer = (token: string) =>
  useQuery({
    queryKey: ['public', 'answer', token],
    queryFn: () => ok(api.GET('/api/public/answers/{token}', { params: { path: { token } } })),
    refetchInterval: 60_000,
    retry: false,
  });
