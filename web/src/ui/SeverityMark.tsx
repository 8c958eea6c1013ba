import { tones, type Tone } from '../theme/theme';

/** Severity as a shape: a solid lozenge, a solid bar, half a disc, a ring, a tick; a hook for a question. */
const shapes: Record<Tone, React.ReactNode> = {
  danger: <path d="M8 0.6 15.4 8 8 15.4 0.6 8Z" fill="currentColor" />,
  correct: <rect x="1.5" y="4" width="13" height="8" rx="1" fill="currentColor" />,
  caution: (
    <>
      <circle cx="8" cy="8" r="6.2" fill="none" stroke="currentColor" strokeWidth="1.8" />
      <path d="M8 1.8a6.2 6.2 0 0 1 0 12.4Z" fill="currentColor" />
    </>
  ),
  note: <circle cx="8" cy="8" r="5.6" fill="none" stroke="currentColor" strokeWidth="2" />,
  met: (
    <path
      d="M2 8.6 6.2 13 14 3.4"
      fill="none"
      stroke="currentColor"
      strokeWidth="2.4"
      strokeLinecap="round"
    />
  ),
  ask: (
    <path
      d="M4.2 5.2a3.8 3.8 0 1 1 5.6 3.3C8.6 9.2 8 9.8 8 11M8 13.6v.6"
      fill="none"
      stroke="currentColor"
      strokeWidth="2.2"
      strokeLinecap="round"
    />
  ),
};

export function SeverityMark({ tone, size = 14 }: { tone: Tone; size?: number }) {
  return (
    <svg
      width={size}
      height={size}
      viewBox="0 0 16 16"
      aria-hidden="true"
      style={{ color: tones[tone], flex: 'none', verticalAlign: '-2px' }}
    >
      {shapes[tone]}
    </svg>
  );
}
