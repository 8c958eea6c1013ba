import { Alert, Box, Button, Link, Paper, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import { useSession } from '../../api/queries';
import { ProblemLine } from '../../ui/ProblemLine';
import { capital } from '../../ui/words';
import { ProcessTable } from '../guides/ProcessTable';
import { useImport, useLibrary, useRemoveOwn } from '../guides/queries';
import { ProcessForm } from './ProcessForm';
import { RecipeForm } from './RecipeForm';
import { SourceForm } from './SourceForm';

type Adding = 'source' | 'process' | 'recipe' | null;

/** What the office added itself: sources, processes, recipes; in and out as a file. */
export function OwnLibrary() {
  const library = useLibrary();
  const session = useSession();
  const remove = useRemoveOwn();
  const bring = useImport();
  const [adding, setAdding] = useState<Adding>(null);
  const educator = session.data?.role === 'EDUCATOR';
  const data = library.data;
  if (!data) {
    return <ProblemLine error={library.error} />;
  }
  const sources = data.sources.filter((s) => s.own);
  const processes = data.processes.filter((p) => p.own);
  const recipes = data.recipes.filter((r) => r.own);
  const done = () => setAdding(null);
  return (
    <Stack spacing={1.5}>
      <Paper sx={{ p: 2 }}>
        <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
          {(['source', 'process', 'recipe'] as const).map((kind) => (
            <Button
              key={kind}
              variant={adding === kind ? 'contained' : 'outlined'}
              disabled={!educator}
              onClick={() => setAdding(adding === kind ? null : kind)}
            >
              Add a {kind}
            </Button>
          ))}
          <Box sx={{ flex: 1 }} />
          <Button component="label" disabled={!educator}>
            Bring in a library file
            <input
              hidden
              type="file"
              accept="application/json,.json"
              onChange={(e) => {
                const file = e.target.files?.[0];
                e.target.value = '';
                void file?.text().then((json) => bring.mutate(json));
              }}
            />
          </Button>
          <Button component="a" href="/api/guide/library/file">
            Export the whole library
          </Button>
          <Button component="a" href="/api/guide/library.schema.json" target="_blank">
            File format
          </Button>
        </Stack>
        {!educator && <Typography sx={{ mt: 1 }}>Only an educator may add; everybody may look.</Typography>}
        <ProblemLine error={bring.error ?? remove.error} />
        {bring.data && (
          <Alert severity="success" sx={{ mt: 1 }}>
            Brought in: {bring.data.sources} sources, {bring.data.processes} processes, {bring.data.recipes}{' '}
            recipes, {bring.data.readings} readings; {bring.data.waiting} readings wait for a second reader.
          </Alert>
        )}
        {adding && (
          <Box sx={{ mt: 2 }}>
            {adding === 'source' && <SourceForm onDone={done} />}
            {adding === 'process' && <ProcessForm library={data} onDone={done} />}
            {adding === 'recipe' && <RecipeForm library={data} onDone={done} />}
          </Box>
        )}
      </Paper>
      <Paper sx={{ p: 2 }}>
        <Typography variant="h2">Sources</Typography>
        {sources.length === 0 && (
          <Typography>None yet. Every own process or recipe names its source first.</Typography>
        )}
        {sources.map((s) => (
          <Stack key={s.id} direction="row" spacing={1} sx={{ alignItems: 'center' }}>
            <Typography sx={{ flex: 1 }}>
              <strong>{s.id}</strong>: {s.title}
              {s.edition && `, ${s.edition}`}
              {s.place && `, ${s.place}`}
            </Typography>
            <Button disabled={!educator} onClick={() => remove.mutate({ kind: 'SOURCE', id: s.id })}>
              Remove
            </Button>
          </Stack>
        ))}
      </Paper>
      <Paper sx={{ p: 2 }}>
        <Typography variant="h2">Processes</Typography>
        {processes.length === 0 && <Typography>None yet.</Typography>}
        {processes.map((p) => (
          <Box key={`${p.method}:${p.id}`} sx={{ mt: 1.5, overflowX: 'auto' }}>
            <Stack direction="row" sx={{ alignItems: 'center' }}>
              <Typography variant="h3" sx={{ flex: 1 }}>
                {capital(p.food)}, {p.pack} pack
              </Typography>
              <Button disabled={!educator} onClick={() => remove.mutate({ kind: 'PROCESS', id: p.id })}>
                Remove
              </Button>
            </Stack>
            <ProcessTable process={p} library={data} />
            <Typography sx={{ fontSize: '0.9rem' }}>
              for {p.foods.join(', ')} · {p.form}
              {p.liquid && ` · ${p.liquid}`}
            </Typography>
          </Box>
        ))}
      </Paper>
      <Paper sx={{ p: 2 }}>
        <Typography variant="h2">Recipes</Typography>
        {recipes.length === 0 && <Typography>None yet.</Typography>}
        {recipes.map((r) => (
          <Stack key={r.id} direction="row" spacing={1} sx={{ alignItems: 'center' }}>
            <Typography sx={{ flex: 1 }}>
              <Link component={RouterLink} to={`/guides/recipes/${r.id}`} sx={{ fontWeight: 600 }}>
                {r.name}
              </Link>{' '}
              · {r.form}
            </Typography>
            <Button disabled={!educator} onClick={() => remove.mutate({ kind: 'RECIPE', id: r.id })}>
              Remove
            </Button>
          </Stack>
        ))}
      </Paper>
    </Stack>
  );
}
