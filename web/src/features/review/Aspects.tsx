import { Box } from '@mui/material';
import type { Review } from '../../api/client';
import { rule, tones } from '../../theme/theme';
import { SeverityMark } from '../../ui/SeverityMark';
import { aspectWord, severityWord, toneOf } from '../../ui/words';

const word = (state: string) =>
  state === 'none' ? 'not looked at' : state === 'open' ? 'Open question' : (severityWord[state] ?? state);

/** The eight aspects at a glance: shape, word and colour. */
export function Aspects({ aspects }: { aspects: Review['aspects'] }) {
  return (
    <Box
      component="ul"
      aria-label="Aspects"
      sx={{
        listStyle: 'none',
        p: 0,
        m: 0,
        display: 'grid',
        gridTemplateColumns: { xs: 'repeat(2, 1fr)', sm: 'repeat(4, 1fr)', lg: 'repeat(8, 1fr)' },
        border: `1px solid ${rule}`,
        backgroundColor: 'background.paper',
      }}
    >
      {aspects.map(({ aspect, state }) => {
        const dim = state === 'none';
        const tone = toneOf(state);
        return (
          <Box component="li" key={aspect} sx={{ px: 1.25, py: 0.6, borderRight: `1px solid ${rule}` }}>
            <Box sx={{ fontWeight: 600 }}>{aspectWord[aspect] ?? aspect}</Box>
            <Box
              sx={{ color: dim ? 'text.secondary' : tones[tone], fontSize: '0.9rem', whiteSpace: 'nowrap' }}
            >
              {!dim && <SeverityMark tone={tone} size={12} />} {word(state)}
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}
