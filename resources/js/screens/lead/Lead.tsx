import { useQuery } from '@tanstack/react-query';
import { useCallback, useEffect, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { api } from '../../api/client';
import { refresh } from '../../api/queries';
import type { Beat, LeadAnswer } from '../../api/types/answer-lead';
import type { Motion } from '../../api/types/motion';
import { Trouble, Waiting } from '../../parts/States';
import { useMedia } from '../../parts/useMedia';
import { ZoneShape } from '../../parts/ZoneShape';
import { AfterThis } from './AfterThis';
import { BreathNow } from './BreathNow';
import { Controls } from './Controls';
import { CueNow, Stage } from './Cue';
import { Different } from './Different';
import { Ending } from './Ending';
import { InTheHand } from './InTheHand';
import { LeadHeader } from './LeadHeader';
import { momentOf } from './moment';
import { Reminders } from './Reminders';
import { SideArrow } from './SideArrow';
import { StopSigns } from './StopSigns';
import { useSayingCues } from './useSayingCues';
import { useTitle } from '../../parts/useTitle';
import { useLeadKeys } from './useLeadKeys';
import { useLeading, useStayAwake } from './useLeading';

/** Seconds before the sides change in which it is announced. */
const ANNOUNCED = 3;

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

/** The motion of a beat's own side; where no side is named, or sides take turns, there is one for both. */
const motionOf = (motions: Record<string, Motion>, { entry, side }: Beat) =>
    motions[`${entry}/${side ?? 'left'}`] ?? motions[`${entry}/left`];

function Lead({ ledId, lead, motions }: { ledId: string; lead: LeadAnswer; motions: Record<string, Motion> }) {
    const navigate = useNavigate();
    const leading = useLeading(ledId, lead);
    const { player, act, end, ending, setNotice } = leading;
    const [showsAll, setShowsAll] = useState(false);
    const [showsStops, setShowsStops] = useState(false);
    const toggleAll = useCallback(() => setShowsAll((open) => !open), []);
    useLeadKeys(ending === null && !showsStops, player.own, { act, end, onDifferent: toggleAll, say: setNotice });
    const isInTheHand = useMedia('(max-width: 1023px)');
    // Beyond the hand its letters are as large as the window has room for already.
    useEffect(() => {
        document.documentElement.toggleAttribute('data-leading', !isInTheHand);
        return () => document.documentElement.removeAttribute('data-leading');
    }, [isInTheHand]);
    useStayAwake();
    useTitle(`Leading ${lead.class.title}`);
    useSayingCues(momentOf(player, lead)?.beat, leading.hasBegun && !player.paused && ending === null);

    if (ending) {
        return (
            <Ending
                lead={lead}
                done={ending}
                finished={player.finished}
                onBack={leading.goBack}
                onStored={() => {
                    leading.stored();
                    void refresh('classes', 'led').then(() => navigate(`/log/${ledId}`));
                }}
                ledId={ledId}
            />
        );
    }

    const moment = momentOf(player, lead);
    if (!moment) {
        return (
            <main className="on-night min-h-screen bg-night p-8 text-cream">
                <h1 className="mb-4 text-[2.125rem]">Nothing is planned yet</h1>
                <a className="button" href={`/classes/${lead.class.id}/plan`}>
                    Plan this class
                </a>
            </main>
        );
    }
    const { beat, entry, next, position } = moment;
    if (isInTheHand) {
        return (
            <>
                <InTheHand
                    lead={lead}
                    moment={moment}
                    player={player}
                    motion={motionOf(motions, beat)}
                    away={leading.away}
                    hasBegun={leading.hasBegun}
                    notice={leading.notice}
                    act={act}
                    onStop={() => setShowsStops(true)}
                    onEnd={end}
                />
                <StopSigns signs={lead.stopSigns} open={showsStops} onClose={() => setShowsStops(false)} />
            </>
        );
    }
    // Before the first breath, what holds for the whole class comes before saying that nobody does anything else.
    const remindsInPlace =
        !leading.hasBegun && entry.different.length === 0 && lead.people.some((person) => person.always.length > 0);
    const changesSoon = moment.nextIsSameMovement && next?.kind === 'change' && next.start - position <= ANNOUNCED;

    return (
        <main
            className={`on-night zone-${entry.zone ?? 'none'} flex min-h-screen flex-col bg-night px-9 pt-3 text-cream max-md:px-4 lg:h-dvh lg:overflow-y-auto`}
            data-beat={moment.index}
            data-entry={entry.id}
            data-position={position.toFixed(2)}
        >
            <LeadHeader
                lead={lead}
                moment={moment}
                away={leading.away}
                sendAgain={leading.sendAgain}
                onStop={() => setShowsStops(true)}
                onEnd={end}
            />
            {/* Takes the height that is left; what is in it is measured by it. */}
            <div className="grid min-h-[11.875rem] flex-1 grid-cols-[minmax(0,2fr)_minmax(0,3fr)] grid-rows-[minmax(0,1fr)] gap-x-8 [container-type:size]">
                <Stage player={player} beat={beat} motion={motionOf(motions, beat)} name={entry.name} />
                <div className="flex min-h-0 min-w-0 flex-col">
                    <div className="flex min-h-[min(52px,14cqh)] items-center gap-x-4">
                        <ZoneShape zone={entry.zone} size={36} />
                        <h1 className="text-[max(22px,min(34px,9cqh))] leading-tight">
                            {changesSoon ? 'Change sides' : entry.name}
                        </h1>
                        <span className="text-[max(18px,min(24px,7cqh))] leading-[1.05] text-mist">
                            {entry.facing === 'side' ? 'Turn your side to them' : entry.variation}
                        </span>
                    </div>
                    <div className="min-h-0 flex-1 py-1" aria-live="off">
                        <CueNow moment={moment} most={80} className="leading-[1.06] tracking-[-0.015em]" />
                    </div>
                    <div data-arrow>
                        <SideArrow
                            side={beat.side ?? null}
                            teacherSide={beat.teacherSide}
                            mirrors={lead.mirrors}
                            sides={entry.sides}
                        />
                    </div>
                    <BreathNow beat={beat} isQuiet={moment.said === null} />
                </div>
            </div>
            <div className="mt-3 grid gap-4 lg:grid-cols-[minmax(0,1fr)_220px] xl:grid-cols-[minmax(0,1fr)_292px]">
                {remindsInPlace ? (
                    <Reminders lead={lead} entry={entry} hasBegun={false} />
                ) : (
                    <Different
                        lead={lead}
                        entry={entry}
                        side={beat.side ?? null}
                        showsAll={showsAll}
                        onShowAll={toggleAll}
                    />
                )}
                <AfterThis lead={lead} moment={moment} />
            </div>
            {!remindsInPlace && <Reminders lead={lead} entry={entry} hasBegun={leading.hasBegun} />}
            <p
                role="status"
                className="text-center text-[1.3125rem] leading-7 lg:min-h-7 [@media(max-height:640px)]:leading-6 [@media(max-height:640px)]:lg:min-h-6"
            >
                {player.paused && leading.hasReturned
                    ? `Paused at ${entry.name}${beat.side ? `, ${beat.side}` : ''}${beat.unit ? `, breath ${beat.unit}` : ''}.`
                    : (leading.notice ?? '')}
            </p>
            <StopSigns signs={lead.stopSigns} open={showsStops} onClose={() => setShowsStops(false)} />
            <Controls act={act} isPaused={player.paused} hasBegun={leading.hasBegun} own={player.own} />
        </main>
    );
}
