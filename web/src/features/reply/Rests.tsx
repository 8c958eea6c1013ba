import { Box, Link, Paper, Typography } from '@mui/material';
import { Link as RouterLink } from 'react-router';
import type { Passage } from '../../api/client';
import { tones } from '../../theme/theme';
import { checkPage } from '../catalogue/page';
import { originWords, rests } from './rests';

const SHOWN = 56;

/** Passage by passage, what the letter rests on. */
export function Rests({ letter, passages }: { letter: string; passages: Passage[] }) {
  return (
    <Paper component="section" aria-label="What it rests on" className="no-print" sx={{ p: 1.5 }}>
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        What it rests on
      </Typography>
      {rests(letter, passages).map((rest, n) => (
        <Box key={n} sx={{ mb: 0.75, lineHeight: 1.35 }}>
          <Box component="span" sx={{ fontSize: '0.9rem' }}>
            {rest.words.length > SHOWN ? `${rest.words.slice(0, SHOWN)}…` : rest.words}
          </Box>
          <Box
            component="span"
            sx={{
              display: 'block',
              fontSize: '0.85rem',
              color: rest.origin === null ? tones.ask : 'text.secondary',
              fontWeight: rest.origin === null ? 600 : 400,
            }}
          >
            {rest.origin?.kind === 'FINDING' ? (
              <Link component={RouterLink} to={checkPage(rest.origin.id)} sx={{ color: 'inherit' }}>
                {originWords(rest.origin)}
              </Link>
            ) : (
              originWords(rest.origin)
            )}
          </Box>
        </Box>
      ))}
    </Paper>
  );
}
