import { Alert, Box, Button, Link, Paper, Stack, Typography } from '@mui/material';
import { useParams } from 'react-router';
import { serif } from '../../theme/theme';
import { ProblemLine } from '../../ui/ProblemLine';
import { when } from '../../ui/words';
import { PublicFrame } from './PublicFrame';
import { usePrivateAnswer } from './queries';
import { askWords } from './words';

/** Where a canner reads the signed reply; the secret address is all that leads here. */
export function PrivateAnswerPage() {
  const { token = '' } = useParams();
  const answer = usePrivateAnswer(token);
  const words = askWords[answer.data?.language ?? 'EN'];
  return (
    <PublicFrame language={(answer.data?.language ?? 'EN').toLowerCase()}>
      <ProblemLine error={answer.error} />
      {answer.data && (
        <Paper sx={{ p: 2.5, '@media print': { border: 'none', p: 0 } }}>
          <Typography variant="h1" gutterBottom>
            {answer.data.title}
          </Typography>
          <Typography sx={{ color: 'text.secondary' }}>
            {words.reference} {answer.data.reference} · {words.sentOn} {when(answer.data.sentAt)}
            {answer.data.signedAt && ` · ${words.signedOn} ${when(answer.data.signedAt)}`}
          </Typography>
          {answer.data.deadlinePassed && (
            <Alert severity="error" sx={{ mt: 2 }}>
              {words.passed}
            </Alert>
          )}
          {answer.data.letter ? (
            <>
              <Box sx={{ whiteSpace: 'pre-wrap', font: `400 1.05rem/1.6 ${serif}`, mt: 2 }}>
                {answer.data.letter}
              </Box>
              <Stack direction="row" spacing={2} className="no-print" sx={{ mt: 2, alignItems: 'center' }}>
                <Button variant="outlined" onClick={() => window.print()}>
                  {words.print}
                </Button>
                <Link href={`/api/public/answers/${token}/letter.pdf`} download="letter.pdf">
                  {words.pdf}
                </Link>
              </Stack>
            </>
          ) : (
            <>
              <Typography sx={{ mt: 2 }}>{words.waiting}</Typography>
              <Alert severity="warning" sx={{ mt: 2 }}>
                {words.hold}
              </Alert>
            </>
          )}
        </Paper>
      )}
    </PublicFrame>
  );
}
