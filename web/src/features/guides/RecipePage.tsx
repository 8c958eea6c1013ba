import { Choice } from '../../ui/Choice';
import {
  Box,
  Button,
  Link,
  MenuItem,
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
import { Link as RouterLink, useParams } from 'react-router';
import { tones } from '../../theme/theme';
import { ProblemLine } from '../../ui/ProblemLine';
import { capital, fraction, proofWord } from '../../ui/words';
import { sourceOf } from './find';
import { ProcessTable } from './ProcessTable';
import { useLibrary, useScaled, type ScaleBy } from './queries';

type HaveUnit = Extract<ScaleBy, { line: number }>['unit'];
const units: { value: HaveUnit; label: string }[] = [
  { value: 'POUND', label: 'lb' },
  { value: 'OUNCE', label: 'oz' },
  { value: 'KILOGRAM', label: 'kg' },
  { value: 'GRAM', label: 'g' },
  { value: 'CUP', label: 'cups' },
  { value: 'QUART', label: 'quarts' },
  { value: 'EACH', label: 'pieces' },
];
const unitOf = (unit: string): HaveUnit =>
  unit === 'lb' ? 'POUND' : unit === 'qt' ? 'QUART' : unit === 'each' ? 'EACH' : 'CUP';

/** A tested recipe, cut to the produce at hand. */
export function RecipePage() {
  const { id = '' } = useParams();
  const library = useLibrary();
  const [line, setLine] = useState(0);
  const [have, setHave] = useState('');
  const [unit, setUnit] = useState<HaveUnit | null>(null);
  const recipe = library.data?.recipes.find((r) => r.id === id);
  const figure = Number.parseFloat(have);
  const chosen = unit ?? unitOf(recipe?.ingredients[line]?.unit ?? '');
  const by: ScaleBy = have && figure > 0 ? { line, have: figure, unit: chosen } : { factor: 1 };
  const scaled = useScaled(id, by);
  if (library.data && !recipe) {
    return <ProblemLine error={new Error('There is no such tested recipe.')} />;
  }
  if (!library.data || !recipe) {
    return null;
  }
  const view = scaled.error ? undefined : scaled.data;
  const processes = library.data.processes.filter(
    (p) => p.method === recipe.method && recipe.processes.includes(p.id),
  );
  return (
    <Stack spacing={1.5}>
      <Paper sx={{ p: 2 }}>
        <Stack direction="row" sx={{ justifyContent: 'space-between', alignItems: 'start', gap: 2 }}>
          <Box>
            <Typography variant="h1">{recipe.name}</Typography>
            <Typography sx={{ color: 'text.secondary' }}>
              {sourceOf(library.data, recipe.source)} · {proofWord[recipe.proof ?? 'unread']} · yield as
              tested: {recipe.yield || 'not told'}
            </Typography>
          </Box>
          <Stack direction="row" spacing={1} className="no-print">
            <Button component={RouterLink} to="/guides/recipes">
              All recipes
            </Button>
            <Button variant="outlined" onClick={() => window.print()}>
              Print
            </Button>
          </Stack>
        </Stack>
        <Stack
          className="no-print"
          direction="row"
          sx={{ mt: 1.5, gap: 1, flexWrap: 'wrap', alignItems: 'center' }}
        >
          <Typography sx={{ fontWeight: 600 }}>There is</Typography>
          <TextField
            size="small"
            label="Amount"
            sx={{ width: 110 }}
            value={have}
            onChange={(e) => setHave(e.target.value)}
          />
          <Choice
            label="Unit"
            width={110}
            value={chosen}
            options={units}
            onChange={(value) => setUnit(value as HaveUnit)}
          />
          <TextField
            select
            size="small"
            label="Of"
            sx={{ minWidth: 240 }}
            value={line}
            onChange={(e) => {
              setLine(Number(e.target.value));
              setUnit(null);
            }}
          >
            {recipe.ingredients.map((i, n) => (
              <MenuItem key={n} value={n}>
                {i.item}
              </MenuItem>
            ))}
          </TextField>
          {view && view.factor !== 1 && (
            <Typography>
              {view.factor.toLocaleString('en-US', { maximumFractionDigits: 2 })} times the tested batch; acid
              is rounded up, vegetables and water down
            </Typography>
          )}
        </Stack>
        <ProblemLine error={scaled.error} />
      </Paper>
      <Stack direction={{ xs: 'column', md: 'row' }} spacing={1.5} sx={{ alignItems: 'start' }}>
        <Paper sx={{ flex: 3, width: '100%', overflowX: 'auto' }}>
          <Table size="small" aria-label="Ingredients">
            <TableHead>
              <TableRow>
                <TableCell align="right">As tested</TableCell>
                {view && view.factor !== 1 && <TableCell align="right">For what there is</TableCell>}
                <TableCell>Item</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {(view?.lines ?? []).map((l, n) => (
                <TableRow key={n}>
                  <TableCell align="right" sx={{ whiteSpace: 'nowrap' }}>
                    {l.tested}
                  </TableCell>
                  {view && view.factor !== 1 && (
                    <TableCell align="right" sx={{ fontWeight: 700, whiteSpace: 'nowrap' }}>
                      {l.amount ?? l.tested}
                    </TableCell>
                  )}
                  <TableCell>
                    {l.item}
                    {(l.prep || l.note) && (
                      <Box component="span" sx={{ color: 'text.secondary' }}>
                        {' '}
                        · {[l.prep, l.note].filter(Boolean).join('; ')}
                      </Box>
                    )}
                  </TableCell>
                </TableRow>
              ))}
            </TableBody>
          </Table>
        </Paper>
        <Paper sx={{ flex: 2, width: '100%', p: 2 }}>
          <Typography variant="h2">What it comes to</Typography>
          {view?.jars && (
            <Typography sx={{ fontSize: '1.2rem', fontWeight: 600, my: 0.5 }}>
              about {fraction(view.jars.least)}
              {view.jars.most > view.jars.least && ` to ${fraction(view.jars.most)}`} {view.jars.jar} jars
            </Typography>
          )}
          {view && !view.jars && <Typography>The tested recipe tells no yield in jars.</Typography>}
          {view?.brinePercent != null && (
            <Typography>
              Brine: {view.brinePercent.toLocaleString('en-US', { maximumFractionDigits: 2 })} % acetic acid;
              it stays the same at any size.
            </Typography>
          )}
          {view?.loads.map((l) => (
            <Typography key={l.canner}>
              {l.canner}: {l.loads} {l.loads === 1 ? 'load' : 'loads'}
              {l.loads > 1 && `, ${l.last} in the last`}
            </Typography>
          ))}
          {view?.pectinDoubled && (
            <Typography sx={{ color: tones.caution, fontWeight: 600 }}>
              Jam and jelly set badly in larger batches: make it twice instead.
            </Typography>
          )}
          {recipe.brine && <Typography sx={{ mt: 1 }}>{recipe.brine}</Typography>}
          {recipe.steps.length > 0 && (
            <>
              <Typography variant="h3" sx={{ mt: 1.5 }}>
                Steps
              </Typography>
              <Box component="ol" sx={{ pl: 2.5, my: 0.5 }}>
                {recipe.steps.map((s) => (
                  <li key={s}>{s}</li>
                ))}
              </Box>
            </>
          )}
          {recipe.variations.length > 0 && (
            <>
              <Typography variant="h3" sx={{ mt: 1.5 }}>
                May be changed
              </Typography>
              <Box component="ul" sx={{ pl: 2.5, my: 0.5 }}>
                {recipe.variations.map((s) => (
                  <li key={s}>{s}</li>
                ))}
              </Box>
            </>
          )}
        </Paper>
      </Stack>
      {processes.map((p) => (
        <Paper key={p.id} sx={{ p: 2, overflowX: 'auto' }}>
          <Typography variant="h3">
            <Link component={RouterLink} to={`/times?q=${encodeURIComponent(p.id)}`}>
              {capital(p.food)}, {p.pack} pack
            </Link>
          </Typography>
          <ProcessTable process={p} library={library.data} />
        </Paper>
      ))}
    </Stack>
  );
}
