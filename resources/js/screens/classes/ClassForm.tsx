import { useState } from 'react';
import { api } from '../../api/client';
import { refresh, useGroups, useLibrary, usePlaces } from '../../api/queries';
import type { ClassInfo } from '../../api/types/answer-class';
import { Choice, TextField } from '../../parts/Field';
import { FormSheet } from '../../parts/FormSheet';
import { draftState } from '../../parts/useFormDraft';
import type { Given } from '../../parts/useSubmit';

interface Typed {
    venue: string;
    starter: string;
}

/** When, where, for whom; for a new class also for how long. */
export function ClassForm({
    existing,
    onClose,
    onMade,
}: {
    existing: ClassInfo | null;
    onClose: () => void;
    onMade: (made: ClassInfo) => void;
}) {
    const draft = `class:${existing?.id ?? 'new'}`;
    const groups = useGroups();
    const places = usePlaces();
    const library = useLibrary();
    const [typed] = useState(() => draftState<Typed>(draft));
    const [venue, setVenue] = useState(typed?.venue ?? String(existing?.venue?.id ?? ''));
    const [starter, setStarter] = useState(typed?.starter ?? '');
    const send = async (given: Given) => {
        const venue = Number(given('venue')) || null;
        const body = {
            title: given('title'),
            place: venue ? (places.data?.places.find((one) => one.id === venue)?.name ?? '') : given('place'),
            startsAt: given('startsAt') || null,
            group: Number(given('group')) || null,
            venue,
            slotMinutes: Number(given('slotMinutes')),
            ...(given('starter') ? { starter: given('starter') } : {}),
        };
        const made = existing
            ? await api.put<ClassInfo>(`classes/${existing.id}`, body)
            : await api.make<ClassInfo>('classes', body);
        await refresh('classes');
        if (!existing) {
            onMade(made);
        }
    };
    return (
        <FormSheet<Typed>
            title={existing ? 'Day and place' : 'New class'}
            draft={draft}
            state={{ venue, starter }}
            send={send}
            keep={existing ? 'Keep' : 'Plan this class'}
            onClose={onClose}
        >
            {(errors) => (
                <>
                    <TextField
                        label="Name"
                        name="title"
                        defaultValue={existing?.title ?? ''}
                        error={errors.title}
                        autoFocus
                    />
                    <TextField
                        label="Day and hour"
                        name="startsAt"
                        type="datetime-local"
                        defaultValue={existing?.startsAt ?? ''}
                        error={errors.startsAt}
                    />
                    {groups.data && (
                        <Choice
                            key={groups.dataUpdatedAt > 0 ? 'ready' : 'waiting'}
                            label="Who comes"
                            name="group"
                            defaultValue={String(existing?.group?.id ?? groups.data.groups[0]?.id ?? '')}
                            options={[
                                ...groups.data.groups.map(
                                    (group) => [String(group.id), `${group.name} (${group.people.length})`] as const,
                                ),
                                ['', 'Nobody noted'],
                            ]}
                        />
                    )}
                    {places.data && places.data.places.length > 0 && (
                        <Choice
                            label="Place"
                            name="venue"
                            value={venue}
                            onChange={(event) => setVenue(event.target.value)}
                            hint="One of your places brings its room, kit and house rules with it."
                            options={[
                                ...places.data.places.map((place) => [String(place.id), place.name] as const),
                                ['', 'Somewhere else'],
                            ]}
                        />
                    )}
                    {places.data && !places.data.places.some((place) => String(place.id) === venue) && (
                        <TextField
                            label={places.data.places.length > 0 ? 'Where' : 'Place'}
                            name="place"
                            defaultValue={existing?.place ?? ''}
                            error={errors.place}
                        />
                    )}
                    {!existing && (
                        <Choice
                            label="Begin with"
                            name="starter"
                            value={starter}
                            onChange={(event) => setStarter(event.target.value)}
                            options={[
                                ['', 'Nothing yet: I choose each movement'],
                                ...(library.data?.starters.map(({ id, name }) => [id, name] as const) ?? []),
                            ]}
                        />
                    )}
                    {!existing && (
                        <TextField
                            key={starter}
                            label="Minutes booked"
                            name="slotMinutes"
                            type="number"
                            min={5}
                            max={180}
                            defaultValue={library.data?.starters.find(({ id }) => id === starter)?.minutes ?? 45}
                            error={errors.slotMinutes}
                        />
                    )}
                </>
            )}
        </FormSheet>
    );
}
