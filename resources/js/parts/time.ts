/** Seconds as m:ss. */
export function clock(seconds: number): string {
    const whole = Math.round(Math.abs(seconds));
    return `${seconds < 0 && whole > 0 ? '−' : ''}${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

/** A stored moment as "Tuesday 1 December, 10:30". */
export function dayAndHour(moment: string): string {
    return new Intl.DateTimeFormat('en-GB', {
        weekday: 'long',
        day: 'numeric',
        month: 'long',
        hour: '2-digit',
        minute: '2-digit',
    })
        .format(new Date(moment))
        .replace(' at ', ', ');
}

export function hour(moment: string): string {
    return new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' }).format(new Date(moment));
}

export function plural(count: number, one: string, many = `${one}s`): string {
    return `${count} ${count === 1 ? one : many}`;
}
