import { Box, MenuItem, Paper, Stack, TextField, Typography } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ok, type SumChoices } from '../../api/client';
import { serif, tones } from '../../theme/theme';
import { ProblemLine } from '../../ui/ProblemLine';
import { fraction } from '../../ui/words';

const sumKey = (name: string, query: object) => ['sums', name, query] as const;
const positive = (text: string): number | null => {
  const value = Number(text.replace(',', '.'));
  return text.trim() !== '' && Number.isFinite(value) && value >= 0 ? value : null;
};
const decimals = (value: number, digits = 1) =>
  value.toLocaleString('en-US', { maximumFractionDigits: digits });

function Card({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <Paper component="section" aria-label={title} sx={{ p: 2 }}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        {title}
      </Typography>
      {children}
    </Paper>
  );
}

function Result({ children, tone }: { children: React.ReactNode; tone?: keyof typeof tones }) {
  return (
    <Typography
      component="output"
      aria-live="polite"
      sx={{
        display: 'block',
        mt: 1,
        fontFamily: serif,
        fontSize: '1.15rem',
        fontWeight: 600,
        color: tone && tones[tone],
      }}
    >
      {children}
    </Typography>
  );
}

interface FieldProps {
  label: string;
  value: string;
  onChange: (value: string) => void;
  width?: number;
}

const Field = ({ label, value, onChange, width = 110 }: FieldProps) => (
  <TextField
    size="small"
    label={label}
    value={value}
    onChange={(e) => onChange(e.target.value)}
    sx={{ width }}
    slotProps={{ htmlInput: { inputMode: 'decimal' } }}
  />
);

const Pick = ({ options, ...field }: FieldProps & { options: { value: string; label: string }[] }) => (
  <TextField
    select
    size="small"
    label={field.label}
    value={field.value}
    onChange={(e) => field.onChange(e.target.value)}
    sx={{ minWidth: field.width ?? 150 }}
  >
    {options.map((o) => (
      <MenuItem key={o.value} value={o.value}>
        {o.label}
      </MenuItem>
    ))}
  </TextField>
);

const Row = ({ children }: { children: React.ReactNode }) => (
  <Stack direction="row" sx={{ gap: 1, flexWrap: 'wrap' }}>
    {children}
  </Stack>
);

const same = (list: string[]) => list.map((v) => ({ value: v, label: v }));
const jarOptions = (c: SumChoices) => c.jars.map((j) => ({ value: j.id, label: j.label }));

function Acid({ choices }: { choices: SumChoices }) {
  const [food, setFood] = useState('tomato');
  const [jar, setJar] = useState('quart');
  const [jars, setJars] = useState('7');
  const n = positive(jars);
  const query = { food, jar, jars: Math.round(n ?? 0) };
  const sum = useQuery({
    queryKey: sumKey('acid', query),
    queryFn: () => ok(api.GET('/api/sums/acid', { params: { query } })),
    enabled: n != null && n >= 1,
  });
  return (
    <Card title="Acid for a batch">
      <Row>
        <Field label="Jars" value={jars} onChange={setJars} width={80} />
        <Pick label="Size" value={jar} onChange={setJar} options={jarOptions(choices)} />
        <Pick label="Food" value={food} onChange={setFood} options={same(choices.acidFoods)} />
      </Row>
      <ProblemLine error={sum.error} />
      {sum.data?.map((a) => (
        <Result key={a.form}>
          {a.total} {a.form} in all, {a.perJar} a jar
        </Result>
      ))}
    </Card>
  );
}

function Syrup({ choices }: { choices: SumChoices }) {
  const [percent, setPercent] = useState('20');
  const [cups, setCups] = useState('10');
  const n = positive(cups);
  const query = { percent: Number(percent), cups: n ?? 0 };
  const sum = useQuery({
    queryKey: sumKey('syrup', query),
    queryFn: () => ok(api.GET('/api/sums/syrup', { params: { query } })),
    enabled: n != null && n > 0,
  });
  return (
    <Card title="Syrup">
      <Row>
        <Field label="Cups of syrup" value={cups} onChange={setCups} />
        <Pick
          label="Strength"
          value={percent}
          onChange={setPercent}
          width={200}
          options={choices.syrups.map((s) => ({
            value: String(s.percent),
            label: `${s.name}, about ${s.percent} %`,
          }))}
        />
      </Row>
      <ProblemLine error={sum.error} />
      {sum.data && (
        <Result>
          {fraction(sum.data.waterCups)} cups water and {fraction(sum.data.sugarCups)} cups sugar
        </Result>
      )}
    </Card>
  );
}

function Brine() {
  const [vinegar, setVinegar] = useState('4');
  const [strength, setStrength] = useState('5');
  const [water, setWater] = useState('4');
  const query = {
    vinegar: positive(vinegar) ?? 0,
    strength: positive(strength) ?? 0,
    water: positive(water) ?? 0,
  };
  const sum = useQuery({
    queryKey: sumKey('brine', query),
    queryFn: () => ok(api.GET('/api/sums/brine', { params: { query } })),
    enabled: query.vinegar > 0 && query.strength > 0 && positive(water) != null,
  });
  return (
    <Card title="Brine strength">
      <Row>
        <Field label="Vinegar, cups" value={vinegar} onChange={setVinegar} />
        <Field label="Vinegar, %" value={strength} onChange={setStrength} />
        <Field label="Water, cups" value={water} onChange={setWater} />
      </Row>
      <ProblemLine error={sum.error} />
      {sum.data && (
        <Result tone={sum.data.weak ? 'danger' : undefined}>
          {decimals(sum.data.percent, 2)} % acetic acid
          {sum.data.weak
            ? `, too weak: without a tested recipe at least ${decimals(sum.data.leastPercent)} %, so at most ${fraction(sum.data.mostWaterCups)} cups of water`
            : ''}
        </Result>
      )}
    </Card>
  );
}

function Salt({ choices }: { choices: SumChoices }) {
  const [cups, setCups] = useState('0.75');
  const [from, setFrom] = useState(choices.salts[0] ?? '');
  const [to, setTo] = useState(choices.salts[2] ?? '');
  const [pounds, setPounds] = useState('25');
  const n = positive(cups);
  const lb = positive(pounds);
  const swapQuery = { cups: n ?? 0, from, to };
  const swap = useQuery({
    queryKey: sumKey('salt-swap', swapQuery),
    queryFn: () => ok(api.GET('/api/sums/salt-swap', { params: { query: swapQuery } })),
    enabled: n != null && n > 0,
  });
  const shareQuery = { cups: n ?? 0, kind: from, pounds: lb ?? 0 };
  const share = useQuery({
    queryKey: sumKey('salt-share', shareQuery),
    queryFn: () => ok(api.GET('/api/sums/salt-share', { params: { query: shareQuery } })),
    enabled: n != null && n > 0 && lb != null && lb > 0,
  });
  return (
    <Card title="Salt by weight">
      <Row>
        <Field label="Cups" value={cups} onChange={setCups} width={80} />
        <Pick label="Of" value={from} onChange={setFrom} options={same(choices.salts)} width={190} />
        <Pick label="Is as much as" value={to} onChange={setTo} options={same(choices.salts)} width={190} />
        <Field label="Vegetable, lb" value={pounds} onChange={setPounds} />
      </Row>
      <ProblemLine error={swap.error ?? share.error} />
      {swap.data && (
        <Result>
          {fraction(swap.data.cups)} cups of {to}
        </Result>
      )}
      {swap.data && (swap.data.note || !swap.data.ferment) && (
        <Typography>
          {swap.data.note}
          {!swap.data.ferment && ' Not for a ferment.'}
        </Typography>
      )}
      {share.data && (
        <Result>
          {decimals(share.data.percent, 2)} % of {pounds} lb of vegetable
        </Result>
      )}
    </Card>
  );
}

function Produce({ choices }: { choices: SumChoices }) {
  const [name, setName] = useState('pears');
  const [jar, setJar] = useState('quart');
  const [amount, setAmount] = useState('25');
  const [of, setOf] = useState('pounds');
  const n = positive(amount);
  const query = { name, jar, ...(of === 'pounds' ? { pounds: n ?? 0 } : { jars: n ?? 0 }) };
  const sum = useQuery({
    queryKey: sumKey('produce', query),
    queryFn: () => ok(api.GET('/api/sums/produce', { params: { query } })),
    enabled: n != null && n > 0,
  });
  return (
    <Card title="Produce and jars">
      <Row>
        <Field label="Amount" value={amount} onChange={setAmount} width={90} />
        <Pick
          label="Of"
          value={of}
          onChange={setOf}
          width={110}
          options={[
            { value: 'pounds', label: 'pounds' },
            { value: 'jars', label: 'jars' },
          ]}
        />
        <Pick label="Produce" value={name} onChange={setName} options={same(choices.produce)} width={220} />
        <Pick label="Size" value={jar} onChange={setJar} options={jarOptions(choices)} />
      </Row>
      <ProblemLine error={sum.error} />
      {sum.data && (
        <Result>
          {of === 'pounds'
            ? `about ${decimals(sum.data.likely)} jars (${decimals(sum.data.least, 0)} to ${decimals(sum.data.most, 0)})`
            : `about ${decimals(sum.data.pounds)} lb as bought`}
        </Result>
      )}
      {sum.data?.container && <Typography>{sum.data.container}</Typography>}
    </Card>
  );
}

function CannerLoads({ choices }: { choices: SumChoices }) {
  const canners = [...new Set(choices.canners.map((c) => c.canner))];
  const [canner, setCanner] = useState(canners[0] ?? '');
  const [jar, setJar] = useState('pint');
  const [jars, setJars] = useState('20');
  const n = positive(jars);
  const sizes = choices.canners.filter((c) => c.canner === canner).map((c) => c.jar);
  const query = { canner, jar, jars: Math.round(n ?? 0) };
  const sum = useQuery({
    queryKey: sumKey('loads', query),
    queryFn: () => ok(api.GET('/api/sums/loads', { params: { query } })),
    enabled: n != null && n >= 1,
  });
  return (
    <Card title="Canner loads">
      <Row>
        <Field label="Jars" value={jars} onChange={setJars} width={80} />
        <Pick label="Size" value={jar} onChange={setJar} options={same(sizes)} />
        <Pick label="Canner" value={canner} onChange={setCanner} options={same(canners)} width={190} />
      </Row>
      <ProblemLine error={sum.error} />
      {sum.data && (
        <Result>
          {sum.data.loads} {sum.data.loads === 1 ? 'load' : 'loads'} of at most {sum.data.most}
          {sum.data.loads > 1 && `, ${sum.data.last} in the last`}
        </Result>
      )}
      {sum.data?.note && <Typography>{sum.data.note}</Typography>}
    </Card>
  );
}

function Scale() {
  const [quarts, setQuarts] = useState('1');
  const [grams, setGrams] = useState('944');
  const query = { quarts: positive(quarts) ?? 0, grams: positive(grams) ?? 0 };
  const sum = useQuery({
    queryKey: sumKey('scale', query),
    queryFn: () => ok(api.GET('/api/sums/scale', { params: { query } })),
    enabled: query.quarts > 0 && query.grams > 0,
  });
  return (
    <Card title="Check a scale with water">
      <Row>
        <Field label="Quarts of water" value={quarts} onChange={setQuarts} width={130} />
        <Field label="Scale says, g" value={grams} onChange={setGrams} width={130} />
      </Row>
      <ProblemLine error={sum.error} />
      {sum.data && (
        <Result tone={sum.data.inOrder ? 'met' : 'danger'}>
          {decimals(sum.data.trueGrams, 0)} g is right:{' '}
          {sum.data.inOrder ? 'the scale is in order' : `it is off by ${decimals(sum.data.offPercent)} %`}
        </Result>
      )}
    </Card>
  );
}

function Height() {
  const [feet, setFeet] = useState('5200');
  const n = positive(feet);
  const query = { feet: Math.round(n ?? 0) };
  const sum = useQuery({
    queryKey: sumKey('height', query),
    queryFn: () => ok(api.GET('/api/sums/height', { params: { query } })),
    enabled: n != null && n <= 16_000,
  });
  return (
    <Card title="At an altitude">
      <Row>
        <Field label="Feet" value={feet} onChange={setFeet} />
      </Row>
      <ProblemLine error={sum.error} />
      {sum.data && (
        <>
          <Result>water boils at {decimals(sum.data.boilingF)} °F</Result>
          <Result>jelly without pectin sets at {decimals(sum.data.jellyF, 0)} °F</Result>
          <Result>empty jars are sterile after {sum.data.steriliseMinutes} min of boiling</Result>
        </>
      )}
    </Card>
  );
}

/** The desk's small sums; every figure is worked out by the core, from the guide. */
export function Sums() {
  const choices = useQuery({
    queryKey: ['sums', 'choices'],
    queryFn: () => ok(api.GET('/api/sums/choices')),
  });
  return (
    <Stack spacing={1.5}>
      <Typography variant="h1">Sums</Typography>
      <ProblemLine error={choices.error} />
      {choices.data && (
        <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' } }}>
          <Acid choices={choices.data} />
          <Brine />
          <Syrup choices={choices.data} />
          <Salt choices={choices.data} />
          <Produce choices={choices.data} />
          <CannerLoads choices={choices.data} />
          <Scale />
          <Height />
        </Box>
      )}
    </Stack>
  );
}
