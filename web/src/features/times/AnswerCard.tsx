import { Box, Paper, Stack, Typography } from '@mui/material';
import type { PhoneAnswer } from '../../api/client';
import { serif, tones } from '../../theme/theme';
import { LadderPicture } from '../../ui/LadderPicture';
import { inches, proofWord } from '../../ui/words';
import { figure, pressure } from './figure';

interface LineProps {
  name: string;
  screenOnly?: boolean;
  children: React.ReactNode;
}

function Line({ name, screenOnly = false, children }: LineProps) {
  return (
    <Box className={screenOnly ? 'no-print' : undefined} sx={{ display: 'flex', gap: 1.5, py: 0.4 }}>
      <Typography component="dt" sx={{ width: 128, flex: 'none', color: 'text.secondary' }}>
        {name}
      </Typography>
      <Typography component="dd" sx={{ m: 0, fontWeight: 600 }}>
        {children}
      </Typography>
    </Box>
  );
}

/** One answer, big enough to read aloud. */
export function AnswerCard({ answer: a, altitudeFt }: { answer: PhoneAnswer; altitudeFt: number | null }) {
  const psi = pressure(a);
  return (
    <Paper component="article" sx={{ p: 2, display: 'flex', gap: 3, flexWrap: { xs: 'wrap', md: 'nowrap' } }}>
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Typography variant="h2">{a.recipeName ?? a.title}</Typography>
        {a.recipeName && <Typography sx={{ color: 'text.secondary' }}>{a.title}</Typography>}
        <Stack direction="row" sx={{ alignItems: 'baseline', my: 1, flexWrap: 'wrap', columnGap: 2 }}>
          <Typography sx={{ fontFamily: serif, fontSize: '2.9rem', fontWeight: 600, lineHeight: 1.1 }}>
            {figure(a)}
          </Typography>
          <Typography sx={{ fontSize: '1.35rem', fontWeight: 600 }}>
            {psi ?? 'boiling water'} · {a.jarLabel}
          </Typography>
        </Stack>
        {a.offTable && (
          <Typography sx={{ color: tones.danger, fontWeight: 600 }}>
            The table ends below that altitude: no figure can be given.
          </Typography>
        )}
        {a.advisedMinutes != null && (
          <Typography sx={{ color: tones.caution, fontWeight: 600 }}>
            Just under the edge of a band: {a.advisedMinutes} min advised.
          </Typography>
        )}
        <Box component="dl" sx={{ m: 0 }}>
          <Line name="Headspace">{inches(a.headspaceIn)}</Line>
          <Line name="Pack">
            {a.pack}
            {a.style ? `, ${a.style}` : ''}
          </Line>
          {a.acidPerJar && <Line name="Each jar">{a.acidPerJar}</Line>}
          {a.sterilise && <Line name="Empty jars">boil them first: the process is under 10 min</Line>}
          {a.jarRow && <Line name="Row used">{a.jarRow}: the smaller jar takes its time</Line>}
          {a.method !== 'pressure' && a.steamCanner != null && (
            <Line name="Steam canner">{a.steamCanner ? 'allowed, vented first' : 'no: over 45 min'}</Line>
          )}
          {a.boilingF != null && <Line name="Water boils at">{a.boilingF} °F</Line>}
          {a.notes && <Line name="Note">{a.notes}</Line>}
          {a.byBandsMinutes != null && a.byThousandsMinutes != null && (
            <Line name="Other schools" screenOnly>
              <Box component="span" sx={{ fontWeight: 400 }}>
                5 min a band: {a.byBandsMinutes} · 1 or 2 min a thousand feet: {a.byThousandsMinutes}. The row
                above decides.
              </Box>
            </Line>
          )}
        </Box>
        <Typography sx={{ color: 'text.secondary', fontSize: '0.9rem', mt: 1 }}>
          {a.source.title}, {a.source.edition}, {a.source.place} ·{' '}
          <strong>{proofWord[a.source.proof] ?? a.source.proof}</strong>
          {a.source.confidence !== 'high' && ` · ${a.source.confidence} confidence`}
        </Typography>
      </Box>
      <Box sx={{ width: { xs: '100%', md: 320 }, flex: 'none' }}>
        <LadderPicture
          title={a.method === 'pressure' ? 'Pressure by altitude' : 'Time by altitude'}
          ladder={a.ladder}
          pressure={a.method === 'pressure'}
          altitudeFt={altitudeFt}
          stated={null}
        />
      </Box>
    </Paper>
  );
}
