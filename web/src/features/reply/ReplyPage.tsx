import {
  Box,
  Button,
  Menu,
  MenuItem,
  Paper,
  Stack,
  TextField,
  ToggleButton,
  ToggleButtonGroup,
  Typography,
} from '@mui/material';
import { useRef, useState } from 'react';
import { Link as RouterLink, useParams } from 'react-router';
import type { CaseView, Language, Reply } from '../../api/client';
import { useAnswersOf, useCase } from '../../api/queries';
import { serif, tones } from '../../theme/theme';
import { CallBadge } from '../../ui/CallBadge';
import { ProblemLine } from '../../ui/ProblemLine';
import { age } from '../../ui/words';
import { Presence } from '../casefile/Presence';
import { Conflict } from './Conflict';
import { Grade } from './Grade';
import { fetchComposed, useReply, useSnippets } from './queries';
import { join } from './rests';
import { Rests } from './Rests';
import { Signing } from './Signing';
import { useDraft } from './useDraft';

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

/** The letter, composed from the findings, in the educator's hands from then on. */
function Letter({ view, reply }: { view: CaseView; reply: Reply }) {
  const answers = useAnswersOf(view.id);
  const standing = answers.data?.find((a) => a.reopenedAt == null);
  const locked = standing != null;
  const draft = useDraft(view.id, reply, locked);
  const [told, setTold] = useState('');
  const [composeError, setComposeError] = useState<Error | null>(null);
  const letter = useRef<HTMLTextAreaElement>(null);

  const compose = async (language: Language) => {
    try {
      const fresh = join(await fetchComposed(view.id, language));
      draft.edit(fresh, { base: fresh, language });
      setComposeError(null);
    } catch (error) {
      setComposeError(error as Error);
    }
  };
  const copy = async () => {
    await navigator.clipboard.writeText(draft.body);
    setTold('Copied.');
  };
  const insert = (words: string) => {
    const at = letter.current?.selectionStart ?? draft.body.length;
    draft.edit(`${draft.body.slice(0, at)}${words}${draft.body.slice(at)}`);
  };
  const show = (start: number, end: number) => {
    letter.current?.focus();
    letter.current?.setSelectionRange(start, end);
  };
  const outdated = !locked && !draft.touched && reply.behind;

  return (
    <Box sx={{ maxWidth: 1220, mx: 'auto' }}>
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
      <Presence id={view.id} room="REPLY" />
      {answers.data && (
        <Signing
          caseId={view.id}
          contact={view.details.contact ?? ''}
          version={draft.version}
          dirty={draft.dirty}
          behind={outdated}
          answers={answers.data}
        />
      )}
      {draft.theirs && (
        <Conflict
          theirs={draft.theirs}
          onMine={draft.keepMine}
          onTheirs={draft.takeTheirs}
          onBoth={draft.putBoth}
        />
      )}
      {outdated && (
        <Paper
          className="no-print"
          component="section"
          aria-label="The review has changed"
          sx={{ p: 2, mb: 2, borderLeft: `5px solid ${tones.ask}` }}
        >
          <Typography sx={{ fontWeight: 600 }}>
            The review has changed since this letter was begun.
          </Typography>
          <Typography>
            What you left as it was can follow the review; what you wrote yourself stays as you wrote it.
          </Typography>
          {reply.left.length > 0 && (
            <Box component="ul" aria-label="Lines that find no place" sx={{ my: 0.5 }}>
              {reply.left.map((line, n) => (
                <li key={n}>
                  {line}{' '}
                  <Button size="small" sx={{ p: 0 }} onClick={() => insert(`${line}\n\n`)}>
                    put it in
                  </Button>
                </li>
              ))}
            </Box>
          )}
          <Button
            variant="outlined"
            sx={{ mt: 1 }}
            onClick={() => draft.edit(reply.carried, { base: reply.composed })}
          >
            Bring the changes in, keep my words
          </Button>
        </Paper>
      )}
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          alignItems: 'start',
          gridTemplateColumns: { md: 'minmax(0, 1fr) 300px' },
        }}
      >
        <Paper className="no-print" sx={{ p: 2 }}>
          <Stack
            direction="row"
            spacing={1}
            sx={{ mb: 1.5, alignItems: 'center', flexWrap: 'wrap' }}
            useFlexGap
          >
            <Button
              variant="contained"
              onClick={() => draft.save(false)}
              disabled={draft.saving || !draft.dirty || locked || draft.theirs !== null}
            >
              Save
            </Button>
            <Button variant="outlined" onClick={() => void copy()}>
              Copy
            </Button>
            <Button variant="outlined" onClick={() => window.print()}>
              Print
            </Button>
            {!locked && (
              <>
                <SnippetMenu language={draft.language} onInsert={insert} />
                <ToggleButtonGroup
                  exclusive
                  size="small"
                  value={draft.language}
                  onChange={(_, language: Language | null) => language && void compose(language)}
                  aria-label="Language"
                  sx={{
                    '& .MuiToggleButton-root': { textTransform: 'none', py: 0.5, color: 'text.primary' },
                  }}
                >
                  <ToggleButton value="EN">English</ToggleButton>
                  <ToggleButton value="ES">Spanish</ToggleButton>
                </ToggleButtonGroup>
                <Button onClick={() => void compose(draft.language)}>Write it anew from the findings</Button>
              </>
            )}
            <Typography role="status" sx={{ color: 'text.secondary', ml: 'auto' }}>
              {told || status(draft.saving, draft.touched, reply)}
            </Typography>
          </Stack>
          <TextField
            label="The letter"
            value={draft.body}
            onChange={(e) => {
              setTold('');
              draft.edit(e.target.value);
            }}
            multiline
            minRows={18}
            fullWidth
            inputRef={letter}
            slotProps={{
              htmlInput: {
                readOnly: locked,
                lang: draft.language.toLowerCase(),
                style: { fontFamily: serif, lineHeight: 1.6, fontSize: '1.05rem' },
              },
            }}
          />
          <Grade letter={draft.body} language={draft.language} onShow={show} />
          <ProblemLine error={draft.error ?? composeError ?? answers.error} />
        </Paper>
        <Rests letter={draft.body} passages={reply.passages} />
      </Box>
      <Box
        lang={draft.language.toLowerCase()}
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
        {draft.body}
      </Box>
    </Box>
  );
}

function status(saving: boolean, touched: boolean, reply: Reply): string {
  if (saving) {
    return 'Saving …';
  }
  if (touched) {
    return 'Not saved yet';
  }
  return reply.saved && reply.editedAt
    ? `Saved by ${reply.editedBy}, ${age(reply.editedAt)} ago`
    : 'Not saved yet';
}

/** The office's own phrases, put in where the cursor stands. */
function SnippetMenu({ language, onInsert }: { language: Language; onInsert: (words: string) => void }) {
  const snippets = useSnippets();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const usable = (snippets.data ?? []).filter((s) => (language === 'ES' ? s.spanish : s.english) !== '');
  return (
    <>
      <Button variant="outlined" aria-haspopup="menu" onClick={(e) => setAnchor(e.currentTarget)}>
        Phrases
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {usable.map((s) => (
          <MenuItem
            key={s.id}
            onClick={() => {
              onInsert(`${language === 'ES' ? s.spanish : s.english}\n\n`);
              setAnchor(null);
            }}
          >
            {s.title}
          </MenuItem>
        ))}
        <MenuItem component={RouterLink} to="/office">
          {usable.length === 0 ? 'None in this language yet. Write some …' : 'Change the phrases …'}
        </MenuItem>
      </Menu>
    </>
  );
}
