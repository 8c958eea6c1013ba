import { Box, Button, Chip, Paper, Stack, Typography } from '@mui/material';
import { useState } from 'react';
import type { Assertion, CaseView, Review } from '../../api/client';
import { useReviewAgain, useSession, useTakeBack } from '../../api/queries';
import { tones } from '../../theme/theme';
import { CallBadge } from '../../ui/CallBadge';
import { adviceWord, deadline, feet, inches, methodWord } from '../../ui/words';
import { JarsDialog } from './JarsDialog';
import { saidWords } from './reading';

interface Props {
  view: CaseView;
  /** the part shown, where the letter has several */
  review: Review;
  onDetails: () => void;
}

/** The call, where the recipe stands, what is required, and the jars already made. */
export function Standing({ view, review, onDetails }: Props) {
  const { details } = view;
  const takeBack = useTakeBack(view.id);
  const again = useReviewAgain(view.id);
  const [jars, setJars] = useState(false);
  const zone = useSession().data?.zone;
  const required = review.required;
  const minutes =
    required == null
      ? null
      : required.minutes == null || required.leastMinutes !== required.minutes
        ? `${required.leastMinutes} to ${Math.max(...required.ladder.map((r) => r.minutes), required.minutes ?? 0)} min`
        : `${required.minutes} min`;
  return (
    <Paper sx={{ p: 1.5, mb: 1.5 }}>
      <Stack direction={{ xs: 'column', md: 'row' }} spacing={{ xs: 1, md: 3 }}>
        <Box sx={{ minWidth: 200 }}>
          <CallBadge call={review.call} worst={review.worstOpen} large />
          <Typography sx={{ color: 'text.secondary', fontSize: '0.9rem' }}>
            {details.cannerName || 'name not given'}
            {details.place && ` · ${details.place}`} ·{' '}
            {review.altitudeFt == null ? 'altitude not known' : feet(review.altitudeFt)}
          </Typography>
          <Button size="small" sx={{ p: 0, minWidth: 0 }} className="no-print" onClick={onDetails}>
            Change place, canner or jars
          </Button>
        </Box>
        <Box sx={{ flex: 1 }}>
          <Typography sx={{ fontWeight: 600 }}>
            {review.placed.title ?? 'No tested process matches this recipe'}
          </Typography>
          {required ? (
            <Typography>
              Required: {methodWord[required.method]}, {required.jar}, {minutes}
              {required.psi != null && ` at ${required.psi} psi`}, {inches(required.headspaceIn ?? 0)}{' '}
              headspace
              {required.sterilise && ', jars boiled empty first'}
              {required.acidPerJar && `; per jar ${required.acidPerJar}`}
            </Typography>
          ) : (
            <Typography>
              {review.placed.alternatives.length > 0
                ? `It resembles: ${review.placed.alternatives.map((a) => a.title).join('; ')}`
                : 'Offer the freezer, the refrigerator or a tested recipe.'}
            </Typography>
          )}
          <Typography sx={{ color: 'text.secondary', fontSize: '0.87rem' }}>
            Placed with {review.placed.confidence} certainty · {review.guide} · engine {review.engine}
            {view.currentGuide !== review.guide && (
              <>
                {' · the guide has changed since: '}
                <Button
                  size="small"
                  sx={{ p: 0, minWidth: 0 }}
                  className="no-print"
                  disabled={again.isPending}
                  onClick={() => again.mutate(null)}
                >
                  review again
                </Button>
              </>
            )}
          </Typography>
          {view.assertions.length > 0 && (
            <Stack
              direction="row"
              spacing={0.5}
              sx={{ mt: 0.5, flexWrap: 'wrap' }}
              useFlexGap
              aria-label="Said besides the text"
            >
              {view.review.said.map((s, n) => (
                <Chip
                  key={`${s.field} ${s.start}`}
                  size="small"
                  variant="outlined"
                  label={saidWords(s)}
                  sx={{ height: 'auto', '& .MuiChip-label': { whiteSpace: 'normal', py: 0.25 } }}
                  onDelete={() =>
                    takeBack.mutate({
                      field: s.field as Assertion['field'],
                      start: view.assertions[n]?.at?.start ?? null,
                    })
                  }
                />
              ))}
            </Stack>
          )}
        </Box>
        {review.jars && (
          <Box
            sx={{ maxWidth: { md: 380 }, borderLeft: { md: `3px double ${tones.danger}` }, pl: { md: 1.5 } }}
          >
            <Typography
              sx={{ fontWeight: 700, color: review.jars.advice === 'keep' ? tones.met : tones.danger }}
            >
              Jars made: {adviceWord[review.jars.advice] ?? review.jars.advice}
              {review.jars.by && ` before ${deadline(review.jars.by, 'short', zone)}`}
            </Typography>
            <Typography sx={{ fontSize: '0.93rem' }}>{review.jars.why}</Typography>
            <Button
              size="small"
              sx={{ p: 0, minWidth: 0 }}
              className="no-print"
              onClick={() => setJars(true)}
            >
              What to do, step by step
            </Button>
            {jars && <JarsDialog jars={review.jars} onClose={() => setJars(false)} />}
          </Box>
        )}
      </Stack>
    </Paper>
  );
}
