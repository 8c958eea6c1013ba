import {
  Box,
  Button,
  Link,
  Paper,
  Stack,
  Tab,
  Tabs,
  ToggleButton,
  ToggleButtonGroup,
  Typography,
} from '@mui/material';
import { useMemo, useRef, useState } from 'react';
import { Link as RouterLink, useNavigate, useParams } from 'react-router';
import type { Assertion, CaseView, Finding } from '../../api/client';
import { useAssert, useCase, useSession } from '../../api/queries';
import { CallBadge } from '../../ui/CallBadge';
import { ProblemLine } from '../../ui/ProblemLine';
import { AcidMap } from './AcidMap';
import { AnnotatedText } from './AnnotatedText';
import { byWeight, number } from './annotate';
import { AsRead } from './AsRead';
import { Aspects } from './Aspects';
import { DetailsDialog } from './DetailsDialog';
import { FindingCard } from './FindingCard';
import { JarPicture } from './JarPicture';
import { KeySheet } from './KeySheet';
import { Ladder } from './Ladder';
import { QuestionCard } from './QuestionCard';
import { Sheet } from './Sheet';
import { CaseFile } from '../casefile/CaseFile';
import { Presence } from '../casefile/Presence';
import { useDesk, useSetAside, useSetAsides, useTakeBackSetAside } from '../casefile/queries';
import { CorrectRoom } from '../correct/CorrectRoom';
import { SetAsideLine } from './SetAsideLine';
import { Standing } from './Standing';
import { useKeys } from './useKeys';

type Room = 'findings' | 'correct' | 'reading' | 'sheet' | 'file';

export function ReviewPage() {
  const { id = '' } = useParams();
  const view = useCase(id);
  return (
    <>
      <ProblemLine error={view.error} />
      {view.data && <Reviewed key={view.data.id} view={view.data} />}
    </>
  );
}

function Reviewed({ view }: { view: CaseView }) {
  const navigate = useNavigate();
  const parts = view.review.parts;
  const [part, setPart] = useState(0);
  const [room, setRoom] = useState<Room>('findings');
  const review = parts[part] ?? view.review;
  const numbered = useMemo(() => number(review.findings), [review]);
  const met = review.findings.filter((f) => f.severity === 'met');
  const [active, setActive] = useState<number | null>(null);
  const [showMet, setShowMet] = useState(false);
  const [weighed, setWeighed] = useState(false);
  // where the acid is what is wrong, its picture comes first
  const acidFirst = review.aspects.some(
    (a) => a.aspect === 'acid' && (a.state === 'danger' || a.state === 'correct'),
  );
  const acidMap = review.acidMap && (
    <Paper sx={{ p: 1.5 }}>
      <AcidMap review={review} />
    </Paper>
  );
  const ordered = weighed ? byWeight(numbered) : numbered;
  const [keysOpen, setKeysOpen] = useState(false);
  const [detailsOpen, setDetailsOpen] = useState(false);
  const cards = useRef(new Map<number, HTMLDivElement>());
  const answer = useAssert(view.id);
  const session = useSession();
  const desk = useDesk(view.id);
  const setAsides = useSetAsides(view.id);
  const setAside = useSetAside(view.id);
  const takeBack = useTakeBackSetAside(view.id);
  const [asking, setAsking] = useState<number | null>(null);

  const showCard = (n: number) => {
    setActive(n);
    cards.current.get(n)?.scrollIntoView({ block: 'nearest' });
  };
  const step = (by: number) => {
    const at = ordered.findIndex((o) => o.number === active);
    const from = at < 0 ? (by > 0 ? -1 : ordered.length) : at;
    const next = ordered[Math.min(ordered.length - 1, Math.max(0, from + by))]?.number;
    if (next !== undefined) {
      setActive(next);
      const card = cards.current.get(next);
      card?.focus({ preventScroll: true });
      card?.scrollIntoView({ block: 'nearest' });
      document.querySelector(`[data-numbers~="${next}"]`)?.scrollIntoView({ block: 'nearest' });
    }
  };
  const showEvidence = () => {
    document.querySelector(`[data-numbers~="${active}"]`)?.scrollIntoView({ block: 'center' });
  };
  const handlers = {
    n: () => step(1),
    p: () => step(-1),
    e: showEvidence,
    w: () => setWeighed((s) => !s),
    m: () => setShowMet((s) => !s),
    f: () => setRoom('findings'),
    c: () => setRoom('correct'),
    a: () => setRoom('reading'),
    t: () => review.sheet && setRoom('sheet'),
    b: () => setRoom('file'),
    d: () => setAsking(active),
    r: () => void navigate(`/cases/${view.id}/reply`),
    i: () => void navigate('/incoming'),
    '?': () => setKeysOpen(true),
  };
  useKeys(handlers);
  const aside = (n: number, finding: Finding) => (
    <SetAsideLine
      standing={setAsides.data?.find(
        (s) => s.takenBackAt == null && s.code === finding.code && s.title === finding.title,
      )}
      may={session.data?.role === 'EDUCATOR' || !['danger', 'correct'].includes(finding.severity)}
      busy={setAside.isPending || takeBack.isPending}
      asking={asking === n}
      onAsk={(open) => setAsking(open ? n : null)}
      onSetAside={(reason) =>
        setAside.mutate(
          {
            code: finding.code,
            title: finding.title,
            quote: finding.evidence[0]?.text.slice(0, 400) ?? '',
            reason,
          },
          { onSuccess: () => setAsking(null) },
        )
      }
      onTakeBack={(id) => takeBack.mutate(id)}
    />
  );
  const copies = desk.data?.beside.same ?? [];
  const sameProcess = parts.every((p) => p.placed.process === parts[0]?.placed.process);
  const unreadCount = review.unread.filter((u) => u.bears).length;
  const unsaid = numbered.filter((n) => n.finding.evidence.length === 0);

  return (
    <>
      <Stack direction="row" spacing={1} sx={{ alignItems: 'center', mb: 1 }}>
        <Typography variant="h1" sx={{ flex: 1 }}>
          {view.title}
        </Typography>
        <Button className="no-print" onClick={() => setKeysOpen(true)} aria-label="Keys">
          ?
        </Button>
        <Button
          className="no-print"
          component={RouterLink}
          to={`/cases/${view.id}/reply`}
          variant="contained"
        >
          Reply
        </Button>
      </Stack>
      <Presence id={view.id} room="REVIEW" />
      {copies.length > 0 && (
        <Typography className="no-print" sx={{ mb: 0.5 }}>
          The same text came before:{' '}
          {copies.map((c, n) => (
            <span key={c.id}>
              {n > 0 && ', '}
              <Link component={RouterLink} to={`/cases/${c.id}`}>
                {c.cannerName || c.title}
              </Link>
              {c.answerId && ' (answered)'}
            </span>
          ))}
        </Typography>
      )}
      {parts.length > 1 && (
        <ToggleButtonGroup
          exclusive
          size="small"
          value={part}
          onChange={(_, n: number | null) => n !== null && setPart(n)}
          aria-label="Recipes in this letter"
          sx={{ mb: 1, flexWrap: 'wrap' }}
        >
          {parts.map((p, n) => (
            <ToggleButton key={n} value={n} sx={{ textTransform: 'none', gap: 1, color: 'text.primary' }}>
              {sameProcess && p.stated.jar
                ? `in ${p.stated.jar}s`
                : `${n + 1}. ${p.placed.title ?? 'not placed'}`}
              <CallBadge call={p.call} worst={p.worstOpen} />
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
      )}
      <Standing view={view} review={review} onDetails={() => setDetailsOpen(true)} />
      <Aspects aspects={review.aspects} />
      <Tabs
        value={room}
        onChange={(_, next: Room) => setRoom(next)}
        aria-label="What to look at"
        className="no-print"
        sx={{
          mt: 0.5,
          minHeight: 40,
          '& .MuiTab-root': { minHeight: 40, textTransform: 'none', fontWeight: 600 },
        }}
      >
        <Tab value="findings" label="Findings" />
        <Tab value="correct" label="Correct" />
        <Tab value="reading" label={`As read${unreadCount > 0 ? ` (${unreadCount} not understood)` : ''}`} />
        {review.sheet && <Tab value="sheet" label="Beside the tested recipe" />}
        <Tab
          value="file"
          label={desk.data?.wroteBackAt ? 'Case file (the canner wrote back)' : 'Case file'}
        />
      </Tabs>
      <ProblemLine error={answer.error ?? setAside.error ?? takeBack.error} />
      {room === 'correct' && (
        <CorrectRoom key={`${view.reviewedAt} ${part}`} view={view} review={review} part={part} />
      )}
      {room === 'reading' && <AsRead review={review} onSay={(said) => answer.mutate(said)} />}
      {room === 'sheet' && <Sheet review={review} />}
      {room === 'file' && <CaseFile view={view} />}
      <Box
        hidden={room !== 'findings'}
        sx={{
          mt: 1.5,
          display: room === 'findings' ? 'grid' : 'none',
          gap: 2,
          alignItems: 'start',
          gridTemplateColumns: {
            xs: '1fr',
            md: 'minmax(0, 1fr) minmax(0, 1fr)',
            lg: 'minmax(0, 1.15fr) minmax(0, 1fr) 270px',
          },
        }}
      >
        <Box sx={{ minWidth: 0 }}>
          <AnnotatedText review={review} numbered={numbered} active={active} onActivate={showCard} />
          {unsaid.length > 0 && (
            <Typography sx={{ mt: 0.5, fontSize: '0.9rem' }}>
              {unsaid.length === 1 ? 'Finding' : 'Findings'} {unsaid.map((n) => n.number).join(', ')}: about
              what the text does not say.
            </Typography>
          )}
        </Box>
        <Box
          component="section"
          aria-label="Findings"
          sx={{
            minWidth: 0,
            // beside a long letter the cards stay in view
            '@media screen and (min-width: 900px)': {
              position: 'sticky',
              top: 8,
              maxHeight: 'calc(100vh - 16px)',
              overflowY: 'auto',
            },
          }}
        >
          {numbered.length > 3 && (
            <ToggleButtonGroup
              exclusive
              size="small"
              className="no-print"
              value={weighed}
              onChange={(_, by: boolean | null) => by !== null && setWeighed(by)}
              aria-label="Order of the findings"
              sx={{
                mb: 1,
                '& .MuiToggleButton-root': { textTransform: 'none', py: 0.25, color: 'text.primary' },
              }}
            >
              <ToggleButton value={false}>as in the text</ToggleButton>
              <ToggleButton value={true}>gravest first</ToggleButton>
            </ToggleButtonGroup>
          )}
          {ordered.map(({ number: n, finding }) => (
            <FindingCard
              key={n}
              ref={(element) => {
                if (element) {
                  cards.current.set(n, element);
                } else {
                  cards.current.delete(n);
                }
              }}
              number={n}
              finding={finding}
              active={active === n}
              onActivate={() => setActive(n)}
              aside={aside(n, finding)}
            />
          ))}
          {numbered.length === 0 && (
            <Paper sx={{ p: 1.5, mb: 1.25 }}>
              <Typography>Nothing to correct was found.</Typography>
            </Paper>
          )}
          {review.questions.length > 0 && (
            <>
              <Typography variant="h2" sx={{ mt: 2, mb: 1 }}>
                Questions
              </Typography>
              {review.questions.map((q) => (
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
            </>
          )}
          {met.length > 0 && (
            <>
              <Button className="no-print" onClick={() => setShowMet((s) => !s)} aria-expanded={showMet}>
                {showMet ? 'Fold' : 'Show'} {met.length} in order
              </Button>
              {showMet &&
                met.map((f) => (
                  <FindingCard
                    key={f.code + f.title}
                    number={null}
                    finding={f}
                    active={false}
                    onActivate={() => undefined}
                  />
                ))}
            </>
          )}
        </Box>
        <Box
          component="section"
          aria-label="Pictures"
          sx={{
            display: 'grid',
            gap: 2,
            gridColumn: { md: '1 / -1', lg: 'auto' },
            gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr', lg: '1fr' },
          }}
        >
          {acidFirst && acidMap}
          {review.required && (
            <>
              <Paper sx={{ p: 1.5 }}>
                <Ladder review={review} />
              </Paper>
              <Paper sx={{ p: 1.5 }}>
                <JarPicture review={review} />
              </Paper>
            </>
          )}
          {!acidFirst && acidMap}
        </Box>
      </Box>
      <KeySheet open={keysOpen} onClose={() => setKeysOpen(false)} />
      {detailsOpen && <DetailsDialog view={view} onClose={() => setDetailsOpen(false)} />}
    </>
  );
}
