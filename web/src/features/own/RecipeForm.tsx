import { Choice } from '../../ui/Choice';
import { Autocomplete, Button, Stack, TextField, Typography } from '@mui/material';
import { useState } from 'react';
import type { Library } from '../../api/client';
import { ProblemLine } from '../../ui/ProblemLine';
import { useSaveRecipe } from '../guides/queries';
import { idOf, linesOf } from './bands';

const forms = [
  'pickle',
  'relish',
  'salsa',
  'chutney',
  'ketchup',
  'pie-filling',
  'spread',
  'pasta-sauce',
  'jam',
  'jelly',
  'kraut',
];

/** A tested recipe from a source of the office's own. */
export function RecipeForm({ library, onDone }: { library: Library; onDone: () => void }) {
  const save = useSaveRecipe();
  const [name, setName] = useState('');
  const [source, setSource] = useState('');
  const [form, setForm] = useState('relish');
  const [processes, setProcesses] = useState<string[]>([]);
  const [yields, setYields] = useState('');
  const [text, setText] = useState('');
  const [steps, setSteps] = useState('');
  const lines = linesOf(text);
  const wrong =
    !name.trim() || !source || processes.length === 0
      ? 'Name the recipe, its source and the process it is canned by.'
      : typeof lines === 'string'
        ? lines
        : null;
  const method = library.processes.find((p) => p.id === processes[0])?.method ?? 'boiling-water';
  return (
    <Stack spacing={1.5}>
      <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
        <TextField
          required
          size="small"
          label="Name of the recipe"
          sx={{ minWidth: 260 }}
          value={name}
          onChange={(e) => setName(e.target.value)}
        />
        <Choice
          label="Source"
          width={200}
          required
          value={source}
          options={library.sources.map((s) => s.id)}
          onChange={setSource}
        />
        <Choice label="Kind" width={140} value={form} options={forms} onChange={setForm} />
        <Autocomplete
          multiple
          size="small"
          sx={{ minWidth: 280 }}
          options={[...new Set(library.processes.map((p) => p.id))]}
          value={processes}
          onChange={(_, value) => setProcesses(value)}
          renderInput={(params) => <TextField {...params} label="Canned by the process" required />}
        />
        <TextField
          size="small"
          label="Yield, as in 8 pints"
          value={yields}
          onChange={(e) => setYields(e.target.value)}
        />
      </Stack>
      <Stack direction={{ xs: 'column', md: 'row' }} spacing={1}>
        <TextField
          multiline
          minRows={4}
          label="Ingredients: amount | item | role | note"
          placeholder={'8 cup | pears | fruit\n3 cup | vinegar | acid | 5 %'}
          sx={{ flex: 1 }}
          value={text}
          onChange={(e) => setText(e.target.value)}
          helperText="Roles: vegetable, fruit, acid, water, salt, sweetener, spice, thickener, soak, other"
        />
        <TextField
          multiline
          minRows={4}
          label="Steps, a line each"
          sx={{ flex: 1 }}
          value={steps}
          onChange={(e) => setSteps(e.target.value)}
        />
      </Stack>
      <Stack direction="row" spacing={1.5} sx={{ alignItems: 'center' }}>
        <Button
          variant="contained"
          disabled={wrong !== null || save.isPending}
          onClick={() => {
            if (typeof lines !== 'string') {
              save.mutate(
                {
                  id: idOf(name),
                  name: name.trim(),
                  source,
                  method,
                  processes,
                  form,
                  yield: yields,
                  brine: '',
                  confidence: null,
                  proof: null,
                  own: true,
                  ingredients: lines,
                  steps: steps
                    .split('\n')
                    .map((s) => s.trim())
                    .filter(Boolean),
                  variations: [],
                },
                { onSuccess: onDone },
              );
            }
          }}
        >
          Save the recipe
        </Button>
        <Typography>{wrong}</Typography>
      </Stack>
      <ProblemLine error={save.error} />
    </Stack>
  );
}
