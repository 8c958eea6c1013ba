import { Box } from '@mui/material';
import { tones } from '../theme/theme';
import { SeverityMark } from './SeverityMark';
import { callWord, toneOf } from './words';

/** The call, and the worst it may still be. */
export function CallBadge({ call, worst, large = false }: { call: string; worst: string; large?: boolean }) {
  const tone = toneOf(call);
  return (
    <Box
      component="span"
      sx={{
        display: 'inline-flex',
        alignItems: 'center',
        columnGap: 0.75,
        flexWrap: 'wrap',
        color: tones[tone],
        fontWeight: 700,
        fontSize: large ? '1.25rem' : '1rem',
      }}
    >
      <Box
        component="span"
        sx={{ display: 'inline-flex', alignItems: 'center', gap: 0.75, whiteSpace: 'nowrap' }}
      >
        <SeverityMark tone={tone} size={large ? 20 : 14} />
        {callWord[call] ?? call}
      </Box>
      {worst !== call && (
        <Box
          component="span"
          sx={{ color: tones[toneOf(worst)], fontWeight: 600, fontSize: '0.85em', whiteSpace: 'nowrap' }}
        >
          may be {(callWord[worst] ?? worst).toLowerCase()}
        </Box>
      )}
    </Box>
  );
}
