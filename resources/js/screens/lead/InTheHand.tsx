import { Quiet } from './Quiet';
import { useState } from 'react';
import type { LeadAnswer } from '../../api/types/answer-lead';
import type { Motion } from '../../api/types/motion';
import { useMedia } from '../../parts/useMedia';
import { Sheet } from '../../parts/Sheet';
import { clock, hour } from '../../parts/time';
import { ZoneShape } from '../../parts/ZoneShape';
import { CueNow, LeadFigure } from './Cue';
import { Different } from './Different';
import type { Moment } from './moment';
import type { Player } from './player';
import { Reminders } from './Reminders';
import { left as breathsLeft, wordFor } from './breath';
import type { Action } from './useLeading';

const CONTROL =
    'flex min-h-[48px] min-w-[44px] flex-1 items-center justify-center rounded-xl bg-night-2 px-1 text-[min(1rem,4.8vh,4.6vw)] md:min-h-16 md:text-[1.25rem] font-bold leading-tight hover:bg-night-3';
const ROW = 'flex min-h-[44px] w-full items-center gap-2 rounded-xl bg-night-1 px-3 py-1 text-left leading-tight';

interface Props {
    lead: LeadAnswer;
    moment: Moment;
    player: Player;
    motion: Motion | undefined;
    away: 'offline' | 'signed out' | null;
    hasBegun: boolean;
    notice: string | null;
    act: (action: Action) => void;
    onStop: () => void;
    onEnd: () => void;
}

/** Leading from a telephone, upright or on its side: everything in view at once, people and reminders one touch away. */
export function InTheHand({ lead, moment, player, motion, away, hasBegun, notice, act, onStop, onEnd }: Props) {
    const [open, setOpen] = useState(false);
    const { beat, entry, next, coming, nextIsSameMovement } = moment;
    const count = breathsLeft(beat);
    const reminded = (
        hasBegun ? [...entry.reminders.map((one) => one.watch), entry.look] : lead.people.map((one) => one.always)
    ).filter((watch) => watch.length > 0).length;
    const differ = entry.different.length + entry.besides.reduce((sum, one) => sum + one.people.length, 0);
    const hasRoom = useMedia('(min-width: 768px) and (min-height: 900px)');
    const then = nextIsSameMovement && next;
    return (
        <main
            className={`on-night zone-${entry.zone ?? 'none'} flex h-dvh flex-col gap-1.5 overflow-hidden bg-night px-3 pb-2 pt-1 text-[min(1rem,4.8vh)] text-cream md:gap-3 md:px-6 md:pb-4 md:pt-3 md:text-[1.25rem]`}
            data-beat={moment.index}
            data-entry={entry.id}
            data-position={moment.position.toFixed(2)}
        >
            <header className="flex shrink-0 items-center gap-2 leading-tight">
                <span className="mr-auto min-w-0 text-[min(0.9375rem,4.5vh)] md:text-[1.25rem]">
                    <strong className="block" data-gone>
                        {moment.order + 1} of {lead.entries.length}, {clock(moment.gone)}
                    </strong>
                    <span className="text-mist" data-ends>
                        {away === 'offline' ? 'Offline, go on' : `ends ${hour(new Date(moment.endsAt).toISOString())}`}
                    </span>
                </span>
                <button
                    className="min-h-[44px] rounded-xl border-2 border-butter-night px-3 font-bold text-butter-night hover:bg-night-2"
                    onClick={onStop}
                >
                    Stop signs
                </button>
                <button
                    className="min-h-[44px] min-w-[44px] rounded-xl bg-night-2 px-3 font-bold hover:bg-night-3"
                    onClick={onEnd}
                >
                    End
                </button>
            </header>
            <div className="grid min-h-0 flex-1 grid-rows-[minmax(0,1fr)_auto] gap-1.5 landscape:grid-cols-[minmax(0,3fr)_minmax(0,2fr)] landscape:grid-rows-[minmax(0,1fr)]">
                <div className="flex min-h-0 min-w-0 flex-col gap-1">
                    <h1 className="flex shrink-0 items-center gap-2 text-[min(1.125rem,5.4vh)] leading-tight md:text-[1.75rem]">
                        <ZoneShape zone={entry.zone} size={20} /> {entry.name}
                    </h1>
                    <div className="flex min-h-0 flex-1 gap-2 portrait:flex-col">
                        <div className="min-h-0 min-w-0 flex-1" aria-live="off">
                            <CueNow moment={moment} most={hasRoom ? 84 : 52} className="leading-[1.08]" />
                        </div>
                        {motion && (
                            <span
                                className="flex shrink-0 justify-center portrait:h-[46%] landscape:w-[26%] landscape:max-w-40 landscape:items-end"
                                data-moving-figure
                            >
                                <LeadFigure
                                    player={player}
                                    motion={motion}
                                    name={entry.name}
                                    size={160}
                                    className="portrait:h-full portrait:w-auto landscape:h-auto landscape:max-h-full landscape:w-full"
                                />
                            </span>
                        )}
                    </div>
                </div>
                <div className="flex min-h-0 flex-col justify-end gap-1.5">
                    <p
                        className="flex min-h-[36px] items-center rounded-xl bg-glow px-3 text-[min(1.125rem,5.2vh)] font-bold leading-tight text-night md:min-h-16 md:text-[1.875rem]"
                        data-arrow
                    >
                        <span data-side={beat.side ? '' : undefined}>
                            {beat.side && beat.teacherSide
                                ? `They: ${beat.side} · You: ${beat.teacherSide}`
                                : entry.sides === 'midline'
                                  ? 'Everyone together'
                                  : entry.sides === 'together'
                                    ? 'Everyone, both sides'
                                    : 'Both sides in turn'}
                        </span>
                    </p>
                    <p className="flex items-baseline justify-between gap-2 leading-none">
                        <span
                            className="font-slab text-[min(1.5rem,7vh)] font-bold text-glow md:text-[2.5rem]"
                            data-breath
                        >
                            {wordFor(beat)}
                        </span>
                        <Quiet isShown={moment.said === null} />
                        {count > 0 && (
                            <span>
                                <strong className="font-slab text-[min(1.75rem,8vh)] md:text-[3.5rem]" data-left>
                                    {count}
                                </strong>{' '}
                                left
                            </span>
                        )}
                    </p>
                    <p className="leading-tight text-mist" aria-label="After this">
                        {notice ??
                            (then
                                ? next.side && next.side !== beat.side
                                    ? `Then the ${next.side} side`
                                    : 'Then the other way'
                                : coming
                                  ? `Then ${coming.name}${coming.props.length > 0 ? `; fetch: ${coming.props.join(', ')}` : ''}`
                                  : 'Then the class ends')}
                    </p>
                    {hasRoom ? (
                        <div className="max-h-[42vh] overflow-y-auto" tabIndex={0} role="group" aria-label="People">
                            <Different
                                lead={lead}
                                entry={entry}
                                side={beat.side ?? null}
                                showsAll={open}
                                onShowAll={() => setOpen(!open)}
                            />
                            <Reminders lead={lead} entry={entry} hasBegun={hasBegun} />
                        </div>
                    ) : (
                        <button className={ROW} onClick={() => setOpen(true)} aria-label="Different right now">
                            <span>
                                <strong>
                                    {entry.different.length === 0 && entry.besides.length === 0
                                        ? 'Everyone follows'
                                        : differ === 1
                                          ? 'One does it differently'
                                          : `${differ} do it differently`}
                                </strong>
                                {reminded > 0 && <span className="text-butter-night"> · {reminded} to remember</span>}
                            </span>
                        </button>
                    )}
                </div>
            </div>
            <div className="flex shrink-0 gap-1.5" data-controls>
                <button className={CONTROL} onClick={() => act(player.own ? 'stepBack' : 'back')}>
                    Back
                </button>
                <button className={CONTROL} onClick={() => act('hold')}>
                    Hold
                </button>
                <button
                    className={`${CONTROL} flex-[1.6] border-2 border-cream bg-night-3`}
                    onClick={() => act(player.own ? 'next' : 'toggle')}
                    aria-pressed={player.own ? undefined : player.paused}
                >
                    {player.paused && !hasBegun
                        ? 'Begin'
                        : player.paused
                          ? 'Go on'
                          : player.own
                            ? 'Next step'
                            : 'Pause'}
                </button>
                <button className={CONTROL} onClick={() => act('skip')}>
                    Skip
                </button>
                <button className={CONTROL} onClick={() => act('own')} aria-pressed={player.own}>
                    {player.own ? 'My time' : 'Clock'}
                </button>
            </div>
            <Sheet title="Different right now" open={open && !hasRoom} onClose={() => setOpen(false)}>
                <div className="on-night -mx-5 -mb-5 space-y-4 bg-night p-5 text-cream">
                    <Reminders lead={lead} entry={entry} hasBegun={hasBegun} />
                    <Different
                        lead={lead}
                        entry={entry}
                        side={beat.side ?? null}
                        showsAll
                        onShowAll={() => setOpen(false)}
                    />
                </div>
            </Sheet>
        </main>
    );
}
