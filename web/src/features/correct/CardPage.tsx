import { Box, Button, Typography } from '@mui/material';
import { useParams, useSearchParams } from 'react-router';
import { Link as RouterLink } from 'react-router';
import { useCard } from '../../api/queries';
import { paper, rule, serif, tones } from '../../theme/theme';
import { ProblemLine } from '../../ui/ProblemLine';
import { feet, inches, methodWord, proofWord } from '../../ui/words';
import { JarPicture } from '../review/JarPicture';
import { editsOf } from './cardPath';

function Fact({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <Box sx={{ borderTop: `1px solid ${rule}`, py: 0.75 }}>
      <Typography sx={{ fontSize: '0.87rem', color: 'text.secondary' }}>{name}</Typography>
      <Typography sx={{ font: `600 1.12rem/1.3 ${serif}` }}>{children}</Typography>
    </Box>
  );
}

/** One page for the kitchen wall: what goes in, which jar, how long, how sure. */
export function CardPage() {
  const { id = '' } = useParams();
  const [search] = useSearchParams();
  const card = useCard(id, Number(search.get('part') ?? 0), editsOf(search));
  const review = card.data?.review;
  const required = review?.required;
  const cautions = review?.findings.filter((f) => f.severity === 'caution' || f.severity === 'note') ?? [];
  return (
    <Box sx={{ maxWidth: 760, mx: 'auto' }}>
      <Box className="no-print" sx={{ display: 'flex', gap: 1, mb: 1.5 }}>
        <Button variant="contained" disabled={!required} onClick={() => window.print()}>
          Print
        </Button>
        <Button component={RouterLink} to={`/cases/${id}`}>
          Back to the review
        </Button>
      </Box>
      <ProblemLine error={card.error} />
      {card.data && review && required && (
        <Box
          component="article"
          aria-label="Process card"
          sx={{
            border: `1px solid ${rule}`,
            borderTop: `6px double ${tones.met}`,
            backgroundColor: paper,
            p: 3,
            '@media print': { border: 'none', p: 0 },
          }}
        >
          <Typography variant="h1">{card.data.title}</Typography>
          <Typography sx={{ color: 'text.secondary', mb: 1 }}>{review.placed.title}</Typography>
          <Box
            sx={{
              display: 'grid',
              gap: 3,
              gridTemplateColumns: { xs: '1fr', sm: '1.3fr 1fr' },
              '@media print': { gridTemplateColumns: '1.3fr 1fr' },
            }}
          >
            <Box>
              <Typography variant="h2">What goes in</Typography>
              <Box component="ul" sx={{ pl: 2.5, my: 0.5, font: `400 1.05rem/1.5 ${serif}` }}>
                {card.data.ingredients.map((words) => (
                  <li key={words}>{words}</li>
                ))}
              </Box>
              <Typography variant="h2" sx={{ mt: 1.5 }}>
                How
              </Typography>
              <Box component="ol" sx={{ pl: 2.5, my: 0.5, font: `400 1rem/1.5 ${serif}` }}>
                {card.data.steps.map((words) => (
                  <li key={words}>{words}</li>
                ))}
              </Box>
            </Box>
            <Box>
              <Fact name="Canner">{methodWord[required.method]}</Fact>
              <Fact name={`Time at ${review.altitudeFt == null ? 'any altitude' : feet(review.altitudeFt)}`}>
                {required.minutes} minutes
                {required.psi != null && ` at ${required.psi} psi`}
              </Fact>
              <Fact name="Jar">{`${required.jar}, ${inches(required.headspaceIn ?? 0)} headspace`}</Fact>
              {required.acidPerJar && <Fact name="Acid into each jar">{required.acidPerJar}</Fact>}
              {required.sterilise && <Fact name="Jars">boiled empty for 10 minutes first</Fact>}
              {card.data.loads.map((l) => (
                <Fact key={l} name="A canner load">
                  {l}
                </Fact>
              ))}
              <Box sx={{ maxWidth: 190, mt: 1 }}>
                <JarPicture review={review} />
              </Box>
            </Box>
          </Box>
          {cautions.length > 0 && (
            <>
              <Typography variant="h2" sx={{ mt: 1.5 }}>
                Mind
              </Typography>
              <Box component="ul" sx={{ pl: 2.5, my: 0.5 }}>
                {cautions.map((f) => (
                  <li key={f.code + f.title}>{f.correction?.text ?? f.title}</li>
                ))}
              </Box>
            </>
          )}
          <Typography sx={{ mt: 1.5, fontSize: '0.87rem', color: 'text.secondary' }}>
            {required.source.title}, {required.source.edition}
            {required.source.place && `, ${required.source.place}`} · {proofWord[required.source.proof]} ·{' '}
            {review.guide} · engine {review.engine}. Only for this food, this jar and this altitude.
          </Typography>
        </Box>
      )}
    </Box>
  );
}
