import { Box, Paper, Slider, Typography } from '@mui/material';
import type { Edit, Ingredient, Review } from '../../api/client';
import { Choice } from '../../ui/Choice';
import { feet, fraction, unitWord } from '../../ui/words';
import { factorOf, figureOf, movable, put, scaleAll, setAmount } from './edits';

interface Props {
  /** the recipe as it came */
  review: Review;
  edits: Edit[];
  altitudeFt: number | null;
  onEdits: (edits: Edit[]) => void;
  onAltitude: (feet: number) => void;
}

const jars = ['half-pint', 'pint', 'quart'].map((j) => ({ value: j, label: j }));
const packs = [
  { value: 'hot', label: 'hot' },
  { value: 'raw', label: 'raw' },
];

function Hand(props: {
  label: string;
  said: string;
  value: number;
  min: number;
  max: number;
  step: number;
  onChange: (v: number) => void;
}) {
  return (
    <Box sx={{ mb: 0.5 }}>
      <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 1, fontSize: '0.93rem' }}>
        <span>{props.label}</span>
        <Box component="span" sx={{ fontWeight: 700, whiteSpace: 'nowrap' }}>
          {props.said}
        </Box>
      </Box>
      <Slider
        size="small"
        aria-label={props.label}
        value={props.value}
        min={props.min}
        max={props.max}
        step={props.step}
        getAriaValueText={() => props.said}
        onChange={(_, v) => props.onChange(v)}
        sx={{ py: '6px' }}
      />
    </Box>
  );
}

/** What matters, under the hand; call, figures and pictures answer while it moves. */
export function Bench({ review, edits, altitudeFt, onEdits, onAltitude }: Props) {
  const { liquids, vegetables } = movable(review);
  const minutes = edits.find((e) => e.kind === 'setMinutes' || e.kind === 'setProcess')?.values.minutes;
  const jar = edits.find((e) => e.kind === 'setJar')?.values.jar ?? review.stated.jar;
  const pack = edits.find((e) => e.kind === 'follow' && e.values.step === 'pack')?.values.value;
  const altitude = altitudeFt ?? review.altitudeFt ?? 0;
  const amount = (i: Ingredient) => {
    const at = figureOf(i, edits);
    const most = Math.max(2, (i.figure ?? 1) * 4, at);
    return (
      <Hand
        key={i.start}
        label={i.food}
        said={`${fraction(at)} ${unitWord(i.unit, at)}`}
        value={at}
        min={0.25}
        max={most}
        step={0.25}
        onChange={(v) => onEdits(put(edits, setAmount(i, v)))}
      />
    );
  };
  return (
    <Paper component="section" aria-label="What if" sx={{ p: 1.5, mb: 1.5 }}>
      <Typography variant="h3" sx={{ mb: 0.75 }}>
        What if
      </Typography>
      {liquids.map(amount)}
      {vegetables.length > 0 && (
        <Hand
          label={vegetables.length === 1 ? (vegetables[0]?.food ?? '') : 'all low-acid vegetables'}
          said={`${Math.round(factorOf(vegetables, edits) * 100)} % of what is written`}
          value={factorOf(vegetables, edits)}
          min={0.1}
          max={1.5}
          step={0.05}
          onChange={(v) => onEdits(scaleAll(vegetables, v, edits))}
        />
      )}
      <Hand
        label="time in the canner"
        said={`${String(minutes ?? review.stated.minutes ?? review.required?.minutes ?? 10)} min`}
        value={Number(minutes ?? review.stated.minutes ?? review.required?.minutes ?? 10)}
        min={1}
        max={120}
        step={1}
        onChange={(v) => onEdits(put(edits, { kind: 'setMinutes', values: { minutes: v } }))}
      />
      <Hand
        label="altitude"
        said={feet(altitude)}
        value={altitude}
        min={0}
        max={9000}
        step={100}
        onChange={onAltitude}
      />
      <Box sx={{ display: 'flex', gap: 1.5, mt: 1, flexWrap: 'wrap' }}>
        <Choice
          label="Jar"
          width={130}
          value={String(jar ?? '')}
          options={jars}
          onChange={(v) => onEdits(put(edits, { kind: 'setJar', values: { jar: v } }))}
        />
        <Choice
          label="Packed"
          width={110}
          value={String(pack ?? '')}
          options={packs}
          onChange={(v) => onEdits(put(edits, { kind: 'follow', values: { step: 'pack', value: v } }))}
        />
      </Box>
    </Paper>
  );
}
