import { describe, expect, it } from 'vitest';
import { altitudeError, altitudeFeet, blank, toDetails, toDraft } from './details';

describe('altitude', () => {
  it('takes feet and metres, commas and nothing', () => {
    expect(altitudeFeet('5,200', 'ft')).toBe(5200);
    expect(altitudeFeet('1600', 'm')).toBe(5250);
    expect(altitudeFeet('  ', 'ft')).toBeNull();
  });

  it('refuses nonsense in plain words', () => {
    expect(altitudeError({ ...blank, altitude: 'high' })).toContain('number');
    expect(altitudeError({ ...blank, altitude: '90000' })).toContain('between');
    expect(altitudeError({ ...blank, altitude: '-200' })).toBeNull();
    expect(altitudeError(blank)).toBeNull();
  });
});

describe('jars', () => {
  it('forgets when the jars came out once they are not made', () => {
    expect(toDetails({ ...blank, jars: 'NOT_YET', jarsOut: '2026-08-14T10:00' }).jarsOutAt).toBeNull();
  });

  it('comes back from the server as it went there', () => {
    const sent = toDetails({
      ...blank,
      place: 'Kettle Lake',
      altitude: '640',
      jars: 'MADE',
      jarsOut: '2026-08-14T10:00',
    });
    expect(toDetails(toDraft(sent))).toEqual(sent);
  });
});
