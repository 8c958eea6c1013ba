import { Box, Button, Paper, Stack, TextField, Typography } from '@mui/material';
import { useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { useOpenCase } from '../../api/queries';
import { rule, serif, tones } from '../../theme/theme';
import { ProblemLine } from '../../ui/ProblemLine';
import { altitudeError, blank, toDetails, type DetailsDraft } from './details';
import { DetailsFields } from './DetailsFields';

const LONGEST = 200_000;
const DRAFT = 'oilcloth.new-case';

interface Draft {
  text: string;
  details: DetailsDraft;
}

function savedDraft(): Draft {
  try {
    const kept = JSON.parse(sessionStorage.getItem(DRAFT) ?? '') as Draft;
    return { text: kept.text, details: { ...blank, ...kept.details } };
  } catch {
    return { text: '', details: blank };
  }
}

/** Takes a recipe in; what is typed survives a reload. */
export function NewCase() {
  const navigate = useNavigate();
  const open = useOpenCase();
  const [{ text, details }, setDraft] = useState(savedDraft);
  const [dropping, setDropping] = useState(false);
  const [fileError, setFileError] = useState<Error | null>(null);
  const picker = useRef<HTMLInputElement>(null);

  useEffect(() => {
    sessionStorage.setItem(DRAFT, JSON.stringify({ text, details }));
  }, [text, details]);

  const take = async (file: File | undefined) => {
    if (!file) {
      return;
    }
    if (file.size > LONGEST * 4) {
      setFileError(new Error(`${file.name} is too large. A recipe has at most 200,000 characters.`));
      return;
    }
    setFileError(null);
    const content = await file.text();
    setDraft((d) => ({ ...d, text: content }));
  };

  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        open.mutate(
          { text, details: toDetails(details) },
          {
            onSuccess: ({ id }) => {
              sessionStorage.removeItem(DRAFT);
              void navigate(`/cases/${id}`);
            },
          },
        );
      }}
    >
      <Typography variant="h1" sx={{ mb: 1.5 }}>
        New case
      </Typography>
      <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: '1fr 340px' }, gap: 2 }}>
        <Paper
          sx={{ p: 2, outline: dropping ? `3px dashed ${tones.ask}` : 'none', minHeight: { md: 560 } }}
          onDragOver={(e) => {
            e.preventDefault();
            setDropping(true);
          }}
          onDragLeave={() => setDropping(false)}
          onDrop={(e) => {
            e.preventDefault();
            setDropping(false);
            void take(e.dataTransfer.files[0]);
          }}
        >
          <TextField
            label="The recipe, in the canner's own words"
            placeholder="Paste the letter here, or drop a text file"
            value={text}
            onChange={(e) => setDraft((d) => ({ ...d, text: e.target.value }))}
            multiline
            minRows={19}
            maxRows={30}
            fullWidth
            required
            slotProps={{ htmlInput: { style: { fontFamily: serif, lineHeight: 1.55 } } }}
          />
          <Stack direction="row" spacing={2} sx={{ mt: 1.5, alignItems: 'center', flexWrap: 'wrap' }}>
            <Button variant="outlined" onClick={() => picker.current?.click()}>
              Choose a file
            </Button>
            <input
              ref={picker}
              type="file"
              accept=".txt,.md,.html,.htm,.json,.jsonld,text/*"
              hidden
              aria-label="Recipe file"
              onChange={(e) => void take(e.target.files?.[0])}
            />
            <Typography sx={{ color: 'text.secondary' }}>
              Plain text, Markdown, a web page or JSON-LD
            </Typography>
            <Typography sx={{ ml: 'auto', color: text.length > LONGEST ? tones.danger : 'text.secondary' }}>
              {text.length.toLocaleString('en-US')} of {LONGEST.toLocaleString('en-US')} characters
            </Typography>
          </Stack>
          <ProblemLine error={fileError ?? open.error} />
        </Paper>
        <Box>
          <Paper sx={{ p: 2, borderTop: `3px double ${rule}` }}>
            <DetailsFields draft={details} onChange={(d) => setDraft((now) => ({ ...now, details: d }))} />
          </Paper>
          <Button
            type="submit"
            variant="contained"
            size="large"
            fullWidth
            sx={{ mt: 2 }}
            disabled={open.isPending || text.trim() === '' || altitudeError(details) !== null}
          >
            {open.isPending ? 'Reviewing …' : 'Review this recipe'}
          </Button>
        </Box>
      </Box>
    </form>
  );
}
