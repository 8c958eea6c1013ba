import { cleanup, render as draw, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Finding } from '../../api/client';
import type { ReactElement } from 'react';
import { MemoryRouter } from 'react-router';
import { FindingCard } from './FindingCard';

const render = (card: ReactElement) => draw(<MemoryRouter>{card}</MemoryRouter>);

const short: Finding = {
  code: 'time.short',
  severity: 'correct',
  aspect: 'time',
  title: 'The time is too short',
  why: '20 minutes stated; 35 minutes are tested.',
  evidence: [],
  figures: { statedMinutes: 20, requiredMinutes: 35, shortBy: 15 },
  correction: { text: 'Process for 35 minutes.', edits: [] },
  source: {
    id: 'Guide 2',
    title: 'The Guide',
    edition: '2015',
    place: 'Guide 2',
    proof: 'unread',
    confidence: 'high',
  },
};

describe('FindingCard', () => {
  afterEach(cleanup);

  it('sets stated against required, same unit, with the difference', () => {
    render(<FindingCard number={3} finding={short} active={false} onActivate={() => undefined} />);
    const cells = within(screen.getByRole('table')).getAllByRole('cell');
    expect(cells.map((c) => c.textContent)).toEqual(['20 minutes', '35 minutes', '−15']);
  });

  it('says severity in words, the correction, and whether the source was proofread', () => {
    render(<FindingCard number={3} finding={short} active={false} onActivate={() => undefined} />);
    expect(screen.getByText('Must correct')).toBeTruthy();
    expect(screen.getByText(/Process for 35 minutes/)).toBeTruthy();
    expect(screen.getByText(/not yet proofread by this office/)).toBeTruthy();
  });

  it('answers to the keyboard', async () => {
    const activate = vi.fn();
    render(<FindingCard number={1} finding={short} active={false} onActivate={activate} />);
    await userEvent.tab();
    expect(activate).toHaveBeenCalled();
  });
});
