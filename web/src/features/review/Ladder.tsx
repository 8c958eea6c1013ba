import type { Review } from '../../api/client';
import { LadderPicture } from '../../ui/LadderPicture';

/** The row this review rests on, with what the recipe states. */
export function Ladder({ review }: { review: Review }) {
  const required = review.required;
  if (!required) {
    return null;
  }
  const pressure = required.method === 'pressure';
  const stated = pressure
    ? review.stated.psi
    : review.stated.method === 'pressure'
      ? null
      : review.stated.minutes;
  const title = pressure
    ? `Pressure by altitude (${required.minutes ?? required.ladder[0]?.minutes} min), ${required.jar}`
    : `Time by altitude, ${required.jar}`;
  return (
    <LadderPicture
      title={title}
      ladder={required.ladder}
      pressure={pressure}
      altitudeFt={review.altitudeFt}
      stated={stated}
    />
  );
}
