import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, ok, type Language } from '../../api/client';
import { keys } from '../../api/queries';

export interface ToWrite {
  body: string;
  composed: string;
  language: Language;
  byItself: boolean;
  version: number;
}

const get = (id: string) => ok(api.GET('/api/cases/{id}/reply', { params: { path: { id } } }));

export const useReply = (id: string) =>
  useQuery({ queryKey: keys.reply(id), queryFn: () => get(id), refetchOnWindowFocus: false });

/** The draft as somebody else has just saved it. */
export const fetchReply = get;

export const useWriteReply = (id: string) => {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: ToWrite) => ok(api.PUT('/api/cases/{id}/reply', { params: { path: { id } }, body })),
    onSuccess: (reply) => {
      client.setQueryData(keys.reply(id), reply);
      void client.invalidateQueries({ queryKey: keys.incoming });
    },
  });
};

export const fetchComposed = (id: string, language: Language) =>
  ok(api.GET('/api/cases/{id}/reply/composed', { params: { path: { id }, query: { language } } }));

/** Years of school the letter asks for; the last figure stays while somebody types. */
export const useReadability = (text: string, language: Language) =>
  useQuery({
    queryKey: ['readability', language, text],
    queryFn: () => ok(api.POST('/api/readability', { body: { text, language } })),
    placeholderData: keepPreviousData,
    gcTime: 30_000,
    staleTime: Infinity,
  });

export const useSnippets = () =>
  useQuery({
    queryKey: keys.snippets,
    queryFn: () => ok(api.GET('/api/office/snippets')),
    staleTime: 60_000,
  });
