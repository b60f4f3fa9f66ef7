/** The class as it plays. Long because the clock, the beats and what was done hang together. */
import type { Beat } from '../../api/types/answer-lead';
import { firstOfStep, lastOfStep } from './steps';

export interface Stretch {
    entry: string;
    side: 'left' | 'right' | null;
    counts: boolean;
    /** what it was spent on */
    kind: Beat['kind'];
    /** whether the teacher kept the time herself */
    own: boolean;
    /** tenths of a second */
    length: number;
}

interface Hold {
    /** index in the list of beats, as it was, behind which the breath was repeated */
    after: number;
    first: number;
}

export interface PlayerState {
    /** seconds into the played beats */
    position: number;
    /** wall clock at the start, in milliseconds; null before the first breath */
    startedAt: number | null;
    savedAt: number;
    holds: Hold[];
    done: Stretch[];
    /** whether the teacher keeps the time */
    own?: boolean;
}

const counts = (beat: Beat) => beat.kind === 'enter' || beat.kind === 'cycle' || beat.kind === 'leave';

/**
 * Plays the beats of a class, by the clock or step by step as the teacher goes on. The position is always worked out from the moment it was last
 * set, never added up, so it does not drift; everything that was really done is kept for the log.
 */
export class Player {
    private beats: Beat[];
    private holds: Hold[] = [];
    private anchor = 0;
    private anchoredAt = 0;
    private pausedAt: number | null = null;
    private startedAt: number | null;
    private done: Stretch[] = [];
    private ownTime = false;
    /** base plan start of every played beat */
    private planned: number[];
    /** which breath in a row of held ones each beat belongs to; 0 as planned */
    private turn: number[];
    private turns = 0;

    constructor(
        beats: Beat[],
        private readonly speed: number,
        private readonly now: () => number,
        restored?: PlayerState | null,
    ) {
        this.beats = beats;
        this.planned = beats.map((beat) => beat.start);
        this.turn = beats.map(() => 0);
        this.startedAt = restored?.startedAt ?? null;
        if (restored) {
            for (const hold of restored.holds) {
                this.insert(hold);
            }
            this.done = restored.done;
            this.anchor = restored.position;
            this.ownTime = restored.own ?? false;
        }
        this.anchoredAt = now();
        this.pausedAt = now();
    }

    get paused(): boolean {
        return this.pausedAt !== null;
    }

    /** Whether the teacher goes from step to step herself. */
    get own(): boolean {
        return this.ownTime;
    }

    /** Changes who keeps the time, also in mid-class. */
    keepOwnTime(own: boolean): void {
        this.settle();
        this.ownTime = own;
    }

    get length(): number {
        const last = this.beats.at(-1);
        return last ? last.start + last.length : 0;
    }

    position(): number {
        const running = this.paused ? 0 : ((this.now() - this.anchoredAt) / 1000) * this.speed;
        return Math.min(this.ownTime ? this.endOfStep() : this.length, this.anchor + running);
    }

    get finished(): boolean {
        return this.position() >= this.length;
    }

    index(position = this.position()): number {
        let low = 0;
        let high = this.beats.length - 1;
        while (low < high) {
            const middle = Math.ceil((low + high) / 2);
            if ((this.beats[middle]?.start ?? 0) <= position) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return low;
    }

    at(index: number): Beat | undefined {
        return this.beats[index];
    }

    /** Real seconds since the start, pauses and interruptions included. */
    gone(): number {
        return this.startedAt === null ? 0 : ((this.now() - this.startedAt) / 1000) * this.speed;
    }

    /** Where the plan says we would be, had nothing been held or skipped. */
    planSays(): number {
        const position = this.position();
        const index = this.index(position);
        return (this.planned[index] ?? 0) + position - (this.beats[index]?.start ?? 0);
    }

    go(): void {
        if (this.pausedAt !== null) {
            this.credit(this.pausedAt);
            this.startedAt ??= this.now();
            this.pausedAt = null;
            this.anchoredAt = this.now();
        }
    }

    pause(): void {
        if (!this.paused) {
            this.settle();
            this.pausedAt = this.now();
        }
    }

    toggle(): void {
        if (this.paused) {
            this.go();
        } else {
            this.pause();
        }
    }

    /** At her own time: on to the next step; behind the last one the class is over. */
    next(): void {
        this.jump(lastOfStep(this.beats, this.turn, this.index()) + 1);
    }

    /** At her own time: to the start of this step; close to its start, to the one before. */
    stepBack(): void {
        let first = firstOfStep(this.beats, this.turn, this.index());
        if (this.position() - (this.beats[first]?.start ?? 0) < 1 && first > 0) {
            first = firstOfStep(this.beats, this.turn, first - 1);
        }
        this.jump(first);
    }

    /** To the start of this movement; close to its start, to the one before. */
    back(): void {
        let first = this.firstOf(this.index());
        if (this.position() - (this.beats[first]?.start ?? 0) < 3 && first > 0) {
            first = this.firstOf(first - 1);
        }
        this.jump(first);
    }

    /** To the next movement. */
    skip(): void {
        const index = this.index();
        const entry = this.beats[index]?.entry;
        const next = this.beats.findIndex((beat, at) => at > index && beat.entry !== entry);
        this.jump(next < 0 ? this.beats.length : next);
    }

    /** One more breath: what belongs to the present breath or repetition is done again behind it. */
    hold(): boolean {
        const index = this.index();
        const beat = this.beats[index];
        if (!beat || beat.unit === 0) {
            return false;
        }
        // A breath that was repeated is one of its own: holding it again adds one, not all that were added before.
        const same = (at: number) => {
            const other = this.beats[at];
            return (
                other?.entry === beat.entry &&
                other.unit === beat.unit &&
                other.kind === 'cycle' &&
                other.side === beat.side &&
                this.turn[at] === this.turn[index]
            );
        };
        let first = index;
        let last = index;
        while (same(first - 1)) {
            first--;
        }
        while (same(last + 1)) {
            last++;
        }
        this.insert({ after: last, first });
        return true;
    }

    state(): PlayerState {
        this.settle();
        return {
            position: this.anchor,
            startedAt: this.startedAt,
            savedAt: this.now(),
            holds: this.holds,
            done: this.done,
            own: this.ownTime,
        };
    }

    /** Just before the end of the step, where it waits for the teacher. */
    private endOfStep(): number {
        if (this.anchor >= this.length) {
            return this.length;
        }
        const last = this.beats[lastOfStep(this.beats, this.turn, this.index(this.anchor))];
        return last ? last.start + last.length - 0.01 : this.length;
    }

    private firstOf(index: number): number {
        const entry = this.beats[index]?.entry;
        let first = index;
        while (first > 0 && this.beats[first - 1]?.entry === entry) {
            first--;
        }
        return first;
    }

    private jump(index: number): void {
        this.settle();
        this.anchor = this.beats[index]?.start ?? this.length;
        this.anchoredAt = this.now();
    }

    private insert(hold: Hold): void {
        const { after, first } = hold;
        const again = this.beats.slice(first, after + 1);
        const extra = again.reduce((sum, beat) => sum + beat.length, 0);
        const behind = this.beats[after];
        if (!behind) {
            return;
        }
        const start = behind.start + behind.length;
        let clock = start;
        const copies = again.map((beat) => {
            const copy = { ...beat, start: clock };
            clock += beat.length;
            return copy;
        });
        const plannedEnd = (this.planned[after] ?? 0) + behind.length;
        this.beats = [
            ...this.beats.slice(0, after + 1),
            ...copies,
            ...this.beats.slice(after + 1).map((beat) => ({ ...beat, start: beat.start + extra })),
        ];
        this.planned = [
            ...this.planned.slice(0, after + 1),
            ...copies.map(() => plannedEnd),
            ...this.planned.slice(after + 1),
        ];
        const turn = ++this.turns;
        this.turn = [...this.turn.slice(0, after + 1), ...copies.map(() => turn), ...this.turn.slice(after + 1)];
        this.holds = [...this.holds, hold];
    }

    /** Writes down what has been played since the last time, and starts counting anew. */
    private settle(): void {
        const to = this.position();
        if (this.ownTime && !this.paused) {
            const beat = this.beats[this.index(this.anchor)];
            if (beat) {
                this.note(beat, beat.side, counts(beat), ((this.now() - this.anchoredAt) / 1000) * this.speed);
            }
            this.anchor = to;
        }
        for (let index = this.index(this.anchor); index < this.beats.length; index++) {
            const beat = this.beats[index];
            if (!beat || beat.start >= to) {
                break;
            }
            const length = Math.min(to, beat.start + beat.length) - Math.max(this.anchor, beat.start);
            this.note(beat, beat.side, counts(beat), length);
        }
        this.anchor = to;
        this.anchoredAt = this.now();
        if (this.pausedAt !== null) {
            this.credit(this.pausedAt);
            this.pausedAt = this.now();
        }
    }

    private credit(since: number): void {
        const beat = this.beats[this.index()];
        if (beat && this.startedAt !== null) {
            this.note({ ...beat, kind: 'rest' }, null, false, ((this.now() - since) / 1000) * this.speed);
        }
    }

    private note({ entry, kind }: Beat, side: Stretch['side'], isCounted: boolean, seconds: number): void {
        const last = this.done.at(-1);
        const length = seconds * 10;
        if (length <= 0) {
            return;
        }
        const own = this.ownTime;
        if (
            last &&
            last.entry === entry &&
            last.side === side &&
            last.counts === isCounted &&
            last.kind === kind &&
            last.own === own
        ) {
            last.length += length;
        } else {
            this.done.push({ entry, side, counts: isCounted, kind, own, length });
        }
    }
}

/** Whole tenths for the log. */
export const rounded = (done: Stretch[]): Stretch[] =>
    done.map((stretch) => ({ ...stretch, length: Math.round(stretch.length) }));
