import { expect, it } from 'vitest';
import { clock, dayAndHour } from './time';

it('says minutes and seconds', () => {
    expect([0, 59.6, 61, -5, -0.2].map(clock)).toEqual(['0:00', '1:00', '1:01', '−0:05', '0:00']);
});

it('names the year only where it is another one', () => {
    const now = new Date('2026-11-26T12:00');
    expect(dayAndHour('2026-12-01T10:30', now)).toMatch(/^Tuesday,? 1 December,? 10:30/);
    expect(dayAndHour('2027-01-05T10:30', now)).toMatch(/Tuesday,? 5 January 2027,? 10:30/);
});
