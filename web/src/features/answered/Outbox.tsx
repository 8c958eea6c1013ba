import { Box, Button, Paper, Typography } from '@mui/material';
import { useState } from 'react';
import type { OutboxLine } from '../../api/client';
import { useOutbox } from '../../api/queries';
import { ProblemLine } from '../../ui/ProblemLine';
import { when } from '../../ui/words';

function Letter({ line }: { line: OutboxLine }) {
  const [open, setOpen] = useState(false);
  return (
    <Paper component="article" aria-label={line.subject} sx={{ p: 1.5, mb: 1.25 }}>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'baseline', flexWrap: 'wrap' }}>
        <Typography sx={{ fontWeight: 600, flex: 1 }}>{line.subject}</Typography>
        <Button size="small" aria-expanded={open} onClick={() => setOpen((o) => !o)}>
          {open ? 'Fold' : 'Show the message'}
        </Button>
      </Box>
      <Typography sx={{ color: 'text.secondary', fontSize: '0.93rem' }}>
        to {line.recipient}, {when(line.writtenAt)}
      </Typography>
      {open && (
        <Box component="pre" sx={{ whiteSpace: 'pre-wrap', overflowWrap: 'anywhere', fontSize: '0.85rem' }}>
          {line.message}
        </Box>
      )}
    </Paper>
  );
}

/** What would go out by mail. */
export function Outbox() {
  const outbox = useOutbox();
  return (
    <Box sx={{ maxWidth: 900, mx: 'auto' }}>
      <Typography variant="h1">Outbox</Typography>
      <Typography sx={{ mb: 1.5 }}>
        {outbox.data?.way
          ? `Letters as they went to the mail server ${outbox.data.way}.`
          : 'Letters as they would go out by mail. Nothing leaves this machine.'}
      </Typography>
      <ProblemLine error={outbox.error} />
      {outbox.data?.letters.map((l) => (
        <Letter key={l.id} line={l} />
      ))}
      {outbox.data?.letters.length === 0 && (
        <Paper sx={{ p: 2 }}>
          <Typography>No letter has been sent yet.</Typography>
        </Paper>
      )}
    </Box>
  );
}
