import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, ok, type DeskView } from '../../api/client';
import { keys } from '../../api/queries';

const fileKeys = {
  messages: (id: string) => ['messages', id] as const,
  photos: (id: string) => ['photos', id] as const,
  presence: (id: string, room: string) => ['presence', id, room] as const,
  setAside: (id: string) => ['set-aside', id] as const,
};

/** Whose the case is, its tags, and what lies beside it. */
export const useDesk = (id: string) =>
  useQuery({
    queryKey: keys.desk(id),
    queryFn: () => ok(api.GET('/api/cases/{id}/desk', { params: { path: { id } } })),
  });

function useDeskChange<T>(id: string, change: (given: T) => Promise<DeskView>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: change,
    onSuccess: (desk) => {
      client.setQueryData(keys.desk(id), desk);
      void client.invalidateQueries({ queryKey: keys.incoming });
    },
  });
}

export const useKeepDesk = (id: string) =>
  useDeskChange(id, (body: { assignedTo: string | null; followUp: string | null; tags: string[] }) =>
    ok(api.PUT('/api/cases/{id}/desk', { params: { path: { id } }, body })),
  );

export const useSeen = (id: string) =>
  useDeskChange(id, () => ok(api.POST('/api/cases/{id}/desk/seen', { params: { path: { id } } })));

export const useMessages = (id: string) =>
  useQuery({
    queryKey: fileKeys.messages(id),
    queryFn: () => ok(api.GET('/api/cases/{id}/messages', { params: { path: { id } } })),
  });

export const useTakeIn = (id: string) => {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: { words: string; readWithRecipe: boolean }) =>
      ok(api.POST('/api/cases/{id}/messages', { params: { path: { id } }, body })),
    onSuccess: (messages) => {
      client.setQueryData(fileKeys.messages(id), messages);
      void client.invalidateQueries({ queryKey: keys.case(id) });
      void client.invalidateQueries({ queryKey: keys.desk(id) });
      void client.invalidateQueries({ queryKey: keys.reply(id) });
    },
  });
};

export const usePhotos = (id: string) =>
  useQuery({
    queryKey: fileKeys.photos(id),
    queryFn: () => ok(api.GET('/api/cases/{id}/photos', { params: { path: { id } } })),
  });

export const useAddPhoto = (id: string) => {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (file: File) => {
      const form = new FormData();
      form.set('photo', file);
      return ok(
        api.POST('/api/cases/{id}/photos', {
          params: { path: { id } },
          // the form is sent as it is; the generated type only knows its one field
          body: form as unknown as { photo: string },
          bodySerializer: (body) => body as unknown as FormData,
        }),
      );
    },
    onSuccess: (photos) => client.setQueryData(fileKeys.photos(id), photos),
  });
};

export const useRemovePhoto = (id: string) => {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (photo: string) =>
      ok(api.DELETE('/api/cases/{id}/photos/{photo}', { params: { path: { id, photo } } })),
    onSuccess: () => client.invalidateQueries({ queryKey: fileKeys.photos(id) }),
  });
};

/** Says every few seconds that we have the case open, and hears who else has. */
export const usePresence = (id: string, room: 'REVIEW' | 'REPLY') =>
  useQuery({
    queryKey: fileKeys.presence(id, room),
    queryFn: () => ok(api.POST('/api/cases/{id}/presence', { params: { path: { id } }, body: { room } })),
    refetchInterval: 15_000,
    retry: false,
  });

export const useSetAsides = (id: string) =>
  useQuery({
    queryKey: fileKeys.setAside(id),
    queryFn: () => ok(api.GET('/api/cases/{id}/set-aside', { params: { path: { id } } })),
  });

export const useSetAside = (id: string) => {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: { code: string; title: string; quote: string; reason: string }) =>
      ok(api.POST('/api/cases/{id}/set-aside', { params: { path: { id } }, body })),
    onSuccess: (all) => {
      client.setQueryData(fileKeys.setAside(id), all);
      void client.invalidateQueries({ queryKey: keys.reply(id) });
    },
  });
};

export const useTakeBackSetAside = (id: string) => {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (setAside: string) =>
      ok(api.DELETE('/api/cases/{id}/set-aside/{setAside}', { params: { path: { id, setAside } } })),
    onSuccess: (all) => {
      client.setQueryData(fileKeys.setAside(id), all);
      void client.invalidateQueries({ queryKey: keys.reply(id) });
    },
  });
};
