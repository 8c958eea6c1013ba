import { Box, Typography } from '@mui/material';
import type { PlanDoc } from '../../api/client';
import { cloth, green, ink, rule, tones } from '../../theme/theme';
import { clockTime, hours, share, span, type Task } from './clock';

const look: Record<string, { fill: string; stroke: string; words: string }> = {
  hands: { fill: green, stroke: green, words: 'hands at work' },
  canner: { fill: tones.correct, stroke: tones.correct, words: 'in the canner' },
  wait: { fill: '#fff', stroke: tones.note, words: 'waiting' },
};

function kindOf(task: Task): keyof typeof look {
  if (task.hands) {
    return 'hands';
  }
  return ['come-up', 'process', 'cool-down'].includes(task.kind) ? 'canner' : 'wait';
}

/** The day as bars on a clock, one row for each recipe and kind of work. */
export function Clock({ plan }: { plan: PlanDoc }) {
  const [from, to] = span(plan);
  const rows = plan.names.flatMap((name, job) =>
    (['hands', 'canner', 'wait'] as const)
      .map((kind) => ({
        name,
        kind,
        tasks: plan.tasks.filter(
          (t) => t.job === job && kindOf(t) === kind && t.kind !== 'rest' && t.kind !== 'seals',
        ),
      }))
      .filter((r) => r.tasks.length > 0),
  );
  return (
    <Box
      role="img"
      aria-label={`The day from ${clockTime(plan.start)} to ${clockTime(plan.done)}`}
      sx={{ breakInside: 'avoid' }}
    >
      <Box sx={{ position: 'relative', ml: { xs: '86px', sm: '180px' }, height: 22 }}>
        {hours(from, to).map((at) => (
          <Box
            key={at}
            component="span"
            sx={{
              position: 'absolute',
              left: `${100 * share(new Date(at).toISOString(), from, to)}%`,
              transform: 'translateX(-50%)',
              fontSize: '0.82rem',
              whiteSpace: 'nowrap',
            }}
          >
            {new Date(at).toLocaleTimeString([], { hour: 'numeric' })}
          </Box>
        ))}
      </Box>
      {rows.map((row, n) => (
        <Box
          key={n}
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '86px 1fr', sm: '180px 1fr' },
            alignItems: 'center',
          }}
        >
          <Box sx={{ fontSize: '0.87rem', lineHeight: 1.15, pr: 1, py: 0.25 }}>
            {(n === 0 || rows[n - 1]?.name !== row.name) && <strong>{row.name} </strong>}
            <Box component="span" sx={{ display: 'block', color: 'text.secondary' }}>
              {look[row.kind]?.words}
            </Box>
          </Box>
          <Box
            sx={{
              position: 'relative',
              height: 30,
              backgroundColor: cloth,
              borderBottom: `1px solid ${rule}`,
            }}
          >
            {row.tasks.map((t, m) => (
              <Box
                key={m}
                title={`${clockTime(t.from)} to ${clockTime(t.to)}: ${t.words}`}
                sx={{
                  position: 'absolute',
                  top: 4,
                  bottom: 4,
                  left: `${100 * share(t.from, from, to)}%`,
                  width: `max(3px, ${100 * (share(t.to, from, to) - share(t.from, from, to))}%)`,
                  backgroundColor: look[row.kind]?.fill,
                  border: `1.5px solid ${look[row.kind]?.stroke ?? ink}`,
                  borderRadius: 0.5,
                  printColorAdjust: 'exact',
                }}
              />
            ))}
          </Box>
        </Box>
      ))}
      <Typography sx={{ fontSize: '0.87rem', color: 'text.secondary', mt: 0.5 }}>
        Filled green: hands at work. Filled brown: in the canner. Outlined: waiting or heating.
      </Typography>
    </Box>
  );
}
