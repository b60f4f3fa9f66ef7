/** Seconds as m:ss. */
export function clock(seconds: number): string {
    const whole = Math.round(Math.abs(seconds));
    return `${seconds < 0 && whole > 0 ? '−' : ''}${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

/** Twelve or twenty-four hours, as this device has it; the words are ours. */
const hour12 = new Intl.DateTimeFormat(undefined, { hour: 'numeric' }).resolvedOptions().hour12 ?? false;
const HOUR = { hour: hour12 ? 'numeric' : '2-digit', minute: '2-digit', hour12 } as const;

// Making one takes as long as drawing a row, so each is made once.
const DATE = { day: 'numeric', month: 'long' } as const;
const DAY = new Intl.DateTimeFormat('en-GB', DATE);
const DAY_OF_YEAR = new Intl.DateTimeFormat('en-GB', { ...DATE, year: 'numeric' });
const MOMENT = new Intl.DateTimeFormat('en-GB', { weekday: 'long', ...DATE, ...HOUR });
const MOMENT_OF_YEAR = new Intl.DateTimeFormat('en-GB', { weekday: 'long', ...DATE, year: 'numeric', ...HOUR });
const TIME = new Intl.DateTimeFormat('en-GB', HOUR);

/** A stored moment as "Tuesday 1 December, 10:30"; with its year when that is not this one. */
export function dayAndHour(moment: string, now = new Date()): string {
    const at = new Date(moment);
    return (at.getFullYear() === now.getFullYear() ? MOMENT : MOMENT_OF_YEAR).format(at).replace(' at ', ', ');
}

/** A day as "1 December"; with its year when that is not this one. */
export function day(moment: string, now = new Date()): string {
    const at = new Date(moment);
    return (at.getFullYear() === now.getFullYear() ? DAY : DAY_OF_YEAR).format(at);
}

export function hour(moment: string): string {
    return TIME.format(new Date(moment));
}

export function plural(count: number, one: string, many = `${one}s`): string {
    return `${count} ${count === 1 ? one : many}`;
}
