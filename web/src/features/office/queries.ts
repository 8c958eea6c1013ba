import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, ok, type Snippet } from '../../api/client';
import { keys } from '../../api/queries';

export const useOffice = () => useQuery({ queryKey: keys.office, queryFn: () => ok(api.GET('/api/office')) });

function useOfficeChange<T>(change: (given: T) => Promise<unknown>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: change,
    onSuccess: () => client.invalidateQueries({ queryKey: keys.office }),
  });
}

export const useSetOffice = () =>
  useOfficeChange((body: { name: string; mailFrom: string }) => ok(api.PUT('/api/office', { body })));

/** A new phrase has an empty id. */
export const useKeepSnippet = () =>
  useOfficeChange(({ id, ...body }: Snippet) =>
    id === ''
      ? ok(api.POST('/api/office/snippets', { body }))
      : ok(api.PUT('/api/office/snippets/{id}', { params: { path: { id } }, body })),
  );

export const useRemoveSnippet = () =>
  useOfficeChange((id: string) => ok(api.DELETE('/api/office/snippets/{id}', { params: { path: { id } } })));
