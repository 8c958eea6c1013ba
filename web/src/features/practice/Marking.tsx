import {
  Autocomplete,
  Box,
  Button,
  Paper,
  Stack,
  TextField,
  ToggleButton,
  ToggleButtonGroup,
  Typography,
} from '@mui/material';
import { useRef, useState } from 'react';
import type { MarkDoc, Scored, Told } from '../../api/client';
import { useCatalogue } from '../../api/queries';
import { serif, tones } from '../../theme/theme';
import { ProblemLine } from '../../ui/ProblemLine';
import { SeverityMark } from '../../ui/SeverityMark';
import { callWord, feet, severityWord, toneOf } from '../../ui/words';
import { useExercise, useScore } from './queries';
import { selectionIn } from './selection';

function Findings({ title, told, tone }: { title: string; told: Told[]; tone: string }) {
  if (told.length === 0) {
    return null;
  }
  return (
    <Box sx={{ mt: 1.5 }}>
      <Typography variant="h3" sx={{ color: tone }}>
        {title}
      </Typography>
      {told.map((t) => (
        <Box key={t.code + t.title} sx={{ mb: 1 }}>
          <Typography sx={{ fontWeight: 600 }}>
            <SeverityMark tone={toneOf(t.severity)} /> {t.title} ({severityWord[t.severity]}, {t.code})
          </Typography>
          <Typography>
            {t.why} {t.correction}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}

function Result({ scored, onAgain }: { scored: Scored; onAgain: () => void }) {
  return (
    <Paper component="section" aria-label="Score" sx={{ p: 2, mb: 2 }}>
      <Typography sx={{ fontSize: '1.6rem', fontWeight: 700 }}>{scored.percent} %</Typography>
      <Typography sx={{ color: scored.callRight ? tones.met : tones.danger, fontWeight: 600 }}>
        The call is {(callWord[scored.call] ?? scored.call).toLowerCase()}:{' '}
        {scored.callRight ? 'as you said' : 'not as you said'}
      </Typography>
      <Findings title="You found" told={scored.hits} tone={tones.met} />
      <Findings title="You found it, on other words" told={scored.near} tone={tones.caution} />
      <Findings title="You missed" told={scored.missed} tone={tones.danger} />
      {scored.beyond.length > 0 && (
        <Typography sx={{ mt: 1.5 }}>Marked without cause: {scored.beyond.join(', ')}</Typography>
      )}
      <Button variant="outlined" sx={{ mt: 1.5 }} onClick={onAgain}>
        Once more
      </Button>
    </Paper>
  );
}

/** A recipe to mark: choose words, say what is wrong, make the call; then see how it compares, with the reasons. */
export function Marking({ id }: { id: string }) {
  const exercise = useExercise(id);
  const checks = useCatalogue();
  const score = useScore(id);
  const page = useRef<HTMLDivElement>(null);
  const [marks, setMarks] = useState<MarkDoc[]>([]);
  const [chosen, setChosen] = useState<{ start: number; end: number } | null>(null);
  const [code, setCode] = useState<string | null>(null);
  const [correction, setCorrection] = useState('');
  const [call, setCall] = useState<string | null>(null);
  if (!exercise.data) {
    return <ProblemLine error={exercise.error} />;
  }
  const { title, text, altitudeFt } = exercise.data;
  const add = () => {
    if (code) {
      setMarks((all) => [
        ...all,
        { code, start: chosen?.start ?? null, end: chosen?.end ?? null, correction },
      ]);
      setCode(null);
      setCorrection('');
      setChosen(null);
    }
  };
  return (
    <Box sx={{ display: 'grid', gap: 2, alignItems: 'start', gridTemplateColumns: { md: '1fr 1fr' } }}>
      <Paper sx={{ p: 2.5 }}>
        <Typography variant="h2">{title}</Typography>
        <Typography sx={{ color: 'text.secondary', mb: 1 }}>
          {altitudeFt == null ? 'altitude not known' : feet(altitudeFt)} · choose words with the mouse, or
          mark what is not said
        </Typography>
        <Box
          ref={page}
          tabIndex={0}
          aria-label="The recipe"
          onMouseUp={() => setChosen(page.current ? selectionIn(page.current) : null)}
          onKeyUp={() => setChosen(page.current ? selectionIn(page.current) : null)}
          sx={{ whiteSpace: 'pre-wrap', font: `400 1.05rem/1.65 ${serif}` }}
        >
          {text}
        </Box>
      </Paper>
      <Box>
        {score.data ? (
          <Result
            scored={score.data}
            onAgain={() => {
              score.reset();
              setMarks([]);
              setCall(null);
            }}
          />
        ) : (
          <Paper sx={{ p: 2 }}>
            <Typography variant="h2" sx={{ mb: 1 }}>
              What is wrong
            </Typography>
            <Typography sx={{ mb: 1, fontStyle: chosen ? 'normal' : 'italic' }}>
              {chosen
                ? `“${text.slice(chosen.start, chosen.end)}”`
                : 'No words chosen: something that is not said'}
            </Typography>
            <Stack spacing={1}>
              <Autocomplete
                options={checks.data ?? []}
                getOptionLabel={(c) => `${c.summary} (${c.code})`}
                getOptionKey={(c) => c.code}
                value={checks.data?.find((c) => c.code === code) ?? null}
                onChange={(_, c) => setCode(c?.code ?? null)}
                renderInput={(params) => <TextField {...params} size="small" label="What it is" />}
              />
              <TextField
                size="small"
                label="What you would do about it"
                value={correction}
                onChange={(e) => setCorrection(e.target.value)}
              />
              <Box>
                <Button variant="outlined" disabled={!code} onClick={add}>
                  Mark it
                </Button>
              </Box>
            </Stack>
            <Box component="ol" aria-label="Marks" sx={{ pl: 2.5 }}>
              {marks.map((m, n) => (
                <li key={n}>
                  {m.code}
                  {m.start != null && m.end != null && `: “${text.slice(m.start, m.end)}”`}{' '}
                  <Button
                    size="small"
                    sx={{ p: 0 }}
                    onClick={() => setMarks((all) => all.filter((_, k) => k !== n))}
                  >
                    take it back
                  </Button>
                </li>
              ))}
            </Box>
            <Typography variant="h3">The call</Typography>
            <ToggleButtonGroup
              exclusive
              size="small"
              value={call}
              onChange={(_, c: string | null) => setCall(c)}
              aria-label="The call"
              sx={{ '& .MuiToggleButton-root': { textTransform: 'none', color: 'text.primary' } }}
            >
              {['stop', 'correct', 'ask', 'sound'].map((c) => (
                <ToggleButton key={c} value={c}>
                  {callWord[c]}
                </ToggleButton>
              ))}
            </ToggleButtonGroup>
            <Box sx={{ mt: 2 }}>
              <Button
                variant="contained"
                disabled={!call || score.isPending}
                onClick={() => call && score.mutate({ call, marks })}
              >
                Compare
              </Button>
            </Box>
            <ProblemLine error={score.error ?? checks.error} />
          </Paper>
        )}
      </Box>
    </Box>
  );
}
