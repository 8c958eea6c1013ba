import { Alert, Box, Button, Chip, Paper, Typography } from '@mui/material';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import { api, ok, type Assertion, type CaseView, type Edit, type Review, type Way } from '../../api/client';
import { useAssert, useCorrections, useTrial } from '../../api/queries';
import { rule, serif, tones } from '../../theme/theme';
import { CallBadge } from '../../ui/CallBadge';
import { ProblemLine } from '../../ui/ProblemLine';
import { SeverityMark } from '../../ui/SeverityMark';
import { toneOf } from '../../ui/words';
import { AcidMap } from '../review/AcidMap';
import { Ladder } from '../review/Ladder';
import { QuestionCard } from '../review/QuestionCard';
import { Bench } from './Bench';
import { cardPath } from './cardPath';
import { put, takeBack } from './edits';
import { InsteadCard } from './InsteadCard';
import { MarkedText } from './MarkedText';

interface Props {
  view: CaseView;
  review: Review;
  part: number;
}

function download(name: string, words: string, type: string) {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([words], { type }));
  link.download = name;
  link.click();
  URL.revokeObjectURL(link.href);
}

function WayCard({
  way,
  n,
  chosen,
  onChoose,
}: {
  way: Way;
  n: number;
  chosen: boolean;
  onChoose: () => void;
}) {
  return (
    <Box
      component="button"
      type="button"
      aria-pressed={chosen}
      onClick={onChoose}
      sx={{
        display: 'block',
        width: '100%',
        textAlign: 'left',
        font: 'inherit',
        color: 'inherit',
        cursor: 'pointer',
        p: 1.25,
        mb: 1,
        border: `1px solid ${rule}`,
        borderLeft: `5px solid ${tones.met}`,
        borderRadius: 1,
        backgroundColor: chosen ? '#fbf0cd' : 'background.paper',
      }}
    >
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline' }}>
        <Box component="span" sx={{ font: `700 1.1rem ${serif}` }}>
          {String.fromCharCode(65 + n)}
        </Box>
        <Box component="ul" sx={{ m: 0, p: 0, flex: 1, listStyle: 'none' }}>
          {way.words.map((w) => (
            <li key={w}>{w}</li>
          ))}
        </Box>
      </Box>
      <Typography sx={{ fontSize: '0.9rem', color: 'text.secondary', mt: 0.5 }}>
        It costs: {way.prices.join('; ')}
      </Typography>
    </Box>
  );
}

/** What to do then: proved sets of edits, single edits, and what-if, on the canner's own words. */
export function CorrectRoom({ view, review, part }: Props) {
  const corrections = useCorrections(view.id, part, view.reviewedAt);
  const found = corrections.data;
  const [edits, setEdits] = useState<Edit[] | null>(null);
  const [altitudeFt, setAltitude] = useState<number | null>(null);
  const answer = useAssert(view.id);
  const first = found?.ways[0] ?? found?.soFar ?? null;
  const now = edits ?? first?.edits ?? [];
  const trial = useTrial(view.id, part, view.reviewedAt, now, altitudeFt);
  const [said, setSaid] = useState<string | null>(null);
  const after = trial.data?.review;
  const sound = after?.call === 'sound' && altitudeFt == null;
  const single = found?.mended ?? [];
  const left = after?.findings.filter((f) => f.severity === 'danger' || f.severity === 'correct') ?? [];
  const same = (way: Way) => JSON.stringify(way.edits) === JSON.stringify(now);
  const jsonLd = async () => {
    try {
      const words = await ok(
        api.POST('/api/cases/{id}/corrected.jsonld', {
          params: { path: { id: view.id } },
          body: { edits: now, altitudeFt: null, part },
          parseAs: 'text',
        }),
      );
      download('corrected-recipe.jsonld', words, 'application/ld+json');
    } catch (error) {
      setSaid((error as Error).message);
    }
  };

  return (
    <Box sx={{ mt: 1.5 }}>
      <ProblemLine error={corrections.error ?? trial.error ?? answer.error} />
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          alignItems: 'start',
          gridTemplateColumns: {
            xs: '1fr',
            md: 'minmax(0, 1fr) minmax(0, 1fr)',
            lg: 'minmax(0, 1.1fr) minmax(0, 1fr) 290px',
          },
        }}
      >
        <Box sx={{ minWidth: 0 }}>
          <Paper
            aria-live="polite"
            aria-label="The call with these edits"
            sx={{ p: 1.25, mb: 1, display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}
          >
            <Typography>{now.length === 0 ? 'As it came:' : 'The next batch, with these edits:'}</Typography>
            {after && <CallBadge call={after.call} worst={after.worstOpen} large />}
          </Paper>
          {trial.data && <MarkedText pieces={trial.data.way.pieces} />}
          <Typography sx={{ mt: 0.5, fontSize: '0.9rem', color: 'text.secondary' }}>
            <Box component="span" sx={{ textDecoration: 'line-through', color: tones.danger }}>
              struck out
            </Box>
            {' · '}
            <Box
              component="span"
              sx={{
                textDecoration: 'underline',
                textDecorationStyle: 'double',
                color: tones.met,
                fontWeight: 600,
              }}
            >
              put in
            </Box>
            . This is for the next batch; it says nothing about jars already made.
          </Typography>
          <Box className="no-print" sx={{ display: 'flex', gap: 1, mt: 1, flexWrap: 'wrap' }}>
            <Button
              variant="contained"
              disabled={!sound}
              component={RouterLink}
              to={cardPath(view.id, part, now)}
            >
              Process card
            </Button>
            <Button
              variant="outlined"
              disabled={!sound}
              onClick={() =>
                download('corrected-recipe.txt', `${trial.data?.way.text ?? ''}\n`, 'text/plain')
              }
            >
              As text
            </Button>
            <Button variant="outlined" disabled={!sound} onClick={() => void jsonLd()}>
              As schema.org recipe
            </Button>
          </Box>
          {!sound && after && (
            <Typography sx={{ mt: 0.5, fontSize: '0.9rem' }}>
              A corrected recipe goes out only when it is sound.
            </Typography>
          )}
          {said && <Alert severity="error">{said}</Alert>}
        </Box>

        <Box component="section" aria-label="Ways to mend it" sx={{ minWidth: 0 }}>
          {found && found.ways.length > 0 && (
            <>
              <Typography variant="h2" sx={{ mb: 1 }}>
                {found.ways.length === 1
                  ? 'One way makes it sound'
                  : `${found.ways.length} ways make it sound`}
              </Typography>
              {found.ways.map((way, n) => (
                <WayCard key={n} way={way} n={n} chosen={same(way)} onChoose={() => setEdits(way.edits)} />
              ))}
            </>
          )}
          {found && found.ways.length === 0 && review.call !== 'sound' && (
            <Paper sx={{ p: 1.5, mb: 1.25, borderLeft: `5px solid ${tones.ask}` }}>
              <Typography variant="h3">No set of edits is proved yet</Typography>
              {found.beyond.map((f) => (
                <Typography key={f.code} sx={{ mt: 0.5 }}>
                  <SeverityMark tone={toneOf(f.severity)} /> {f.title} No edit mends this without making it
                  another recipe.
                </Typography>
              ))}
              {found.first.length > 0 && (
                <Typography sx={{ mt: 0.5 }}>
                  Some things only the canner can tell; with the answers it is looked at again.
                </Typography>
              )}
              {found.first.length === 0 && found.beyond.length === 0 && (
                <Typography sx={{ mt: 0.5 }}>
                  The text says something twice, and both cannot hold. Write the recipe out anew.
                </Typography>
              )}
            </Paper>
          )}
          {found && review.call === 'sound' && now.length === 0 && (
            <Paper sx={{ p: 1.5, mb: 1.25 }}>
              <Typography>It is sound as it stands; there is nothing to mend.</Typography>
            </Paper>
          )}
          {found?.first.map((q) => (
            <QuestionCard
              key={q.code + q.text}
              question={q}
              busy={answer.isPending}
              onAnswer={(a) =>
                answer.mutate([{ field: a.field as Assertion['field'], value: a.value, at: null }])
              }
              onIgnore={(e) =>
                answer.mutate([
                  { field: 'IGNORE', value: '', at: { start: e.start, end: e.end, quote: e.text } },
                ])
              }
            />
          ))}
          {now.length > 0 && trial.data && (
            <Paper sx={{ p: 1.5, mb: 1.25 }}>
              <Typography variant="h3" sx={{ mb: 0.5 }}>
                Edits now
              </Typography>
              <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}>
                {trial.data.way.words.map((w, n) => (
                  <Chip
                    key={`${n} ${w}`}
                    label={w}
                    variant="outlined"
                    onDelete={() => setEdits(takeBack(now, n))}
                    sx={{ height: 'auto', '& .MuiChip-label': { whiteSpace: 'normal', py: 0.25 } }}
                  />
                ))}
              </Box>
              <Button size="small" sx={{ mt: 0.5 }} onClick={() => setEdits([])}>
                Back to the recipe as it came
              </Button>
            </Paper>
          )}
          {left.length > 0 && (
            <Paper sx={{ p: 1.5, mb: 1.25 }}>
              <Typography variant="h3">Still amiss</Typography>
              {left.map((f) => (
                <Typography key={f.code + f.title} sx={{ mt: 0.25 }}>
                  <SeverityMark tone={toneOf(f.severity)} /> {f.title}
                </Typography>
              ))}
            </Paper>
          )}
          {single.length > 0 && (
            <Paper sx={{ p: 1.5, mb: 1.25 }}>
              <Typography variant="h3" sx={{ mb: 0.5 }}>
                Finding by finding
              </Typography>
              {single.map((m) => (
                <Box
                  key={m.code + m.title}
                  sx={{ display: 'flex', gap: 1, alignItems: 'baseline', mb: 0.75 }}
                >
                  <Box sx={{ flex: 1 }}>
                    <Typography>
                      <SeverityMark tone={toneOf(m.severity)} /> {m.title}
                    </Typography>
                    <Typography sx={{ fontSize: '0.93rem', color: 'text.secondary' }}>
                      {m.words.join('; ')}
                    </Typography>
                  </Box>
                  <Button
                    size="small"
                    variant="outlined"
                    aria-label={`Apply: ${m.words.join('; ')}`}
                    onClick={() => setEdits(m.edits.reduce(put, now))}
                  >
                    Apply
                  </Button>
                </Box>
              ))}
            </Paper>
          )}
          {found?.instead.map((i) => (
            <InsteadCard key={i.text} instead={i} />
          ))}
        </Box>

        <Box component="section" aria-label="Pictures" sx={{ gridColumn: { md: '1 / -1', lg: 'auto' } }}>
          <Bench
            review={review}
            edits={now}
            altitudeFt={altitudeFt}
            onEdits={setEdits}
            onAltitude={setAltitude}
          />
          {after?.acidMap && (
            <Paper sx={{ p: 1.5, mb: 1.5 }}>
              <AcidMap review={after} before={review.acidMap} />
            </Paper>
          )}
          {after?.required && (
            <Paper sx={{ p: 1.5 }}>
              <Ladder review={after} />
            </Paper>
          )}
        </Box>
      </Box>
    </Box>
  );
}
