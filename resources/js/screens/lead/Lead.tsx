import { useQuery } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { api, Refusal } from '../../api/client';
import { signedInAgain } from '../../api/session';
import { refresh } from '../../api/queries';
import type { LeadAnswer, LeadEntry } from '../../api/types/answer-lead';
import type { Motion } from '../../api/types/motion';
import { FigureDrawing } from '../../parts/FigureDrawing';
import { keep as keepHere, readKept } from '../../parts/kept';
import { MovingFigure } from '../../parts/MovingFigure';
import { MarkSign } from '../../parts/MarkSign';
import { Trouble, Waiting } from '../../parts/States';
import { clock } from '../../parts/time';
import { useEveryFrame } from '../../parts/useEveryFrame';
import { ZoneShape } from '../../parts/ZoneShape';
import { Ending, hasEnding } from './Ending';
import { Fan } from './Fan';
import { Player, rounded, type PlayerState, type Stretch } from './player';

const speed = Number(document.querySelector<HTMLMetaElement>('meta[name="lead-speed"]')?.content) || 1;
/** People in the room face the teacher: their left is drawn on the right of the page. */
const mirrored = (key: string) => key.replace(/\/left$/, '/right');
const stateName = (ledId: string) => `leading:${ledId}`;

function restored(ledId: string, lead: LeadAnswer): PlayerState | null {
    const kept = lead.state as unknown as PlayerState | null;
    const here = readKept<PlayerState>(stateName(ledId));
    return here && (!kept || here.savedAt >= kept.savedAt) ? here : kept;
}

export default function LeadPage() {
    const { ledId = '' } = useParams();
    // Everything needed is fetched before the first cue, and not again.
    const lead = useQuery({
        queryKey: ['lead', ledId],
        queryFn: () => api.get<LeadAnswer>(`led/${ledId}/beats`),
        staleTime: Infinity,
        gcTime: 0,
        refetchOnWindowFocus: false,
    });
    const motions = useQuery({
        queryKey: ['motions', ledId],
        queryFn: () => api.get<{ motions: Record<string, Motion> }>(`led/${ledId}/motions`),
        staleTime: Infinity,
        gcTime: 0,
        refetchOnWindowFocus: false,
        enabled: lead.data !== undefined,
    });
    const error = lead.error;
    if (!lead.data) {
        return (
            <main className="mx-auto max-w-2xl p-8">
                {error ? (
                    <Trouble
                        error={error}
                        again={() => {
                            void lead.refetch();
                        }}
                    />
                ) : (
                    <Waiting what="your class" />
                )}
            </main>
        );
    }
    return <Lead key={ledId} ledId={ledId} lead={lead.data} motions={motions.data?.motions ?? {}} />;
}

const breathWords = { in: 'Breathe in', out: 'Breathe out', 'hold-full': 'Rest', 'hold-empty': 'Rest' } as const;

function SideArrow({
    side,
    teacherSide,
    mirrors,
    sides,
}: {
    side: 'left' | 'right' | null;
    teacherSide: 'left' | 'right' | null;
    mirrors: boolean;
    sides: LeadEntry['sides'];
}) {
    if (!side || !teacherSide) {
        return (
            <p className="flex h-[92px] items-center rounded-[22px] bg-glow px-8 text-[50px] font-bold leading-none text-night max-md:h-14 max-md:px-5 max-md:text-[30px]">
                {sides === 'midline'
                    ? 'Everyone together'
                    : sides === 'together'
                      ? 'Everyone, both sides'
                      : 'Both sides in turn'}
            </p>
        );
    }
    // Facing the group, their left is to the teacher's right: the arrow points to where everybody goes.
    const pointsRight = mirrors ? side === 'left' : side === 'right';
    const point = mirrors
        ? pointsRight
            ? 'M3 22a19 19 0 0 1 19-19H732L777 46L732 89H22a19 19 0 0 1-19-19z'
            : 'M777 22a19 19 0 0 0-19-19H48L3 46L48 89H758a19 19 0 0 0 19-19z'
        : 'M22 3H758a19 19 0 0 1 19 19V70a19 19 0 0 1-19 19H22a19 19 0 0 1-19-19V22a19 19 0 0 1 19-19z';
    const filled =
        pointsRight || !mirrors
            ? 'M3 22a19 19 0 0 1 19-19H368L396 46L368 89H22a19 19 0 0 1-19-19z'
            : 'M777 22a19 19 0 0 0-19-19H412L384 46L412 89H758a19 19 0 0 0 19-19z';
    const they = (
        <span key="they" className="flex-1 text-night">
            They: {side}
        </span>
    );
    const you = (
        <span key="you" className="flex-1 text-cream">
            You: {teacherSide}
        </span>
    );
    return (
        <div className="relative h-[92px] max-w-[780px] max-md:h-14">
            <svg
                viewBox="0 0 780 92"
                className="absolute inset-0 h-full w-full"
                preserveAspectRatio="none"
                aria-hidden="true"
            >
                <path d={point} fill="none" stroke="var(--glow)" strokeWidth="5" strokeLinejoin="round" />
                <path d={filled} fill="var(--glow)" stroke="var(--glow)" strokeWidth="5" strokeLinejoin="round" />
            </svg>
            <p
                className={`relative flex h-full items-center text-[50px] font-bold leading-none max-md:text-[28px] ${pointsRight || !mirrors ? 'pl-8 max-md:pl-5' : 'pl-14 max-md:pl-8'}`}
                data-side
            >
                {pointsRight || !mirrors ? [they, you] : [you, they]}
            </p>
        </div>
    );
}

function cueSize(words: string): string {
    if (words.length <= 44) {
        return 'text-[80px] tracking-[-1.2px] leading-[1.04]';
    }
    return words.length <= 66
        ? 'text-[68px] tracking-[-1px] leading-[1.05]'
        : 'text-[58px] tracking-[-0.8px] leading-[1.07]';
}

/** A long introduction comes as several cues, one after the other, by its sentences and the time it has. */
function part(words: string, share: number): string {
    if (words.length <= 90) {
        return words;
    }
    const pieces = words.match(/[^.?;]+[.?;]\s*/g) ?? [words];
    const parts: string[] = [];
    for (const piece of pieces) {
        const last = parts.at(-1);
        if (last !== undefined && (last + piece).length <= 84) {
            parts[parts.length - 1] = last + piece;
        } else {
            parts.push(piece);
        }
    }
    return (parts[Math.min(parts.length - 1, Math.floor(share * parts.length))] ?? words).trim();
}

function Lead({ ledId, lead, motions }: { ledId: string; lead: LeadAnswer; motions: Record<string, Motion> }) {
    const navigate = useNavigate();
    const [start] = useState(() => restored(ledId, lead));
    const [player] = useState(() => new Player(lead.beats, speed, Date.now, start));
    const [, redraw] = useState(0);
    // What was done when the class was ended; the time spent on the page after it does not count.
    const [ending, setEnding] = useState<Stretch[] | null>(() =>
        hasEnding(ledId) ? rounded(start?.done ?? []) : null,
    );
    const [allDifferent, setAllDifferent] = useState(false);
    const [away, setAway] = useState<'offline' | 'signed out' | null>(navigator.onLine ? null : 'offline');
    const [returned, setReturned] = useState(start !== null && start.startedAt !== null);
    const [notice, setNotice] = useState<string | null>(null);
    const escape = useRef(0);
    const entries = useMemo(() => new Map(lead.entries.map((entry) => [entry.id, entry])), [lead]);
    const people = useMemo(() => new Map(lead.people.map((person) => [person.id, person])), [lead]);

    const keep = useCallback(
        (send: boolean) => {
            const state = player.state();
            keepHere(stateName(ledId), state);
            if (send) {
                // In the middle of a class nobody is asked to sign in: what is kept here is enough to go on.
                api.put(`led/${ledId}`, { state: { ...state, done: rounded(state.done) } }, { quiet: true }).then(
                    () => setAway(null),
                    (problem: unknown) => {
                        if (problem instanceof Refusal && problem.status === 409) {
                            void navigate(`/log/${ledId}`);
                        } else {
                            setAway(
                                problem instanceof Refusal && [401, 419].includes(problem.status)
                                    ? 'signed out'
                                    : 'offline',
                            );
                        }
                    },
                );
            }
        },
        [ledId, navigate, player],
    );

    const go = useCallback(
        (action: 'toggle' | 'back' | 'skip' | 'hold') => {
            setReturned(false);
            setNotice(null);
            if (action === 'toggle') {
                if (player.paused) {
                    player.go();
                } else {
                    player.pause();
                }
            } else if (action === 'hold') {
                setNotice(player.hold() ? 'One more breath' : 'Nothing to hold just now');
            } else {
                player[action]();
            }
            keep(true);
            redraw((count) => count + 1);
        },
        [keep, player],
    );

    const end = useCallback(() => {
        player.pause();
        keep(true);
        setEnding(rounded(player.state().done));
    }, [keep, player]);

    useEffect(() => {
        if (ending) {
            return;
        }
        const tick = setInterval(() => (player.finished ? end() : redraw((count) => count + 1)), 100);
        const near = setInterval(() => keep(false), 1000);
        const far = setInterval(() => keep(true), 10_000);
        const leave = () => keep(false);
        window.addEventListener('pagehide', leave);
        return () => {
            clearInterval(tick);
            clearInterval(near);
            clearInterval(far);
            window.removeEventListener('pagehide', leave);
        };
    }, [end, ending, keep, player]);

    useEffect(() => {
        const press = (event: KeyboardEvent) => {
            if (ending || event.ctrlKey || event.metaKey || event.altKey) {
                return;
            }
            const onButton = (event.target as HTMLElement).closest('button') !== null;
            if (event.key === 'Enter' || (event.key === ' ' && onButton)) {
                return;
            }
            const does: Record<string, () => void> = {
                ' ': () => go('toggle'),
                h: () => go('hold'),
                s: () => go('skip'),
                ArrowRight: () => go('skip'),
                PageDown: () => go('skip'),
                b: () => go('back'),
                ArrowLeft: () => go('back'),
                PageUp: () => go('back'),
                d: () => setAllDifferent((open) => !open),
                Escape: () => {
                    if (Date.now() - escape.current < 2000) {
                        end();
                    } else {
                        escape.current = Date.now();
                        setNotice('Press Esc once more to end the class');
                    }
                },
            };
            const run = does[event.key.length === 1 ? event.key.toLowerCase() : event.key];
            if (run) {
                event.preventDefault();
                run();
            }
        };
        window.addEventListener('keydown', press);
        return () => window.removeEventListener('keydown', press);
    }, [end, ending, go]);

    useEffect(() => {
        document.title = `${lead.class.title} · Kind Chair`;
        let lock: WakeLockSentinel | undefined;
        const stayAwake = () => {
            if (document.visibilityState === 'visible') {
                navigator.wakeLock?.request('screen').then(
                    (held) => (lock = held),
                    () => undefined,
                );
            }
        };
        stayAwake();
        document.addEventListener('visibilitychange', stayAwake);
        return () => {
            document.removeEventListener('visibilitychange', stayAwake);
            void lock?.release();
        };
    }, [lead]);

    if (ending) {
        return (
            <Ending
                lead={lead}
                done={ending}
                finished={player.finished}
                onBack={() => setEnding(null)}
                onStored={() => {
                    keepHere(stateName(ledId), null);
                    void refresh('classes', 'led').then(() => navigate(`/log/${ledId}`));
                }}
                ledId={ledId}
            />
        );
    }

    const position = player.position();
    const index = player.index(position);
    const beat = player.at(index);
    const entry = beat && entries.get(beat.entry);
    if (!beat || !entry) {
        return (
            <main className="on-night min-h-screen bg-night p-8 text-cream">
                <h1 className="mb-4 text-[34px]">Nothing is planned yet</h1>
                <a className="button" href={`/classes/${lead.class.id}/plan`}>
                    Plan this class
                </a>
            </main>
        );
    }
    const order = lead.entries.findIndex((one) => one.id === entry.id);
    const share = (position - beat.start) / beat.length;
    const gone = player.gone();
    const says = player.planSays();
    const late = gone - says;
    let at = index;
    while (player.at(at)?.entry === beat.entry && player.at(at)?.side === beat.side) {
        at++;
    }
    const next = player.at(at);
    const nextEntry = next && entries.get(next.entry);
    const sameMovement = nextEntry?.id === entry.id;
    const left = beat.unit > 0 ? beat.units - beat.unit + 1 : 0;
    const word =
        beat.kind === 'change'
            ? 'Change'
            : beat.kind === 'set-up'
              ? 'Get ready'
              : beat.kind === 'rest'
                ? 'Rest'
                : beat.breath === 'free'
                  ? 'As it comes'
                  : breathWords[beat.breath];
    const changesSoon = sameMovement && next?.kind === 'change' && next.start - position <= 3;
    const pressing = ['none', 'rests', 'adapted'];
    const different = [...entry.different].sort((a, b) => pressing.indexOf(a.mark) - pressing.indexOf(b.mark));
    const shown = allDifferent ? different : different.slice(0, 4);
    const motion = motions[`${beat.entry}/${beat.side ?? 'left'}`];
    const words = part(beat.words, share);
    const coming = !sameMovement ? nextEntry : lead.entries[order + 1];
    const figureOf = (one: LeadEntry | undefined) => (one ? lead.figures[mirrored(one.figure)] : undefined);
    const key = (name: string) => (
        <kbd className="rounded-lg border-2 border-current px-2 py-1 font-sans text-[20px] leading-none opacity-90 max-md:hidden">
            {name}
        </kbd>
    );
    const control =
        'flex min-h-[88px] items-center justify-center gap-4 rounded-[22px] bg-night-2 text-[33px] font-bold hover:bg-night-3 max-md:min-h-14 max-md:rounded-2xl max-md:text-[22px]';

    return (
        <main
            className={`on-night zone-${entry.zone ?? 'none'} flex min-h-screen flex-col bg-night px-9 pb-4 pt-3 text-cream max-md:px-4 lg:h-screen lg:overflow-y-auto`}
            data-beat={index}
            data-entry={entry.id}
            data-position={position.toFixed(2)}
        >
            <header className="flex min-h-16 flex-wrap items-center gap-x-10 gap-y-1 text-[22px] leading-tight max-md:text-[20px]">
                <div>
                    <strong className="font-slab text-[26px] max-md:text-[22px]">{entry.section}</strong>
                    <div className="text-[20px] text-mist">
                        movement {order + 1} of {lead.entries.length}
                    </div>
                </div>
                <svg viewBox="0 0 250 46" width="250" height="46" aria-hidden="true" className="max-lg:hidden">
                    <rect
                        x="2"
                        y="10"
                        width={Math.min(246, (says / Math.max(lead.slot, lead.planned)) * 246)}
                        height="15"
                        rx="5"
                        fill="#7fa5a2"
                    />
                    {late > 30 && (
                        <rect
                            x={2 + Math.min(240, (says / Math.max(lead.slot, lead.planned)) * 246)}
                            y="10"
                            width={Math.max(4, Math.min(60, (late / lead.slot) * 246))}
                            height="15"
                            rx="5"
                            fill="var(--color-butter-night)"
                        />
                    )}
                    <path
                        d="M2 29h246M14 32l-6 13M236 32l6 13"
                        stroke="#3d666d"
                        strokeWidth="6"
                        strokeLinecap="round"
                    />
                </svg>
                <div>
                    <span data-gone>{clock(gone)}</span> gone
                    <div className="text-[20px] text-mist">plan says {clock(says)}</div>
                </div>
                <div className="ml-auto flex items-center gap-5">
                    {away === 'offline' && (
                        <span className="rounded-xl border-2 border-mist px-3 py-1 text-[20px]">
                            Offline, fine to go on
                        </span>
                    )}
                    {away === 'signed out' && (
                        <button
                            className="min-h-11 rounded-xl border-2 border-mist px-3 py-1 text-[20px] hover:bg-night-2"
                            onClick={() => void signedInAgain().then((back) => back && keep(true))}
                        >
                            Signed out, fine to go on
                        </button>
                    )}
                    {late >= 30 && (
                        <span className="text-right font-bold text-butter-night">
                            Running {clock(late)} late
                            <span className="block text-[20px] font-normal text-cream">
                                would end at {clock(lead.planned + late)}
                            </span>
                        </span>
                    )}
                    <button
                        className="min-h-[52px] rounded-2xl bg-night-2 px-5 text-[22px] font-bold hover:bg-night-3"
                        onClick={end}
                    >
                        End
                    </button>
                </div>
            </header>
            <div className="grid min-h-0 flex-1 gap-x-8 lg:grid-cols-[minmax(0,1fr)_420px]">
                <div className="flex min-w-0 flex-col">
                    <div className="flex min-h-[56px] items-center gap-x-4 pt-1 max-md:flex-wrap">
                        <ZoneShape zone={entry.zone} size={36} />
                        <h1 className="shrink-0 text-[34px] leading-tight max-md:shrink max-md:text-[26px]">
                            {changesSoon ? 'Change sides' : entry.name}
                        </h1>
                        <span className="truncate text-[24px] text-mist max-md:text-[20px]">
                            {entry.facing === 'side' ? 'Turn your side to them' : entry.variation}
                        </span>
                    </div>
                    <div className="py-2 max-lg:min-h-[150px]" aria-live="off">
                        {motion && (
                            <>
                                {/* Pushes the figure down, so that the first lines of a cue have the whole width. */}
                                <span className="float-right h-[80px] w-0 max-lg:hidden" aria-hidden="true" />
                                <span
                                    className="float-right clear-right ml-4 block w-[188px] max-lg:w-[104px]"
                                    data-moving-figure
                                >
                                    <LeadFigure player={player} motion={motion} name={entry.name} />
                                </span>
                            </>
                        )}
                        <p className={`font-[680] max-md:text-[44px] max-md:leading-[1.08] ${cueSize(words)}`} data-cue>
                            {words ||
                                (beat.breath === 'in'
                                    ? 'Breathe in.'
                                    : beat.breath === 'out'
                                      ? 'Breathe out.'
                                      : entry.name)}
                        </p>
                    </div>
                    <div className="mt-auto">
                        <SideArrow
                            side={beat.side ?? null}
                            teacherSide={beat.teacherSide}
                            mirrors={lead.mirrors}
                            sides={entry.sides}
                        />
                    </div>
                </div>
                <div className="flex flex-col items-center justify-end max-lg:mt-4 max-md:flex-row max-md:gap-4">
                    <div className="w-full max-w-[420px] max-lg:max-w-[240px]">
                        <Fan player={player} beat={beat} />
                    </div>
                    <p className="flex min-h-[92px] w-full items-center justify-between gap-3 whitespace-nowrap max-md:min-h-0 max-md:flex-wrap">
                        <span
                            className="font-slab text-[48px] font-bold leading-none text-glow max-md:text-[30px]"
                            data-breath
                        >
                            {word}
                        </span>
                        {left > 0 && (
                            <span className="flex items-center gap-3">
                                <span
                                    className={`font-slab font-bold leading-none max-md:text-[56px] ${left > 9 ? 'text-[72px]' : 'text-[92px]'}`}
                                    data-left
                                >
                                    {left}
                                </span>
                                <span className={`leading-[1.1] ${left > 9 ? 'text-[21px]' : 'text-[24px]'}`}>
                                    {left === 1 ? 'breath' : 'breaths'}
                                    <br />
                                    left
                                </span>
                            </span>
                        )}
                    </p>
                </div>
            </div>
            <div className="mt-4 grid gap-4 lg:grid-cols-[minmax(0,1fr)_292px]">
                <section aria-label="Different right now">
                    <p className="mb-1.5 text-[21px]">
                        <strong>
                            {different.length === 0
                                ? lead.people.length > 0
                                    ? 'Everyone follows the cue'
                                    : 'Nobody added to this class'
                                : 'Different right now'}
                        </strong>
                        {different.length > 0 && (
                            <span className="ml-4 text-mist">
                                {lead.people.length - different.length === 1
                                    ? 'one follows the cue'
                                    : `the other ${lead.people.length - different.length} follow the cue`}
                            </span>
                        )}
                        {different.length > 4 && (
                            <button
                                className="ml-4 min-h-9 rounded-lg px-2 underline underline-offset-4"
                                onClick={() => setAllDifferent(!allDifferent)}
                            >
                                {allDifferent ? 'show four' : `and ${different.length - 4} more`} {key('D')}
                            </button>
                        )}
                    </p>
                    <ul
                        className={`grid gap-2.5 sm:grid-cols-2 lg:grid-cols-4 ${allDifferent ? 'max-h-[420px] overflow-y-auto lg:absolute lg:inset-x-9 lg:bottom-[120px] lg:z-10 lg:rounded-[22px] lg:bg-night lg:py-3' : ''}`}
                    >
                        {shown.map((one) => {
                            const person = people.get(one.person);
                            const shapes = lead.figures[beat.side === 'left' ? mirrored(one.figure) : one.figure];
                            return (
                                <li
                                    key={one.person}
                                    className="flex min-h-[112px] flex-col rounded-[18px] bg-night-1 px-3.5 py-2"
                                >
                                    <span className="flex items-center gap-2.5 text-[24px] font-bold leading-tight">
                                        <span className="text-butter-night">
                                            <MarkSign mark={one.mark} size={22} />
                                        </span>
                                        <span className="truncate">{person?.name}</span>
                                    </span>
                                    <span className="flex flex-1 items-center gap-2 text-[20px] leading-[1.15]">
                                        <FigureDrawing shapes={shapes} size={64} />
                                        <span className="line-clamp-3 min-w-0">{one.does}</span>
                                    </span>
                                </li>
                            );
                        })}
                    </ul>
                </section>
                <section aria-label="After this">
                    <p className="mb-1.5 text-[21px] text-mist">
                        {sameMovement && next
                            ? next.side && next.side !== beat.side
                                ? `Then the ${next.side} side`
                                : 'Then the other way'
                            : 'After this'}
                    </p>
                    <div
                        className={`flex min-h-[112px] items-center gap-3 rounded-[18px] bg-night-1 px-4 py-2 zone-${coming?.zone ?? 'none'}`}
                    >
                        {coming ? (
                            <>
                                <FigureDrawing shapes={figureOf(coming)} size={78} />
                                <span className="min-w-0 leading-[1.15]">
                                    <strong className="block text-[24px]">{coming.name}</strong>
                                    {coming.props.length > 0 && (
                                        <span className="block text-[20px] text-butter-night">
                                            Fetch: {coming.props.join(', ')}
                                        </span>
                                    )}
                                </span>
                            </>
                        ) : (
                            <strong className="text-[24px]">The class ends</strong>
                        )}
                    </div>
                </section>
            </div>
            <p role="status" className="min-h-0 text-center text-[21px]">
                {player.paused && returned
                    ? `Paused at ${entry.name}${beat.side ? `, ${beat.side}` : ''}${beat.unit ? `, breath ${beat.unit}` : ''}.`
                    : (notice ?? '')}
            </p>
            <div className="mt-3 grid shrink-0 grid-cols-[1fr_1.800fr_1.800fr_1fr] gap-3.5 max-lg:sticky max-lg:bottom-0 max-lg:-mx-4 max-lg:bg-night max-lg:p-4 max-md:grid-cols-3 max-md:gap-2 max-md:p-3">
                <button className={control} onClick={() => go('back')}>
                    {key('B')} Back
                </button>
                <button
                    className={`${control} border-[3px] border-cream bg-night-3 max-md:order-first max-md:col-span-3`}
                    onClick={() => go('toggle')}
                    aria-pressed={player.paused}
                >
                    {key('Space')} {player.paused ? (start?.startedAt || position > 0 ? 'Go on' : 'Begin') : 'Pause'}
                </button>
                <button className={control} onClick={() => go('hold')}>
                    {key('H')}
                    <span className="leading-[1.05]">
                        Hold longer
                        <span className="block text-[22px] font-normal text-mist max-md:hidden">one more breath</span>
                    </span>
                </button>
                <button className={control} onClick={() => go('skip')}>
                    {key('S')} Skip
                </button>
            </div>
        </main>
    );
}

/** The movement itself, in time with the cue; at rest it waits in its first place. */
function LeadFigure({ player, motion, name }: { player: Player; motion: Motion; name: string }) {
    useEveryFrame();
    const position = player.position();
    const beat = player.at(player.index(position));
    const step = motion.steps.findIndex((one) => one.step === beat?.step);
    return (
        <MovingFigure
            motion={motion}
            step={Math.max(0, step)}
            share={beat && step >= 0 ? (position - beat.start) / beat.length : 0}
            size={188}
            title={name}
        />
    );
}
