import {
  Box,
  Button,
  Checkbox,
  FormControlLabel,
  Link,
  Paper,
  Stack,
  TextField,
  Typography,
} from '@mui/material';
import { useState } from 'react';
import type { SignedAnswer } from '../../api/client';
import { useReopen, useSend, useSession, useSign } from '../../api/queries';
import { tones } from '../../theme/theme';
import { ProblemLine } from '../../ui/ProblemLine';
import { SeverityMark } from '../../ui/SeverityMark';
import { when } from '../../ui/words';

interface Props {
  caseId: string;
  /** the way to be answered, as the canner gave it */
  contact: string;
  /** of the reply as last saved */
  version: number;
  dirty: boolean;
  /** whether the review has changed since the letter caught up with it */
  behind: boolean;
  answers: SignedAnswer[];
}

/** A line to fill in, and what is done with it. */
function OneLine(props: {
  label: string;
  type?: string;
  first?: string;
  deed: string;
  busy: boolean;
  onGiven: (words: string) => void;
}) {
  const [words, setWords] = useState(props.first ?? '');
  return (
    <Stack
      component="form"
      direction="row"
      spacing={1}
      onSubmit={(e) => {
        e.preventDefault();
        props.onGiven(words.trim());
      }}
    >
      <TextField
        size="small"
        label={props.label}
        type={props.type ?? 'text'}
        fullWidth
        required
        value={words}
        onChange={(e) => setWords(e.target.value)}
      />
      <Button type="submit" variant="outlined" disabled={props.busy || words.trim() === ''}>
        {props.deed}
      </Button>
    </Stack>
  );
}

/** The way out of the desk: sign, send, reopen; and the answers given before. */
export function Signing({ caseId, contact, version, dirty, behind, answers }: Props) {
  const session = useSession();
  const educator = session.data?.role === 'EDUCATOR';
  const standing = answers.find((a) => a.reopenedAt == null);
  const earlier = answers.filter((a) => a !== standing);
  const [asItStands, setAsItStands] = useState(false);
  const sign = useSign(caseId);
  const send = useSend(caseId);
  const reopen = useReopen(caseId);
  return (
    <Paper className="no-print" component="section" aria-label="Signing" sx={{ p: 2, mb: 2 }}>
      {!standing && (
        <Stack direction="row" spacing={1.5} sx={{ alignItems: 'center', flexWrap: 'wrap' }} useFlexGap>
          <Button
            variant="contained"
            disabled={!educator || dirty || (behind && !asItStands) || sign.isPending}
            onClick={() =>
              sign.mutate(
                { version, asItStands: behind && asItStands },
                { onSettled: () => setAsItStands(false) },
              )
            }
          >
            Sign
          </Button>
          <Typography>
            {!educator
              ? 'An educator signs and sends; your draft is kept for them.'
              : dirty
                ? 'Save the letter first; what is signed is what was saved.'
                : behind
                  ? 'The review has changed since this letter was begun: bring the changes in below, or tick the box.'
                  : 'Signing locks the letter, with the guide and the engine it rests on.'}
          </Typography>
          {educator && behind && !dirty && (
            <FormControlLabel
              control={<Checkbox checked={asItStands} onChange={(e) => setAsItStands(e.target.checked)} />}
              label="I sign it as it stands"
            />
          )}
        </Stack>
      )}
      {standing && (
        <>
          <Typography sx={{ fontWeight: 600 }}>
            <SeverityMark tone="met" /> Signed by {standing.signedBy}, {when(standing.signedAt)}
            {standing.number > 1 && ` (answer ${standing.number})`}
          </Typography>
          <Typography sx={{ color: 'text.secondary', fontSize: '0.9rem' }}>
            {standing.guide} · engine {standing.engine}
          </Typography>
          {standing.sentAt && (
            <Typography sx={{ color: tones.met }}>
              Sent to {standing.sentTo} by {standing.sentBy}, {when(standing.sentAt)}
            </Typography>
          )}
          <Stack direction="row" spacing={1} sx={{ mt: 1 }}>
            {(['pdf', 'html', 'md', 'eml'] as const).map((kind) => (
              <Link
                key={kind}
                href={`/api/answers/${standing.id}/letter.${kind}`}
                download={`letter.${kind}`}
              >
                {{ pdf: 'as PDF', html: 'as a page', md: 'as Markdown', eml: 'as mail' }[kind]}
              </Link>
            ))}
          </Stack>
          {educator && (
            <Box sx={{ display: 'grid', gap: 1.5, mt: 1.5, gridTemplateColumns: { sm: '1fr 1fr' } }}>
              <OneLine
                label="Mail address"
                type="email"
                first={contact.includes('@') ? contact : ''}
                deed="Send"
                busy={send.isPending}
                onGiven={(to) => send.mutate({ id: standing.id, to })}
              />
              <OneLine
                label="Why reopen it"
                deed="Reopen"
                busy={reopen.isPending}
                onGiven={(why) => reopen.mutate({ id: standing.id, why })}
              />
            </Box>
          )}
        </>
      )}
      <ProblemLine error={sign.error ?? send.error ?? reopen.error} />
      {earlier.map((a) => (
        <Typography key={a.id} sx={{ mt: 1, fontSize: '0.93rem' }}>
          Answer {a.number}, signed by {a.signedBy} {when(a.signedAt)}; reopened by {a.reopenedBy}:{' '}
          {a.reopenedWhy}
        </Typography>
      ))}
    </Paper>
  );
}
