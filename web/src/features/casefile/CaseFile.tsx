import { Box, Button, Checkbox, FormControlLabel, Paper, Stack, TextField, Typography } from '@mui/material';
import { useRef, useState } from 'react';
import { Link as RouterLink } from 'react-router';
import type { CaseView, DeskView } from '../../api/client';
import { useColleagues, useSession } from '../../api/queries';
import { serif, tones } from '../../theme/theme';
import { Choice } from '../../ui/Choice';
import { ProblemLine } from '../../ui/ProblemLine';
import { when } from '../../ui/words';
import { OtherCases } from './OtherCases';
import {
  useAddPhoto,
  useDesk,
  useKeepDesk,
  useMessages,
  usePhotos,
  useRemovePhoto,
  useSeen,
  useTakeIn,
} from './queries';

const tagsOf = (typed: string): string[] => [
  ...new Set(
    typed
      .split(',')
      .map((t) => t.trim())
      .filter((t) => t !== ''),
  ),
];

function Notes({ id, desk }: { id: string; desk: DeskView }) {
  const colleagues = useColleagues();
  const keep = useKeepDesk(id);
  const [who, setWho] = useState(desk.assignedTo ?? '');
  const [day, setDay] = useState(desk.followUp ?? '');
  const [tags, setTags] = useState(desk.tags.join(', '));
  return (
    <Paper component="section" aria-label="Desk notes" sx={{ p: 2 }}>
      <Typography variant="h2" sx={{ mb: 1.5 }}>
        Desk notes
      </Typography>
      <Stack spacing={1.5}>
        <Choice
          label="Whose case it is"
          width={220}
          empty="nobody's"
          value={who}
          options={(colleagues.data ?? []).map((c) => ({ value: c.username, label: c.displayName }))}
          onChange={setWho}
        />
        <TextField
          size="small"
          type="date"
          label="Look at it again on"
          value={day}
          onChange={(e) => setDay(e.target.value)}
          slotProps={{ inputLabel: { shrink: true } }}
        />
        <TextField
          size="small"
          label="Tags, with commas between"
          value={tags}
          onChange={(e) => setTags(e.target.value)}
        />
        <Box>
          <Button
            variant="outlined"
            disabled={keep.isPending}
            onClick={() =>
              keep.mutate({ assignedTo: who || null, followUp: day || null, tags: tagsOf(tags) })
            }
          >
            Keep these notes
          </Button>
          {keep.isSuccess && (
            <Typography component="span" role="status" sx={{ ml: 1, color: tones.met }}>
              Kept.
            </Typography>
          )}
        </Box>
        <ProblemLine error={keep.error} />
      </Stack>
    </Paper>
  );
}

function Letters({ id, wroteBackAt }: { id: string; wroteBackAt: string | null }) {
  const messages = useMessages(id);
  const takeIn = useTakeIn(id);
  const seen = useSeen(id);
  const [words, setWords] = useState('');
  const [withRecipe, setWithRecipe] = useState(true);
  return (
    <Paper component="section" aria-label="What the canner wrote back" sx={{ p: 2 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        What the canner wrote back
      </Typography>
      {messages.data?.map((m) => (
        <Box key={m.id} sx={{ mb: 1.5 }}>
          <Typography sx={{ color: 'text.secondary', fontSize: '0.9rem' }}>
            {when(m.writtenAt)}, taken in by {m.takenInBy}
          </Typography>
          <Box sx={{ whiteSpace: 'pre-wrap', font: `400 1.02rem/1.55 ${serif}` }}>{m.words}</Box>
        </Box>
      ))}
      {wroteBackAt && (
        <Button
          sx={{ mb: 1 }}
          variant="outlined"
          disabled={seen.isPending}
          onClick={() => seen.mutate(undefined)}
        >
          Nothing more to do about it
        </Button>
      )}
      <Stack
        component="form"
        spacing={1}
        onSubmit={(e) => {
          e.preventDefault();
          takeIn.mutate({ words, readWithRecipe: withRecipe }, { onSuccess: () => setWords('') });
        }}
      >
        <TextField
          label="Paste what they wrote"
          multiline
          minRows={3}
          value={words}
          onChange={(e) => setWords(e.target.value)}
          slotProps={{ htmlInput: { maxLength: 50_000, style: { fontFamily: serif } } }}
        />
        <FormControlLabel
          control={<Checkbox checked={withRecipe} onChange={(e) => setWithRecipe(e.target.checked)} />}
          label="Read it with the recipe, and review all of it again"
        />
        <Box>
          <Button type="submit" variant="outlined" disabled={words.trim() === '' || takeIn.isPending}>
            Take it in
          </Button>
        </Box>
        <ProblemLine error={takeIn.error ?? seen.error ?? messages.error} />
      </Stack>
    </Paper>
  );
}

function Photos({ view }: { view: CaseView }) {
  const photos = usePhotos(view.id);
  const add = useAddPhoto(view.id);
  const remove = useRemovePhoto(view.id);
  const picker = useRef<HTMLInputElement>(null);
  return (
    <Paper component="section" aria-label="Photo of the card" sx={{ p: 2 }}>
      <Stack direction="row" spacing={1} sx={{ alignItems: 'center', mb: 1 }}>
        <Typography variant="h2" sx={{ flex: 1 }}>
          Photo of the card
        </Typography>
        <Button variant="outlined" disabled={add.isPending} onClick={() => picker.current?.click()}>
          Add a photo
        </Button>
        <input
          ref={picker}
          type="file"
          accept="image/jpeg,image/png"
          hidden
          aria-label="Photo file"
          onChange={(e) => {
            const file = e.target.files?.[0];
            if (file) {
              add.mutate(file);
            }
            e.target.value = '';
          }}
        />
      </Stack>
      <ProblemLine error={add.error ?? remove.error ?? photos.error} />
      {photos.data?.length === 0 && (
        <Typography sx={{ color: 'text.secondary' }}>
          None. A JPEG or PNG of up to 6 MB stands here beside the typed text.
        </Typography>
      )}
      {(photos.data?.length ?? 0) > 0 && (
        <Box sx={{ display: 'grid', gridTemplateColumns: { md: '1fr 1fr' }, gap: 2 }}>
          <Box>
            {photos.data?.map((photo, n) => (
              <Box key={photo} sx={{ mb: 1 }}>
                <Box
                  component="img"
                  src={`/api/cases/${view.id}/photos/${photo}`}
                  alt={`The card, photo ${n + 1}`}
                  sx={{ maxWidth: '100%', display: 'block' }}
                />
                <Button size="small" onClick={() => remove.mutate(photo)}>
                  Remove photo {n + 1}
                </Button>
              </Box>
            ))}
          </Box>
          <Box sx={{ whiteSpace: 'pre-wrap', font: `400 1.02rem/1.6 ${serif}` }}>{view.review.text}</Box>
        </Box>
      )}
    </Paper>
  );
}

/** Everything kept about a case beside its review. */
export function CaseFile({ view }: { view: CaseView }) {
  const desk = useDesk(view.id);
  const session = useSession();
  return (
    <Box
      sx={{
        mt: 1.5,
        display: 'grid',
        gap: 2,
        alignItems: 'start',
        gridTemplateColumns: { md: '300px 1fr 1fr' },
      }}
    >
      <ProblemLine error={desk.error} />
      {desk.data && (
        <>
          <Notes id={view.id} desk={desk.data} />
          <Letters id={view.id} wroteBackAt={desk.data.wroteBackAt ?? null} />
          <Paper component="section" aria-label="What lies beside it" sx={{ p: 2 }}>
            <Stack direction="row" spacing={1} useFlexGap sx={{ mb: 1.5, flexWrap: 'wrap' }}>
              <Button
                variant="outlined"
                component={RouterLink}
                to={`/plan?${new URLSearchParams({
                  case: view.id,
                  title: view.title,
                  altitude: view.details.altitudeFt == null ? '' : String(view.details.altitudeFt),
                }).toString()}`}
              >
                Plan the day
              </Button>
              {session.data?.role === 'EDUCATOR' && (
                <Button variant="outlined" component={RouterLink} to={`/practice?from=${view.id}`}>
                  Use it for practice
                </Button>
              )}
            </Stack>
            <OtherCases
              title="Signed answers to cases like this"
              cases={desk.data.beside.similar}
              none="None about this food or process yet."
            />
            <OtherCases
              title="Asked before by this canner"
              cases={desk.data.beside.earlier}
              none="Nothing by this name or address."
            />
            <OtherCases
              title="The same text, sent before"
              cases={desk.data.beside.same}
              none="No other copy of it."
            />
          </Paper>
        </>
      )}
      <Box sx={{ gridColumn: '1 / -1' }}>
        <Photos view={view} />
      </Box>
    </Box>
  );
}
