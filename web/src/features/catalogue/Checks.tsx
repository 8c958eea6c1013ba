import { Box, Chip, Paper, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { useCatalogue } from '../../api/queries';
import { rule, serif, tones } from '../../theme/theme';
import { FindField } from '../../ui/FindField';
import { ProblemLine } from '../../ui/ProblemLine';
import { SeverityMark } from '../../ui/SeverityMark';
import { aspectWord, severityWord, toneOf } from '../../ui/words';
import { finds } from '../guides/find';

/** A recipe a check fires on, or leaves alone, as the canner would write it. */
function Example({ label, text }: { label: string; text: string }) {
  return (
    <Box sx={{ flex: 1, minWidth: 240 }}>
      <Typography sx={{ fontWeight: 600, fontSize: '0.9rem' }}>{label}</Typography>
      <Box sx={{ fontFamily: serif, whiteSpace: 'pre-line', borderLeft: `2px solid ${rule}`, pl: 1.25 }}>
        {text}
      </Box>
    </Box>
  );
}

/** Every check: what it looks for, how grave it can be, why, from where, with an example either way. */
export function Checks() {
  const catalogue = useCatalogue();
  const [query] = useSearchParams();
  const [typed, setTyped] = useState(query.get('code') ?? '');
  const [aspect, setAspect] = useState<string | null>(null);
  const all = catalogue.data ?? [];
  const found = all.filter(
    (e) =>
      (aspect === null || e.aspect === aspect) &&
      (e.code.includes(typed.trim()) ||
        finds([e.code, e.summary, e.why, e.wrong, ...e.severities].join(' '), typed)),
  );
  return (
    <Stack spacing={1.5}>
      <Stack direction="row" spacing={1.5} sx={{ alignItems: 'center', flexWrap: 'wrap', rowGap: 1 }}>
        <FindField label="Find a check" example="lids boiled" value={typed} onChange={setTyped} />
        <Stack direction="row" spacing={0.5} role="group" aria-label="Aspect" sx={{ flexWrap: 'wrap' }}>
          {Object.entries(aspectWord).map(([id, word]) => (
            <Chip
              key={id}
              label={word}
              variant={aspect === id ? 'filled' : 'outlined'}
              color={aspect === id ? 'primary' : 'default'}
              aria-pressed={aspect === id}
              onClick={() => setAspect(aspect === id ? null : id)}
            />
          ))}
        </Stack>
        <Typography aria-live="polite">
          {catalogue.isPending ? 'The examples are being run …' : `${found.length} of ${all.length}`}
        </Typography>
      </Stack>
      <ProblemLine error={catalogue.error} />
      {found.map((e) => (
        <Paper key={e.code} component="article" aria-label={e.code} sx={{ p: 1.5 }}>
          <Stack
            direction="row"
            spacing={1.5}
            sx={{ alignItems: 'baseline', flexWrap: 'wrap', rowGap: 0.25 }}
          >
            <Typography variant="h3" sx={{ flex: 1, minWidth: 220 }}>
              {e.summary}
            </Typography>
            {e.severities.length === 0 && (
              <Box component="span" sx={{ color: tones.ask, fontWeight: 700, fontSize: '0.9rem' }}>
                <SeverityMark tone="ask" size={12} /> A question
              </Box>
            )}
            {e.severities.map((s) => (
              <Box
                key={s}
                component="span"
                sx={{ color: tones[toneOf(s)], fontWeight: 700, fontSize: '0.9rem' }}
              >
                <SeverityMark tone={toneOf(s)} size={12} /> {severityWord[s]}
              </Box>
            ))}
          </Stack>
          <Typography sx={{ mt: 0.25 }}>{e.why}</Typography>
          <Stack direction="row" spacing={2} sx={{ mt: 1, flexWrap: 'wrap', rowGap: 1 }}>
            <Example label="Fires on" text={e.wrong} />
            <Example label="Leaves alone" text={e.right} />
          </Stack>
          <Typography sx={{ mt: 1, fontSize: '0.87rem', color: 'text.secondary' }}>
            {e.source} · {e.code}
          </Typography>
        </Paper>
      ))}
    </Stack>
  );
}
