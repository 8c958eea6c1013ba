import { Box, Button, Link, Paper, Typography } from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import type { Instead } from '../../api/client';
import { tones } from '../../theme/theme';

/** What to make of the produce instead; a tested recipe with its lines for the produce at hand. */
export function InsteadCard({ instead }: { instead: Instead }) {
  const [open, setOpen] = useState(false);
  return (
    <Paper component="article" sx={{ p: 1.5, mb: 1, borderLeft: `5px solid ${tones.note}` }}>
      <Typography>{instead.text}</Typography>
      {instead.lines.length > 0 && (
        <Button size="small" sx={{ px: 0 }} onClick={() => setOpen((o) => !o)} aria-expanded={open}>
          {open ? 'Fold' : 'Show what it takes'}
        </Button>
      )}
      {open && (
        <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
          {instead.lines.map((l) => (
            <li key={l}>{l}</li>
          ))}
        </Box>
      )}
      <Typography sx={{ fontSize: '0.87rem', color: 'text.secondary' }}>
        {instead.recipe ? (
          <Link component={RouterLink} to={`/guides/recipes/${instead.recipe}`}>
            the whole recipe
          </Link>
        ) : null}
        {instead.recipe ? ' · ' : ''}
        source: {instead.source}
      </Typography>
    </Paper>
  );
}
