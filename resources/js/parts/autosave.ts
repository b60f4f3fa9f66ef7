import { onlineManager } from '@tanstack/react-query';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { Refusal } from '../api/client';
import { keep, readKept, type Where } from './kept';

/** Milliseconds until what did not reach the server is sent again. */
const AGAIN = 5000;

export interface Saving {
    /** `changed` waits for a moment of quiet, `failed` is sent again by itself unless it was refused in words */
    state: 'saved' | 'changed' | 'sending' | 'failed';
    problem: Error | null;
}

export interface AutosaveOptions<D, A> {
    /** What it is kept under here, and the row in which its requests wait for each other. */
    name: string;
    /** Whether the device or only this tab keeps what is not stored yet. */
    where?: Where;
    /** Milliseconds of quiet before a change is sent. */
    wait?: number;
    send: (document: D) => Promise<A>;
    /** Called with every answer; `isNewest` is false when there have been changes since. */
    onStored?: (answer: A, isNewest: boolean) => void;
    /** What is left to send of a newer document once an older one is stored. */
    rebase?: (newer: D, answer: A, stored: D) => D | null;
    /** Deals with a refusal. True gives the document up; otherwise it stays here until the next change. */
    onRefused?: (refusal: Refusal, document: D) => boolean;
}

/** The last request under each name: the next one waits for it, also when it comes from another page. */
const rows = new Map<string, Promise<void>>();

const SAVED: Saving = { state: 'saved', problem: null };

/** Not worth another try by itself: somebody has to do something first. */
const isFinal = (problem: unknown) => problem instanceof Refusal && problem.status < 500;

/**
 * Stores a document silently. Requests go one after the other and always carry the newest document; what has not
 * reached the server is kept here, and sent again when the connection is back, at the next visit, and every few
 * seconds.
 */
export class Autosave<D, A = unknown> {
    private newest: D | null;
    private saving: Saving;
    private timer: ReturnType<typeof setTimeout> | undefined;
    private readonly listeners = new Set<() => void>();

    constructor(private options: AutosaveOptions<D, A>) {
        this.newest = readKept<D>(options.name, options.where);
        this.saving = this.newest === null ? SAVED : { state: 'changed', problem: null };
    }

    /** The functions of the latest drawing, so that none of them sees old state. */
    follow(options: AutosaveOptions<D, A>): void {
        this.options = options;
    }

    /** What is not stored yet. */
    get pending(): D | null {
        return this.newest;
    }

    /** Keeps a document here without sending it. */
    note(document: D): void {
        this.newest = document;
        keep(this.options.name, document, this.options.where);
    }

    /** Keeps a document here and sends it after a moment of quiet. */
    change(document: D): void {
        this.note(document);
        this.tell({ ...this.saving, state: this.saving.state === 'sending' ? 'sending' : 'changed' });
        this.sendIn(this.options.wait ?? 0);
    }

    /** Sends at once what waits, before anything is drawn; settled when it was stored or failed. */
    flush(): Promise<void> {
        this.stopTimer();
        if (this.newest === null) {
            return Promise.resolve();
        }
        const { name } = this.options;
        const before = rows.get(name);
        const mine = (before ? before.then(() => this.sendNewest()) : this.sendNewest()).finally(() => {
            if (rows.get(name) === mine) {
                rows.delete(name);
            }
        });
        rows.set(name, mine);
        return mine;
    }

    /** Gives up what is not stored. */
    forget(): void {
        this.stopTimer();
        this.newest = null;
        keep(this.options.name, null, this.options.where);
        this.tell(SAVED);
    }

    /** From now on it looks after what waits; what was left from an earlier visit is sent. The answer ends it. */
    start(): () => void {
        const offline = onlineManager.subscribe((isOnline) => isOnline && void this.flush());
        const warn = (event: BeforeUnloadEvent) => {
            // A device that is full or closed to us kept nothing: then leaving would lose it.
            if (this.newest !== null && readKept(this.options.name, this.options.where) === null) {
                event.preventDefault();
            }
        };
        window.addEventListener('beforeunload', warn);
        void this.flush();
        return () => {
            offline();
            window.removeEventListener('beforeunload', warn);
            void this.flush();
        };
    }

    readonly subscribe = (listener: () => void): (() => void) => {
        this.listeners.add(listener);
        return () => this.listeners.delete(listener);
    };

    readonly snapshot = (): Saving => this.saving;

    private async sendNewest(): Promise<void> {
        // An earlier request may have taken it along.
        const document = this.newest;
        if (document === null) {
            return;
        }
        this.tell({ state: 'sending', problem: this.saving.problem });
        let answer: A;
        try {
            answer = await this.options.send(document);
        } catch (problem) {
            this.failed(problem as Error, document);
            return;
        }
        const isNewest = this.newest === document;
        const left =
            isNewest || this.newest === null
                ? null
                : (this.options.rebase?.(this.newest, answer, document) ?? (this.options.rebase ? null : this.newest));
        this.newest = left;
        keep(this.options.name, left, this.options.where);
        this.tell(left === null ? SAVED : { state: 'changed', problem: null });
        this.options.onStored?.(answer, isNewest);
    }

    private failed(problem: Error, document: D): void {
        if (problem instanceof Refusal && this.options.onRefused?.(problem, document)) {
            this.forget();
            return;
        }
        this.tell({ state: 'failed', problem });
        if (!isFinal(problem)) {
            this.sendIn(AGAIN);
        }
    }

    private sendIn(milliseconds: number): void {
        this.stopTimer();
        if (milliseconds === 0) {
            void this.flush();
        } else {
            this.timer = setTimeout(() => void this.flush(), milliseconds);
        }
    }

    private stopTimer(): void {
        clearTimeout(this.timer);
        this.timer = undefined;
    }

    private tell(saving: Saving): void {
        this.saving = saving;
        this.listeners.forEach((listener) => listener());
    }
}

/** An autosave that lives as long as the page it is on, and how it stands. */
export function useAutosave<D, A = unknown>(options: AutosaveOptions<D, A>): [Autosave<D, A>, Saving] {
    const [autosave] = useState(() => new Autosave<D, A>(options));
    useEffect(() => autosave.follow(options));
    useEffect(() => autosave.start(), [autosave]);
    return [autosave, useSyncExternalStore(autosave.subscribe, autosave.snapshot)];
}
