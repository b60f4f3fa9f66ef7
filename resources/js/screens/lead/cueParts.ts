/** Letters that a cue may have before it is shown in parts, and that one part may have. */
const WHOLE = 90;
const PART = 84;

/** A long introduction comes as several cues, one after the other, by its sentences and the time it has. */
export function part(words: string, share: number): string {
    if (words.length <= WHOLE) {
        return words;
    }
    const pieces = words.match(/[^.?;]+[.?;]\s*/g) ?? [words];
    const parts: string[] = [];
    for (const piece of pieces) {
        const last = parts.at(-1);
        if (last !== undefined && (last + piece).length <= PART) {
            parts[parts.length - 1] = last + piece;
        } else {
            parts.push(piece);
        }
    }
    return (parts[Math.min(parts.length - 1, Math.floor(share * parts.length))] ?? words).trim();
}
