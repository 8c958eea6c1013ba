import { Button, Stack, TextField } from '@mui/material';
import { useState } from 'react';
import { ProblemLine } from '../../ui/ProblemLine';
import { useSaveSource } from '../guides/queries';

/** A publication the office takes a process or recipe from. */
export function SourceForm({ onDone }: { onDone: () => void }) {
  const save = useSaveSource();
  const [id, setId] = useState('');
  const [title, setTitle] = useState('');
  const [edition, setEdition] = useState('');
  const [place, setPlace] = useState('');
  return (
    <Stack spacing={1.5}>
      <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
        <TextField
          required
          size="small"
          label="Short name"
          value={id}
          onChange={(e) => setId(e.target.value)}
        />
        <TextField
          required
          size="small"
          label="Title as cited"
          sx={{ minWidth: 320 }}
          value={title}
          onChange={(e) => setTitle(e.target.value)}
        />
        <TextField
          size="small"
          label="Edition or year"
          value={edition}
          onChange={(e) => setEdition(e.target.value)}
        />
        <TextField
          size="small"
          label="Page or section"
          value={place}
          onChange={(e) => setPlace(e.target.value)}
        />
        <Button
          variant="contained"
          disabled={!id.trim() || !title.trim() || save.isPending}
          onClick={() =>
            save.mutate(
              { id: id.trim(), title: title.trim(), edition, place, own: true },
              { onSuccess: onDone },
            )
          }
        >
          Save the source
        </Button>
      </Stack>
      <ProblemLine error={save.error} />
    </Stack>
  );
}
