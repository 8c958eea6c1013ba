import {
  Alert,
  Box,
  Button,
  FormControlLabel,
  Paper,
  Radio,
  RadioGroup,
  Stack,
  TextField,
  Typography,
} from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import type { Asked, Language } from '../../api/client';
import { rule, serif } from '../../theme/theme';
import { ProblemLine } from '../../ui/ProblemLine';
import { PublicFrame } from './PublicFrame';
import { useAsk } from './queries';
import { askWords, moment } from './words';

const DRAFT = 'oilcloth.ask';

interface Draft {
  text: string;
  name: string;
  place: string;
  contact: string;
  jars: Asked['jars'];
  out: string;
}

const blank: Draft = { text: '', name: '', place: '', contact: '', jars: 'NOT_YET', out: '' };

function kept(): Draft {
  try {
    return { ...blank, ...(JSON.parse(sessionStorage.getItem(DRAFT) ?? '{}') as Partial<Draft>) };
  } catch {
    return blank;
  }
}

/** The public form; what is typed survives a reload. */
export function Ask({ language }: { language: Language }) {
  const words = askWords[language];
  const ask = useAsk();
  const [draft, setDraft] = useState(kept);
  const [website, setWebsite] = useState('');
  const set = (part: Partial<Draft>) => {
    const next = { ...draft, ...part };
    setDraft(next);
    sessionStorage.setItem(DRAFT, JSON.stringify(next));
  };
  if (ask.data) {
    const address = `${window.location.origin}/answer/${ask.data.link}`;
    return (
      <PublicFrame language={language.toLowerCase()}>
        <Paper sx={{ p: 2.5 }}>
          <Typography variant="h1" gutterBottom>
            {words.thanks}
          </Typography>
          <Typography>
            {words.reference}: <strong>{ask.data.reference}</strong>
          </Typography>
          <Typography sx={{ mt: 2, fontWeight: 600 }}>{words.link}:</Typography>
          <Box component="a" href={address} sx={{ overflowWrap: 'anywhere' }}>
            {address}
          </Box>
          <Typography sx={{ mt: 1 }}>{words.linkHelp}</Typography>
          {draft.jars !== 'NOT_YET' && (
            <Alert severity="warning" sx={{ mt: 2 }}>
              {words.hold}
            </Alert>
          )}
        </Paper>
      </PublicFrame>
    );
  }
  return (
    <PublicFrame language={language.toLowerCase()}>
      <Stack direction="row" sx={{ alignItems: 'baseline' }}>
        <Typography variant="h1" sx={{ flex: 1 }}>
          {words.title}
        </Typography>
        <Button component={RouterLink} to={language === 'EN' ? '/ask/es' : '/ask'}>
          {words.other}
        </Button>
      </Stack>
      <Typography sx={{ my: 1 }}>{words.intro}</Typography>
      <Alert severity="error" icon={false} sx={{ mb: 2 }}>
        {words.ill}
      </Alert>
      <Stack
        component="form"
        spacing={2}
        sx={{ backgroundColor: 'background.paper', p: 2, border: `1px solid ${rule}` }}
        onSubmit={(e) => {
          e.preventDefault();
          ask.mutate(
            {
              text: draft.text,
              name: draft.name,
              place: draft.place,
              contact: draft.contact,
              language,
              jars: draft.jars,
              jarsOutAt: draft.jars === 'MADE' ? moment(draft.out) : null,
              website,
            },
            { onSuccess: () => sessionStorage.removeItem(DRAFT) },
          );
        }}
      >
        <TextField
          label={words.text}
          helperText={words.textHelp}
          multiline
          minRows={8}
          required
          value={draft.text}
          onChange={(e) => set({ text: e.target.value })}
          slotProps={{ htmlInput: { maxLength: 20_000, style: { fontFamily: serif } } }}
        />
        <TextField
          label={words.place}
          helperText={words.placeHelp}
          value={draft.place}
          onChange={(e) => set({ place: e.target.value })}
          slotProps={{ htmlInput: { maxLength: 120 } }}
        />
        <Box>
          <Typography id="jars-made" sx={{ fontWeight: 600 }}>
            {words.jars}
          </Typography>
          <RadioGroup
            aria-labelledby="jars-made"
            value={draft.jars}
            onChange={(e) => set({ jars: e.target.value as Asked['jars'] })}
          >
            <FormControlLabel value="NOT_YET" control={<Radio />} label={words.notYet} />
            <FormControlLabel value="MADE" control={<Radio />} label={words.made} />
            <FormControlLabel value="OPENED" control={<Radio />} label={words.opened} />
          </RadioGroup>
        </Box>
        {draft.jars === 'MADE' && (
          <TextField
            label={words.out}
            helperText={words.outHelp}
            type="datetime-local"
            value={draft.out}
            onChange={(e) => set({ out: e.target.value })}
            slotProps={{ inputLabel: { shrink: true } }}
          />
        )}
        <TextField
          label={words.name}
          value={draft.name}
          onChange={(e) => set({ name: e.target.value })}
          slotProps={{ htmlInput: { maxLength: 120 } }}
        />
        <TextField
          label={words.contact}
          value={draft.contact}
          onChange={(e) => set({ contact: e.target.value })}
          slotProps={{ htmlInput: { maxLength: 200 } }}
        />
        <Box aria-hidden="true" sx={{ position: 'absolute', left: -9999, height: 0, overflow: 'hidden' }}>
          <input
            name="website"
            tabIndex={-1}
            autoComplete="off"
            value={website}
            onChange={(e) => setWebsite(e.target.value)}
          />
        </Box>
        <ProblemLine error={ask.error} />
        <Button
          type="submit"
          variant="contained"
          size="large"
          disabled={ask.isPending || draft.text.trim() === ''}
        >
          {ask.isPending ? words.sending : words.send}
        </Button>
      </Stack>
    </PublicFrame>
  );
}

export const AskEnglish = () => <Ask language="EN" />;
export const AskSpanish = () => <Ask language="ES" />;
