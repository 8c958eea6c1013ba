import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, ok, type PersonLine } from '../../api/client';
import { keys } from '../../api/queries';

export const usePeople = () => useQuery({ queryKey: keys.people, queryFn: () => ok(api.GET('/api/people')) });

function usePeopleChange<T, R>(change: (given: T) => Promise<R>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: change,
    onSuccess: () => {
      void client.invalidateQueries({ queryKey: keys.people });
      void client.invalidateQueries({ queryKey: keys.colleagues });
    },
  });
}

export const useInvite = () =>
  usePeopleChange((body: { username: string; displayName: string; role: PersonLine['role'] }) =>
    ok(api.POST('/api/people', { body })),
  );

export const useReset = () =>
  usePeopleChange((username: string) =>
    ok(api.POST('/api/people/{username}/reset', { params: { path: { username } } })),
  );

export const useLeave = () =>
  usePeopleChange((username: string) =>
    ok(api.POST('/api/people/{username}/leave', { params: { path: { username } } })),
  );

export const useChangePerson = () =>
  usePeopleChange((given: { username: string; displayName: string; role: PersonLine['role'] }) =>
    ok(
      api.PUT('/api/people/{username}', {
        params: { path: { username: given.username } },
        body: { displayName: given.displayName, role: given.role },
      }),
    ),
  );

export const useWelcome = () =>
  useMutation({
    mutationFn: (body: { code: string; password: string }) => ok(api.POST('/api/welcome', { body })),
  });
