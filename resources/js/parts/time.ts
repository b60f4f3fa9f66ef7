/** Seconds as m:ss. */
export function clock(seconds: number): string {
    const whole = Math.round(Math.abs(seconds));
    return `${seconds < 0 && whole > 0 ? '−' : ''}${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

/** Twelve or twenty-four hours, as this device has it; the words are ours. */
const hour12 = new Intl.DateTimeFormat(undefined, { hour: 'numeric' }).resolvedOptions().hour12 ?? false;
const HOUR = { hour: hour12 ? 'numeric' : '2-digit', minute: '2-digit', hour12 } as const;

/** A stored moment as "Tuesday 1 December, 10:30"; with its year when that is not this one. */
export function dayAndHour(moment: string, now = new Date()): string {
    const at = new Date(moment);
    return new Intl.DateTimeFormat('en-GB', {
        weekday: 'long',
        day: 'numeric',
        month: 'long',
        ...(at.getFullYear() === now.getFullYear() ? {} : { year: 'numeric' }),
        ...HOUR,
    })
        .format(at)
        .replace(' at ', ', ');
}

/** A day as "1 December"; with its year when that is not this one. */
export function day(moment: string, now = new Date()): string {
    const at = new Date(moment);
    return new Intl.DateTimeFormat('en-GB', {
        day: 'numeric',
        month: 'long',
        ...(at.getFullYear() === now.getFullYear() ? {} : { year: 'numeric' }),
    }).format(at);
}

export function hour(moment: string): string {
    return new Intl.DateTimeFormat('en-GB', HOUR).format(new Date(moment));
}

export function plural(count: number, one: string, many = `${one}s`): string {
    return `${count} ${count === 1 ? one : many}`;
}
