import { Box, Button, Paper, Stack, TextField, Typography } from '@mui/material';
import { useState } from 'react';
import type { Snippet } from '../../api/client';
import { useSession } from '../../api/queries';
import { tones } from '../../theme/theme';
import { ProblemLine } from '../../ui/ProblemLine';
import { useSnippets } from '../reply/queries';
import { Transfer } from './Transfer';
import { useKeepSnippet, useOffice, useRemoveSnippet, useSetOffice } from './queries';

const blank: Snippet = { id: '', title: '', english: '', spanish: '' };

function Phrase({ snippet, may, onDone }: { snippet: Snippet; may: boolean; onDone?: () => void }) {
  const [draft, setDraft] = useState(snippet);
  const keep = useKeepSnippet();
  const remove = useRemoveSnippet();
  const set = (part: Partial<Snippet>) => setDraft((d) => ({ ...d, ...part }));
  return (
    <Paper component="article" aria-label={snippet.title || 'New phrase'} sx={{ p: 1.5, mb: 1.25 }}>
      <Stack spacing={1}>
        <TextField
          size="small"
          label="Title"
          value={draft.title}
          disabled={!may}
          onChange={(e) => set({ title: e.target.value })}
        />
        <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: { md: '1fr 1fr' } }}>
          <TextField
            label="In English"
            multiline
            minRows={2}
            value={draft.english}
            disabled={!may}
            onChange={(e) => set({ english: e.target.value })}
          />
          <TextField
            label="In Spanish"
            multiline
            minRows={2}
            value={draft.spanish}
            disabled={!may}
            onChange={(e) => set({ spanish: e.target.value })}
          />
        </Box>
        {may && (
          <Stack direction="row" spacing={1}>
            <Button
              variant="outlined"
              disabled={keep.isPending || draft.title.trim() === ''}
              onClick={() => keep.mutate(draft, { onSuccess: onDone })}
            >
              Keep
            </Button>
            {snippet.id !== '' && (
              <Button color="error" onClick={() => remove.mutate(snippet.id)}>
                Remove
              </Button>
            )}
            {keep.isSuccess && (
              <Typography role="status" sx={{ color: tones.met, alignSelf: 'center' }}>
                Kept.
              </Typography>
            )}
          </Stack>
        )}
        <ProblemLine error={keep.error ?? remove.error} />
      </Stack>
    </Paper>
  );
}

function Settings({ name, mailFrom }: { name: string; mailFrom: string }) {
  const set = useSetOffice();
  const [ours, setOurs] = useState(name);
  const [from, setFrom] = useState(mailFrom);
  return (
    <Paper sx={{ p: 2, mb: 2 }}>
      <Stack
        component="form"
        direction={{ xs: 'column', md: 'row' }}
        spacing={1}
        onSubmit={(e) => {
          e.preventDefault();
          set.mutate({ name: ours, mailFrom: from });
        }}
      >
        <TextField
          size="small"
          fullWidth
          label="Name of the office"
          value={ours}
          onChange={(e) => setOurs(e.target.value)}
        />
        <TextField
          size="small"
          fullWidth
          type="email"
          required
          label="Letters come from"
          value={from}
          onChange={(e) => setFrom(e.target.value)}
        />
        <Button type="submit" variant="outlined" disabled={set.isPending}>
          Keep
        </Button>
      </Stack>
      <ProblemLine error={set.error} />
    </Paper>
  );
}

/** The office's settings and its own phrases. */
export function OfficePage() {
  const session = useSession();
  const office = useOffice();
  const snippets = useSnippets();
  const [adding, setAdding] = useState(false);
  const lead = session.data?.role === 'LEAD';
  const may = session.data?.role !== 'VOLUNTEER';
  return (
    <Box sx={{ maxWidth: 900, mx: 'auto' }}>
      <Typography variant="h1" sx={{ mb: 1.5 }}>
        Office
      </Typography>
      <ProblemLine error={office.error ?? snippets.error} />
      {office.data &&
        (lead ? (
          <Settings name={office.data.name} mailFrom={office.data.mailFrom} />
        ) : (
          <Typography sx={{ mb: 2 }}>
            {office.data.name ? `${office.data.name}. ` : 'The office has no name yet. '}Letters come from{' '}
            {office.data.mailFrom}. The lead changes this.
          </Typography>
        ))}
      <Transfer />
      <Stack direction="row" sx={{ alignItems: 'center', mb: 1 }}>
        <Typography variant="h2" sx={{ flex: 1 }}>
          Phrases for letters
        </Typography>
        {may && !adding && (
          <Button variant="outlined" onClick={() => setAdding(true)}>
            New phrase
          </Button>
        )}
      </Stack>
      {adding && <Phrase snippet={blank} may onDone={() => setAdding(false)} />}
      {snippets.data?.map((s) => (
        <Phrase key={s.id} snippet={s} may={may} />
      ))}
      {snippets.data?.length === 0 && !adding && (
        <Paper sx={{ p: 2 }}>
          <Typography>No phrase yet. One you write here can be put into any letter.</Typography>
        </Paper>
      )}
    </Box>
  );
}
