import { useQuery } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { api, Refusal } from '../../api/client';
import { refresh, useClasses, useGroups, usePlaces } from '../../api/queries';
import type { BeginningsAnswer } from '../../api/types/answer-beginnings';
import type { ClassInfo } from '../../api/types/answer-class';
import { Choice, TextField, Tick } from '../../parts/Field';
import { Problem } from '../../parts/FormSheet';
import { useKept } from '../../parts/kept';
import { PageTitle } from '../../parts/Shell';
import { Waiting } from '../../parts/States';
import { Asking } from './Asking';
import { Candidates } from './Candidates';
import { Beginnings } from './Beginnings';
import { groupInTurn } from './inTurn';
import { asked, NO_WISH, type Wish } from './wish';

interface Typed {
    /** null while it is as it was proposed */
    title: string | null;
    startsAt: string | null;
    group: string | null;
    venue: string | null;
    minutes: string | null;
    weekly: boolean | null;
    wish: Wish;
}

const NOTHING: Typed = {
    title: null,
    startsAt: null,
    group: null,
    venue: null,
    minutes: null,
    weekly: null,
    wish: NO_WISH,
};

/** Where a class begins: for whom and when, and with what. */
export default function NewClass() {
    const navigate = useNavigate();
    const groups = useGroups();
    const places = usePlaces();
    const classes = useClasses();
    const [typed, setTyped, forget] = useKept<Typed>('new-class', () => NOTHING, 'tab');
    const [errors, setErrors] = useState<Record<string, string>>({});
    const [problem, setProblem] = useState<string | null>(null);
    const [busy, setBusy] = useState(false);
    const isSending = useRef(false);
    const group = typed.group ?? String(groupInTurn(groups.data?.groups ?? [], classes.data?.classes ?? []) ?? '');
    const beginnings = useQuery({
        queryKey: ['beginnings', group],
        queryFn: () => api.get<BeginningsAnswer>(`beginnings?group=${group}`),
        enabled: groups.data !== undefined && classes.data !== undefined,
    });
    if (!groups.data || !places.data || !classes.data) {
        return <Waiting what="your groups" />;
    }
    const last = beginnings.data?.last ?? null;
    const name = groups.data.groups.find(({ id }) => String(id) === group)?.name;
    const now = {
        title: typed.title ?? last?.title ?? name ?? 'Seated class',
        startsAt: typed.startsAt ?? last?.startsAt ?? '',
        venue: typed.venue ?? String(last?.venue ?? ''),
        minutes: typed.minutes ?? String(last?.minutes ?? 45),
        weekly: typed.weekly ?? last?.weekly ?? group !== '',
    };
    const change = (part: Partial<Typed>) => setTyped({ ...typed, ...part });
    const take = (from: Record<string, unknown>) => {
        if (isSending.current) {
            return;
        }
        isSending.current = true;
        setBusy(true);
        const place = places.data.places.find(({ id }) => String(id) === now.venue);
        api.make<ClassInfo>('classes', {
            title: now.title,
            startsAt: now.startsAt || null,
            group: Number(group) || null,
            venue: Number(now.venue) || null,
            place: place?.name ?? '',
            slotMinutes: Number(now.minutes),
            weekly: now.weekly,
            ...from,
        }).then(
            (made) => {
                forget();
                void refresh('classes', 'beginnings').then(() => navigate(`/classes/${made.id}/plan`));
            },
            (error: Error) => {
                isSending.current = false;
                setBusy(false);
                setErrors(error instanceof Refusal ? error.fields : {});
                setProblem(error.message);
            },
        );
    };
    const minutes = Number(now.minutes);
    const isLength = Number.isInteger(minutes) && minutes >= 5 && minutes <= 180;
    return (
        <>
            <PageTitle title="New class" />
            <div className="mb-5 grid gap-4 rounded-2xl bg-list px-5 py-4 sm:grid-cols-2 lg:grid-cols-[1.3fr_1.2fr_1.2fr_1fr_8.5rem]">
                <TextField
                    label="Name"
                    name="title"
                    value={now.title}
                    error={errors.title}
                    onChange={(event) => change({ title: event.target.value })}
                />
                <TextField
                    label="Day and hour"
                    name="startsAt"
                    type="datetime-local"
                    value={now.startsAt}
                    error={errors.startsAt}
                    onChange={(event) => change({ startsAt: event.target.value })}
                />
                <Choice
                    label="Who comes"
                    name="group"
                    value={group}
                    onChange={(event) => setTyped({ ...NOTHING, wish: typed.wish, group: event.target.value })}
                    options={[
                        ...groups.data.groups.map(
                            (one) => [String(one.id), `${one.name} (${one.people.length})`] as const,
                        ),
                        ['', 'Nobody noted'],
                    ]}
                />
                <Choice
                    label="Place"
                    name="venue"
                    value={now.venue}
                    onChange={(event) => change({ venue: event.target.value })}
                    options={[
                        ...places.data.places.map((one) => [String(one.id), one.name] as const),
                        ['', places.data.places.length > 0 ? 'Somewhere else' : 'Not noted'],
                    ]}
                />
                <TextField
                    label="Minutes booked"
                    name="slotMinutes"
                    type="number"
                    min={5}
                    max={180}
                    value={now.minutes}
                    error={isLength ? errors.slotMinutes : 'From 5 to 180.'}
                    onChange={(event) => change({ minutes: event.target.value })}
                />
                <div className="-mt-2 sm:col-span-full">
                    <Tick
                        name="weekly"
                        checked={now.weekly}
                        onChange={(event) => change({ weekly: event.target.checked })}
                    >
                        Every week: the next one is made when this one is over
                    </Tick>
                </div>
            </div>
            <Problem words={problem} />
            <Beginnings
                answer={beginnings}
                classes={classes.data.classes}
                busy={busy}
                onTake={take}
                onProblem={setProblem}
                onMinutes={(minutes) => change({ minutes: String(minutes) })}
            />
            <section aria-label="Made for this group" className="mt-6">
                <h2 className="mb-3 text-[1.375rem]">{name ? `Made for ${name}` : 'Made for anybody who comes'}</h2>
                <div className="grid gap-5 xl:grid-cols-[18rem_minmax(0,1fr)]">
                    <Asking wish={typed.wish} onChange={(wish) => change({ wish })} />
                    {isLength && (
                        <Candidates
                            question={asked(typed.wish, {
                                group: Number(group) || null,
                                venue: Number(now.venue) || null,
                                minutes,
                            })}
                            wish={typed.wish}
                            onWish={(wish) => change({ wish })}
                            take="Take this one"
                            busy={busy}
                            onTake={(one) => take({ plan: one.plan })}
                        />
                    )}
                </div>
            </section>
        </>
    );
}
