import { Box, Button, Paper, Stack, TextField, Typography } from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink, useParams } from 'react-router';
import type { CaseView, Reply } from '../../api/client';
import { fetchComposed, useAnswersOf, useCase, useReply, useWriteReply } from '../../api/queries';
import { serif } from '../../theme/theme';
import { CallBadge } from '../../ui/CallBadge';
import { ProblemLine } from '../../ui/ProblemLine';
import { age } from '../../ui/words';
import { Signing } from './Signing';

export function ReplyPage() {
  const { id = '' } = useParams();
  const view = useCase(id);
  const reply = useReply(id);
  return (
    <>
      <ProblemLine error={view.error ?? reply.error} />
      {view.data && reply.data && <Letter key={id} view={view.data} reply={reply.data} />}
    </>
  );
}

const draftKey = (id: string) => `oilcloth.reply.${id}`;

/** The letter, composed from the findings, in the educator's hands from then on. */
function Letter({ view, reply }: { view: CaseView; reply: Reply }) {
  // A draft not yet saved survives a reload.
  const [body, setBody] = useState(() => sessionStorage.getItem(draftKey(view.id)) ?? reply.body);
  const [told, setTold] = useState('');
  const [composeError, setComposeError] = useState<Error | null>(null);
  const write = useWriteReply(view.id);
  const dirty = body !== reply.body || !reply.saved;
  const answers = useAnswersOf(view.id);
  const standing = answers.data?.find((a) => a.reopenedAt == null);
  const locked = standing != null;

  const edit = (words: string) => {
    setBody(words);
    setTold('');
    sessionStorage.setItem(draftKey(view.id), words);
  };
  const save = () =>
    write.mutate(
      { body, version: reply.version },
      {
        onSuccess: () => {
          sessionStorage.removeItem(draftKey(view.id));
          setTold('Saved.');
        },
      },
    );
  const compose = async () => {
    try {
      edit((await fetchComposed(view.id)).body);
      setComposeError(null);
    } catch (error) {
      setComposeError(error as Error);
    }
  };
  const copy = async () => {
    await navigator.clipboard.writeText(body);
    setTold('Copied.');
  };

  return (
    <Box sx={{ maxWidth: 860, mx: 'auto' }}>
      <Stack
        direction="row"
        spacing={2}
        className="no-print"
        sx={{ alignItems: 'baseline', mb: 1, flexWrap: 'wrap' }}
        useFlexGap
      >
        <Typography variant="h1" sx={{ flex: 1 }}>
          Reply
        </Typography>
        <CallBadge call={view.review.call} worst={view.review.worstOpen} />
        <Button component={RouterLink} to={`/cases/${view.id}`}>
          Back to the review of {view.title}
        </Button>
      </Stack>
      {answers.data && (
        <Signing caseId={view.id} version={reply.version} dirty={dirty} answers={answers.data} />
      )}
      <Paper className="no-print" sx={{ p: 2 }}>
        <Stack
          direction="row"
          spacing={1}
          sx={{ mb: 1.5, alignItems: 'center', flexWrap: 'wrap' }}
          useFlexGap
        >
          <Button variant="contained" onClick={save} disabled={write.isPending || !dirty || locked}>
            Save
          </Button>
          <Button variant="outlined" onClick={() => void copy()}>
            Copy
          </Button>
          <Button variant="outlined" onClick={() => window.print()}>
            Print
          </Button>
          {!locked && <Button onClick={() => void compose()}>Write it anew from the findings</Button>}
          <Typography role="status" sx={{ color: 'text.secondary', ml: 'auto' }}>
            {told ||
              (reply.saved && reply.editedAt
                ? `Last saved by ${reply.editedBy}, ${age(reply.editedAt)} ago`
                : 'Not saved yet')}
          </Typography>
        </Stack>
        <TextField
          label="The letter"
          value={body}
          onChange={(e) => edit(e.target.value)}
          multiline
          minRows={18}
          fullWidth
          slotProps={{
            htmlInput: {
              readOnly: locked,
              style: { fontFamily: serif, lineHeight: 1.6, fontSize: '1.05rem' },
            },
          }}
        />
        <ProblemLine error={write.error ?? composeError ?? answers.error} />
      </Paper>

      <Box
        sx={{
          display: 'none',
          '@media print': {
            display: 'block',
            whiteSpace: 'pre-wrap',
            fontFamily: serif,
            fontSize: '12pt',
            lineHeight: 1.5,
          },
        }}
      >
        {body}
      </Box>
    </Box>
  );
}
