import {
  Box,
  Button,
  Link,
  Paper,
  Stack,
  Table,
  TableBody,
  TableCell,
  TableHead,
  TableRow,
  TextField,
  Typography,
} from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink, useSearchParams } from 'react-router';
import { useSession } from '../../api/queries';
import { serif } from '../../theme/theme';
import { ProblemLine } from '../../ui/ProblemLine';
import { when } from '../../ui/words';
import { Marking } from './Marking';
import { useAddExercise, useDraftExercise, useExercises, useProgress } from './queries';

const levels = ['', 'one thing to find', 'a few things', 'many, or none'];

function NewExercise({ caseId, onDone }: { caseId: string; onDone: () => void }) {
  const draft = useDraftExercise(caseId);
  const add = useAddExercise();
  const [title, setTitle] = useState<string | null>(null);
  const [text, setText] = useState<string | null>(null);
  if (!draft.data) {
    return <ProblemLine error={draft.error} />;
  }
  const shownTitle = title ?? draft.data.title;
  const shownText = text ?? draft.data.text;
  return (
    <Paper component="section" aria-label="New exercise" sx={{ p: 2, mb: 2 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        A new one, from a case
      </Typography>
      <Typography sx={{ mb: 1 }}>
        Names, addresses and numbers that were found are taken out. Read it once more.
      </Typography>
      <Stack spacing={1.5}>
        <TextField size="small" label="Title" value={shownTitle} onChange={(e) => setTitle(e.target.value)} />
        <TextField
          label="The letter"
          multiline
          minRows={8}
          value={shownText}
          onChange={(e) => setText(e.target.value)}
          slotProps={{ htmlInput: { style: { fontFamily: serif } } }}
        />
        <Stack direction="row" spacing={1}>
          <Button
            variant="contained"
            disabled={add.isPending}
            onClick={() =>
              add.mutate(
                { title: shownTitle, text: shownText, altitudeFt: draft.data.altitudeFt ?? null },
                { onSuccess: onDone },
              )
            }
          >
            Put it up for practice
          </Button>
          <Button onClick={onDone}>Cancel</Button>
        </Stack>
        <ProblemLine error={add.error} />
      </Stack>
    </Paper>
  );
}

function Progress() {
  const progress = useProgress(true);
  return (
    <Paper sx={{ p: 1.5, mt: 2 }}>
      <Typography variant="h2">Progress</Typography>
      <ProblemLine error={progress.error} />
      <Table size="small" aria-label="Progress">
        <TableHead>
          <TableRow>
            <TableCell>Who</TableCell>
            <TableCell>Level</TableCell>
            <TableCell align="right">Recipes</TableCell>
            <TableCell align="right">Best, on average</TableCell>
            <TableCell align="right">Last</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {progress.data?.map((p) => (
            <TableRow key={`${p.person} ${p.level}`}>
              <TableCell>{p.person}</TableCell>
              <TableCell>
                {p.level} ({levels[p.level]})
              </TableCell>
              <TableCell align="right">{p.exercises}</TableCell>
              <TableCell align="right">{p.average} %</TableCell>
              <TableCell align="right">{when(p.last)}</TableCell>
            </TableRow>
          ))}
          {progress.data?.length === 0 && (
            <TableRow>
              <TableCell colSpan={5}>Nobody has practised yet.</TableCell>
            </TableRow>
          )}
        </TableBody>
      </Table>
    </Paper>
  );
}

/** Recipes to practise on, by level; the one in the address is being marked. */
export function PracticePage() {
  const session = useSession();
  const exercises = useExercises();
  const [search, setSearch] = useSearchParams();
  const chosen = search.get('recipe') ?? '';
  const from = search.get('from') ?? '';
  return (
    <Box sx={{ maxWidth: 1200, mx: 'auto' }}>
      <Stack direction="row" sx={{ alignItems: 'baseline', mb: 1.5 }}>
        <Typography variant="h1" sx={{ flex: 1 }}>
          Practice
        </Typography>
        {chosen && <Button onClick={() => setSearch({})}>All recipes</Button>}
      </Stack>
      <ProblemLine error={exercises.error} />
      {from && <NewExercise caseId={from} onDone={() => setSearch({})} />}
      {chosen ? (
        <Marking key={chosen} id={chosen} />
      ) : (
        <>
          <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { md: '1fr 1fr 1fr' } }}>
            {[1, 2, 3].map((level) => (
              <Paper key={level} component="section" aria-label={`Level ${level}`} sx={{ p: 2 }}>
                <Typography variant="h2">Level {level}</Typography>
                <Typography sx={{ color: 'text.secondary', mb: 1 }}>{levels[level]}</Typography>
                {exercises.data
                  ?.filter((e) => e.level === level)
                  .map((e) => (
                    <Box key={e.id} sx={{ display: 'flex', gap: 1, py: 0.25 }}>
                      <Link component={RouterLink} to={`/practice?recipe=${e.id}`} sx={{ flex: 1 }}>
                        {e.title}
                      </Link>
                      <span>{e.best == null ? 'not tried' : `best ${e.best} %`}</span>
                    </Box>
                  ))}
                {exercises.data?.every((e) => e.level !== level) && <Typography>None yet.</Typography>}
              </Paper>
            ))}
          </Box>
          {session.data?.role !== 'VOLUNTEER' && <Progress />}
        </>
      )}
    </Box>
  );
}
