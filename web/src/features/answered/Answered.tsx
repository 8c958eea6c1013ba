import { Box, Button, Link, Paper, Typography } from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import type { SignedAnswer as Answer } from '../../api/client';
import { useShelf } from '../../api/queries';
import { serif } from '../../theme/theme';
import { CallBadge } from '../../ui/CallBadge';
import { FindField } from '../../ui/FindField';
import { ProblemLine } from '../../ui/ProblemLine';
import { proofWord, when } from '../../ui/words';

function rows(answer: Answer): [string, string][] {
  try {
    return Object.entries(JSON.parse(answer.rowStates) as Record<string, string>);
  } catch {
    return [];
  }
}

function Shelved({ answer }: { answer: Answer }) {
  const [open, setOpen] = useState(false);
  return (
    <Paper component="article" aria-label={answer.title} sx={{ p: 1.5, mb: 1.25 }}>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'baseline', flexWrap: 'wrap' }}>
        <CallBadge call={answer.call} worst={answer.call} />
        <Link component={RouterLink} to={`/cases/${answer.caseId}`} sx={{ fontWeight: 600, flex: 1 }}>
          {answer.title}
        </Link>
        <Button size="small" aria-expanded={open} onClick={() => setOpen((o) => !o)}>
          {open ? 'Fold' : 'Read the answer'}
        </Button>
      </Box>
      <Typography sx={{ color: 'text.secondary', fontSize: '0.93rem' }}>
        {[answer.cannerName, answer.place].filter(Boolean).join(', ') || 'name not given'} · signed by{' '}
        {answer.signedBy}, {when(answer.signedAt)} ·{' '}
        {answer.sentAt ? `sent to ${answer.sentTo}` : 'not sent from here'} · {answer.guide} · engine{' '}
        {answer.engine}
      </Typography>
      {open && (
        <>
          <Box sx={{ whiteSpace: 'pre-wrap', font: `400 1.02rem/1.6 ${serif}`, mt: 1 }}>{answer.body}</Box>
          <Typography sx={{ mt: 1, fontSize: '0.9rem', color: 'text.secondary' }}>
            It rests on:{' '}
            {rows(answer)
              .map(([row, proof]) => `${row} (${proofWord[proof] ?? proof})`)
              .join('; ') || 'no row of the guide'}
          </Typography>
        </>
      )}
    </Paper>
  );
}

/** The shelf of signed answers: what was said to whom, on which edition. */
export function Answered() {
  const [words, setWords] = useState('');
  const shelf = useShelf(words);
  return (
    <Box sx={{ maxWidth: 900, mx: 'auto' }}>
      <Typography variant="h1" sx={{ mb: 1.5 }}>
        Answered
      </Typography>
      <FindField label="Find an answer" example="okra" value={words} onChange={setWords} />
      <ProblemLine error={shelf.error} />
      <Box sx={{ mt: 1.5 }}>
        {shelf.data?.map((a) => (
          <Shelved key={a.id} answer={a} />
        ))}
        {shelf.data?.length === 0 && (
          <Paper sx={{ p: 2 }}>
            <Typography>
              {words ? 'No signed answer holds these words.' : 'No answer has been signed yet.'}
            </Typography>
          </Paper>
        )}
      </Box>
    </Box>
  );
}
