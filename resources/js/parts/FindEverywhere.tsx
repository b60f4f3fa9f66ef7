import { useQuery, keepPreviousData } from '@tanstack/react-query';
import { useDeferredValue, useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { api } from '../api/client';
import type { FindAnswer } from '../api/types/answer-find';
import { among, PAGES, type Doing } from './actions';
import { say } from './say';
import { settings } from './settings';
import { Sheet } from './Sheet';
import { Trouble } from './States';
import { plural } from './time';

type Kind = keyof FindAnswer['found'];

/** Finds by everyday words on the server; empty words find nothing. */
export function useFind(words: string, kind?: Kind) {
    const asked = useDeferredValue(words.trim());
    return useQuery({
        queryKey: ['find', kind ?? 'all', asked],
        queryFn: () =>
            api.get<FindAnswer>(`find?${new URLSearchParams({ words: asked, ...(kind ? { kind } : {}) }).toString()}`),
        enabled: asked !== '',
        placeholderData: keepPreviousData,
        staleTime: 10_000,
    });
}

const KINDS: [Kind, string, (id: string) => string][] = [
    ['movements', 'Movements', (id) => `/movements/${encodeURIComponent(id)}`],
    ['people', 'People', (id) => `/people?person=${id}`],
    ['classes', 'Classes', (id) => `/classes/${id}/plan`],
    ['places', 'Places', (id) => `/places/${id}`],
    ['precautions', 'What to be careful with', (id) => `/precautions#${id}`],
];

const typing = (target: EventTarget | null) =>
    target instanceof HTMLElement && target.closest('input, textarea, select, [contenteditable], [role="dialog"]');

/** Opens with the key / from everywhere, and by its button in the rail. */
export function FindEverywhere({
    open,
    setOpen,
    here = [],
}: {
    open: boolean;
    setOpen: (open: boolean) => void;
    /** what this page itself has to find, under headings */
    here?: readonly { title: string; all: readonly Doing[] }[];
}) {
    useEffect(() => {
        const press = (event: KeyboardEvent) => {
            const withControl = (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k';
            if ((event.key === '/' && settings().keys && !typing(event.target)) || withControl) {
                event.preventDefault();
                setOpen(true);
            }
        };
        window.addEventListener('keydown', press);
        return () => window.removeEventListener('keydown', press);
    }, [setOpen]);
    return open ? <Finding here={here} onClose={() => setOpen(false)} /> : null;
}

function Finding({
    here,
    onClose,
}: {
    here: readonly { title: string; all: readonly Doing[] }[];
    onClose: () => void;
}) {
    const [words, setWords] = useState('');
    const found = useFind(words);
    const navigate = useNavigate();
    const done = (go: () => void) => () => {
        onClose();
        go();
    };
    const pages: Doing[] = PAGES.map(({ name, words, to }) => ({ name, words, go: () => void navigate(to) }));
    const things = (kind: Kind, address: (id: string) => string): Doing[] =>
        (found.data?.found[kind] ?? []).map((thing) => ({
            name: thing.name.charAt(0).toUpperCase() + thing.name.slice(1),
            more: thing.more,
            go: () => void navigate(address(thing.id)),
        }));
    const groups = words.trim()
        ? [
              ...here.map(({ title, all }) => ({ title, all: among(all, words) })),
              ...(found.data ? KINDS.map(([kind, title, address]) => ({ title, all: things(kind, address) })) : []),
              { title: 'Things to do', all: among(pages, words) },
          ].filter(({ all }) => all.length > 0)
        : [];
    const count = groups.reduce((sum, { all }) => sum + all.length, 0);
    useEffect(() => {
        if (words.trim() && found.data && !found.isPlaceholderData) {
            say(count === 0 ? 'Nothing found' : `${plural(count, 'result')} found`);
        }
    }, [count, found.data, found.isPlaceholderData, words]);
    return (
        <Sheet title="Find" open onClose={onClose} wide>
            <form
                onSubmit={(event) => {
                    event.preventDefault();
                    const first = groups[0]?.all[0];
                    if (first) {
                        done(first.go)();
                    }
                }}
            >
                <input
                    className="field"
                    type="search"
                    autoFocus
                    aria-label="Find anything"
                    placeholder="A movement, a person, a class, what to be careful with"
                    value={words}
                    onChange={(event) => setWords(event.target.value)}
                />
            </form>
            {found.error && (
                <div className="mt-3">
                    <Trouble error={found.error} again={() => void found.refetch()} />
                </div>
            )}
            {words.trim() && found.data && groups.length === 0 && (
                <p className="mt-4">Nothing goes by these words. Fewer or other words may find it.</p>
            )}
            {groups.map(({ title, all }) => (
                <section key={title} className="mt-4" aria-label={title}>
                    <h3 className="text-[1.125rem]">{title}</h3>
                    <ul>
                        {all.map((one, at) => (
                            <li key={`${one.name} ${at}`}>
                                <button
                                    type="button"
                                    className="flex min-h-11 w-full flex-wrap items-center gap-x-3 rounded-lg px-2 py-1 text-left hover:bg-channel"
                                    onClick={done(one.go)}
                                >
                                    <strong>{one.name}</strong>
                                    <span className="text-[0.9375rem] text-ink-soft">{one.more}</span>
                                </button>
                            </li>
                        ))}
                    </ul>
                </section>
            ))}
            {!words.trim() && (
                <p className="mt-4 text-ink-soft">
                    Everyday words do: shrug, hip replacement, Tuesday, somebody’s name, new class, backup. Enter opens
                    the first.
                </p>
            )}
        </Sheet>
    );
}
