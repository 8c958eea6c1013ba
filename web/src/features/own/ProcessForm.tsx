import { Choice } from '../../ui/Choice';
import { Autocomplete, Button, MenuItem, Stack, TextField, Typography } from '@mui/material';
import { useState } from 'react';
import type { Library } from '../../api/client';
import { ProblemLine } from '../../ui/ProblemLine';
import { useSaveProcess } from '../guides/queries';
import { bandsOf, idOf, type Rule } from './bands';

const jars = ['half-pint', '12-oz', 'pint', 'pint-and-half', 'quart', 'half-gallon'];
const forms = ['pieces', 'sauce', 'juice', 'puree', 'jam', 'jelly', 'soup', 'stock', 'ground', 'crushed'];
const canners = [
  { value: 'boiling-water', label: 'boiling water' },
  { value: 'pressure', label: 'pressure' },
];
const liquids = ['', 'water', 'juice', 'none', 'no-pectin', 'powdered-pectin', 'liquid-pectin'];
const numbers = (text: string): (number | null)[] =>
  text
    .split(/[\s/,]+/)
    .filter(Boolean)
    .map((p) => (/^\d+$/.test(p) ? Number(p) : null));

/** A process from a source of the office's own, one jar at a time. */
export function ProcessForm({ library, onDone }: { library: Library; onDone: () => void }) {
  const save = useSaveProcess();
  const [food, setFood] = useState('');
  const [foods, setFoods] = useState<string[]>([]);
  const [form, setForm] = useState('pieces');
  const [liquid, setLiquid] = useState('');
  const [pack, setPack] = useState('hot');
  const [source, setSource] = useState('');
  const [jar, setJar] = useState('pint');
  const [headspace, setHeadspace] = useState('0.5');
  const [method, setMethod] = useState('boiling-water');
  const [rule, setRule] = useState<Rule>({ kind: 'bands', minutes: ['', '', '', ''] });
  const [minutes, setMinutes] = useState('');
  const [dial, setDial] = useState('11 12 13 14');
  const [weighted, setWeighted] = useState('10 15');
  const [acid, setAcid] = useState('');
  const [notes, setNotes] = useState('');
  const pressure = method === 'pressure';
  const bands = pressure ? [] : bandsOf(rule);
  const wrong =
    !food.trim() || foods.length === 0 || !source
      ? 'Name the process, at least one food it is for, and its source.'
      : !/^\d(\.\d+)?$/.test(headspace)
        ? 'Give the headspace in inches, as in 0.5.'
        : pressure && !/^\d{1,3}$/.test(minutes)
          ? 'Give the minutes as a whole number.'
          : typeof bands === 'string'
            ? bands
            : null;
  const id = idOf(food);
  const before = library.processes.find((p) => p.own && p.id === id && p.method === method);
  const submit = () => {
    if (typeof bands === 'string') {
      return;
    }
    const entry = {
      jar,
      headspaceIn: Number(headspace),
      acid,
      bands,
      minutes: pressure ? Number(minutes) : null,
      dialPsi: pressure ? numbers(dial) : [],
      weightedPsi: pressure ? numbers(weighted) : [],
      source: null,
      confidence: null,
      proof: null,
    };
    const others = (before?.jars ?? []).filter((j) => j.jar !== jar);
    save.mutate(
      {
        method,
        id,
        food: food.trim(),
        style: '',
        pack,
        foods,
        form,
        liquid,
        source,
        notes,
        own: true,
        jars: [...others.map((j) => ({ ...j, source: null, confidence: null, proof: null })), entry],
      } as Parameters<typeof save.mutate>[0],
      { onSuccess: onDone },
    );
  };
  return (
    <Stack spacing={1.5}>
      <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
        <TextField
          required
          size="small"
          label="Name of the process"
          sx={{ minWidth: 260 }}
          value={food}
          onChange={(e) => setFood(e.target.value)}
          helperText={id && `id ${id}`}
        />
        <Autocomplete
          multiple
          size="small"
          sx={{ minWidth: 280 }}
          options={library.foods.filter((f) => f.acidity !== 'neutral').map((f) => f.name)}
          value={foods}
          onChange={(_, value) => setFoods(value)}
          renderInput={(params) => <TextField {...params} label="Foods it is for" required />}
        />
        <Choice
          label="Source"
          width={200}
          required
          value={source}
          options={library.sources.map((s) => s.id)}
          onChange={setSource}
        />
        <Choice label="Form" width={130} value={form} options={forms} onChange={setForm} />
        <Choice
          label="Liquid or pectin"
          width={170}
          value={liquid}
          options={liquids.map((l) => ({ value: l, label: l || 'does not matter' }))}
          onChange={setLiquid}
        />
        <Choice label="Pack" width={90} value={pack} options={['hot', 'raw']} onChange={setPack} />
      </Stack>
      <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
        <Choice label="Canner" width={150} value={method} options={canners} onChange={setMethod} />
        <Choice label="Jar" width={140} value={jar} options={jars} onChange={setJar} />
        <TextField
          size="small"
          label="Headspace, in"
          sx={{ width: 120 }}
          value={headspace}
          onChange={(e) => setHeadspace(e.target.value)}
        />
        {!pressure && (
          <TextField
            select
            size="small"
            label="Altitude rule"
            sx={{ width: 220 }}
            value={rule.kind}
            onChange={(e) =>
              setRule(
                e.target.value === 'bands'
                  ? { kind: 'bands', minutes: ['', '', '', ''] }
                  : { kind: 'thousands', base: '', add: '1', endFt: '' },
              )
            }
          >
            <MenuItem value="bands">four bands</MenuItem>
            <MenuItem value="thousands">minutes for each 1,000 ft</MenuItem>
          </TextField>
        )}
        {!pressure &&
          rule.kind === 'bands' &&
          ['0–1,000', '1,001–3,000', '3,001–6,000', 'over 6,000'].map((label, i) => (
            <TextField
              key={label}
              size="small"
              label={`min, ${label}`}
              sx={{ width: 140 }}
              value={rule.minutes[i] ?? ''}
              onChange={(e) => {
                const next: typeof rule.minutes = [...rule.minutes];
                next[i] = e.target.value;
                setRule({ kind: 'bands', minutes: next });
              }}
            />
          ))}
        {!pressure && rule.kind === 'thousands' && (
          <>
            <TextField
              size="small"
              label="min to 1,000 ft"
              sx={{ width: 130 }}
              value={rule.base}
              onChange={(e) => setRule({ ...rule, base: e.target.value })}
            />
            <TextField
              size="small"
              label="add for each 1,000 ft"
              sx={{ width: 170 }}
              value={rule.add}
              onChange={(e) => setRule({ ...rule, add: e.target.value })}
            />
            <TextField
              size="small"
              label="source ends at, ft"
              sx={{ width: 150 }}
              value={rule.endFt}
              onChange={(e) => setRule({ ...rule, endFt: e.target.value })}
            />
          </>
        )}
        {pressure && (
          <>
            <TextField
              size="small"
              label="Minutes"
              sx={{ width: 100 }}
              value={minutes}
              onChange={(e) => setMinutes(e.target.value)}
            />
            <TextField
              size="small"
              label="Dial psi, four bands"
              sx={{ width: 170 }}
              value={dial}
              onChange={(e) => setDial(e.target.value)}
            />
            <TextField
              size="small"
              label="Weighted psi, two"
              sx={{ width: 150 }}
              value={weighted}
              onChange={(e) => setWeighted(e.target.value)}
            />
          </>
        )}
        <TextField
          size="small"
          label="Acid of each jar, in words"
          sx={{ minWidth: 220 }}
          value={acid}
          onChange={(e) => setAcid(e.target.value)}
        />
        <TextField
          size="small"
          label="Note"
          sx={{ minWidth: 220 }}
          value={notes}
          onChange={(e) => setNotes(e.target.value)}
        />
      </Stack>
      <Stack direction="row" spacing={1.5} sx={{ alignItems: 'center' }}>
        <Button variant="contained" disabled={wrong !== null || save.isPending} onClick={submit}>
          Save this jar of the process
        </Button>
        <Typography>{wrong ?? (before ? 'Joins the jars saved before.' : '')}</Typography>
      </Stack>
      <ProblemLine error={save.error} />
    </Stack>
  );
}
