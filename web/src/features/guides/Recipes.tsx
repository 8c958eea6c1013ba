import {
  Box,
  Button,
  Checkbox,
  Link,
  Paper,
  Stack,
  Table,
  TableBody,
  TableCell,
  TableHead,
  TableRow,
  Typography,
} from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import type { RecipeEntry } from '../../api/client';
import { FindField } from '../../ui/FindField';
import { ProblemLine } from '../../ui/ProblemLine';
import { proofWord } from '../../ui/words';
import { finds, sourceOf } from './find';
import { useLibrary } from './queries';

const text = (r: RecipeEntry) =>
  [r.name, r.form, r.id, r.own ? 'own' : '', ...r.ingredients.map((i) => i.item)].join(' ');

function Lines({ recipe }: { recipe: RecipeEntry }) {
  return (
    <Box sx={{ flex: 1, minWidth: 260 }}>
      <Typography variant="h3">{recipe.name}</Typography>
      <Typography sx={{ color: 'text.secondary' }}>{recipe.yield}</Typography>
      <Box component="ul" sx={{ pl: 2.5, my: 0.5 }}>
        {recipe.ingredients.map((i, n) => (
          <li key={n}>
            <strong>
              {i.quantity} {i.unit}
            </strong>{' '}
            {i.item}
            {i.note && <Box component="span" sx={{ color: 'text.secondary' }}>{` (${i.note})`}</Box>}
          </li>
        ))}
      </Box>
      {recipe.brine && <Typography>Brine: {recipe.brine}</Typography>}
    </Box>
  );
}

/** Every tested recipe, found by its name or by what is in it; up to two laid side by side. */
export function Recipes() {
  const library = useLibrary();
  const [typed, setTyped] = useState('');
  const [chosen, setChosen] = useState<string[]>([]);
  const all = library.data?.recipes ?? [];
  const found = all.filter((r) => finds(text(r), typed));
  const compared = chosen.flatMap((id) => all.filter((r) => r.id === id));
  return (
    <Stack spacing={1.5}>
      <Stack direction="row" spacing={1.5} sx={{ alignItems: 'center', flexWrap: 'wrap', rowGap: 1 }}>
        <FindField label="Find a tested recipe" example="relish corn" value={typed} onChange={setTyped} />
        <Typography aria-live="polite">
          {found.length} of {all.length}
        </Typography>
      </Stack>
      <ProblemLine error={library.error} />
      {compared.length > 0 && (
        <Paper sx={{ p: 2 }} component="section" aria-label="Compared">
          <Stack direction="row" sx={{ justifyContent: 'space-between' }}>
            <Typography variant="h2">Side by side</Typography>
            <Button onClick={() => setChosen([])}>Put away</Button>
          </Stack>
          <Stack direction="row" spacing={3} sx={{ flexWrap: 'wrap' }}>
            {compared.map((r) => (
              <Lines key={r.id} recipe={r} />
            ))}
          </Stack>
        </Paper>
      )}
      {library.data && (
        <Paper sx={{ overflowX: 'auto' }}>
          <Table size="small" aria-label="Tested recipes">
            <TableHead>
              <TableRow>
                <TableCell padding="checkbox" />
                <TableCell>Recipe</TableCell>
                <TableCell>Kind</TableCell>
                <TableCell>Yield</TableCell>
                <TableCell>Source</TableCell>
                <TableCell>Proof</TableCell>
              </TableRow>
            </TableHead>
            <TableBody>
              {found.map((r) => (
                <TableRow key={r.id} hover>
                  <TableCell padding="checkbox">
                    <Checkbox
                      size="small"
                      checked={chosen.includes(r.id)}
                      onChange={() =>
                        setChosen(
                          chosen.includes(r.id)
                            ? chosen.filter((c) => c !== r.id)
                            : [...chosen.slice(-1), r.id],
                        )
                      }
                      slotProps={{ input: { 'aria-label': `Lay out ${r.name}` } }}
                    />
                  </TableCell>
                  <TableCell>
                    <Link component={RouterLink} to={`/guides/recipes/${r.id}`} sx={{ fontWeight: 600 }}>
                      {r.name}
                    </Link>
                    {r.own && <strong> · the office&rsquo;s own</strong>}
                  </TableCell>
                  <TableCell>{r.form}</TableCell>
                  <TableCell>{r.yield}</TableCell>
                  <TableCell>{sourceOf(library.data, r.source).replace(/:.*/, '')}</TableCell>
                  <TableCell sx={{ fontSize: '0.85rem' }}>
                    {proofWord[r.proof ?? 'unread']}
                    {r.confidence && r.confidence !== 'high' && ` · ${r.confidence} confidence`}
                  </TableCell>
                </TableRow>
              ))}
            </TableBody>
          </Table>
        </Paper>
      )}
    </Stack>
  );
}
