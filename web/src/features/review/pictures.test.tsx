import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import type { Review } from '../../api/client';
import { JarPicture } from './JarPicture';
import { Ladder } from './Ladder';

const source = { id: 'Guide 2', title: '', edition: '', place: '', proof: 'unread', confidence: 'high' };

function review(part: { minutes: number | null; headspace: number | null; altitude: number | null }): Review {
  return {
    altitudeFt: part.altitude,
    required: {
      method: 'boiling-water',
      jar: 'quart',
      minutes: 35,
      leastMinutes: 35,
      psi: null,
      headspaceIn: 0.5,
      acidPerJar: null,
      sterilise: false,
      ladder: [
        { fromFt: 0, toFt: 1000, minutes: 25, psi: null, here: false },
        { fromFt: 1001, toFt: 3000, minutes: 30, psi: null, here: false },
        { fromFt: 3001, toFt: 6000, minutes: 35, psi: null, here: part.altitude !== null },
        { fromFt: 6001, toFt: null, minutes: 40, psi: null, here: false },
      ],
      source,
    },
    stated: {
      method: 'boiling-water',
      jar: 'quart',
      minutes: part.minutes,
      psi: null,
      headspaceLeastIn: part.headspace,
      headspaceMostIn: part.headspace,
    },
  } as Review;
}

describe('pictures', () => {
  afterEach(cleanup);

  it('tells the ladder to who cannot see it', () => {
    render(<Ladder review={review({ minutes: 20, headspace: 0.5, altitude: 5200 })} />);
    const words = screen.getByRole('img').getAttribute('aria-label');
    expect(words).toContain('over 6,000 ft: 40 min');
    expect(words).toContain('This kitchen: 5,200 ft. Stated: 20 min.');
  });

  it('says so when nobody told where', () => {
    render(<Ladder review={review({ minutes: 20, headspace: 0.5, altitude: null })} />);
    expect(screen.getByText(/the whole row counts/)).toBeTruthy();
  });

  it('shows stated and tested headspace, and one line when they agree', () => {
    render(<JarPicture review={review({ minutes: 20, headspace: 1, altitude: 500 })} />);
    expect(screen.getByRole('img').getAttribute('aria-label')).toBe('Headspace stated 1 in, tested ½ in.');
    cleanup();
    render(<JarPicture review={review({ minutes: 20, headspace: 0.5, altitude: 500 })} />);
    expect(screen.getByText('Stated as tested.')).toBeTruthy();
  });
});
