import { useState } from 'react';
import { api } from '../../api/client';
import { refresh, useGroups, usePlaces } from '../../api/queries';
import type { ClassInfo } from '../../api/types/answer-class';
import { Choice, TextField, Tick } from '../../parts/Field';
import { FormSheet } from '../../parts/FormSheet';
import { draftState } from '../../parts/useFormDraft';
import type { Given } from '../../parts/useSubmit';

interface Typed {
    venue: string;
}

/** When, where and for whom a class is. */
export function ClassForm({ existing, onClose }: { existing: ClassInfo; onClose: () => void }) {
    const draft = `class:${existing.id}`;
    const groups = useGroups();
    const places = usePlaces();
    const [typed] = useState(() => draftState<Typed>(draft));
    const [venue, setVenue] = useState(typed?.venue ?? String(existing.venue?.id ?? ''));
    const send = async (given: Given) => {
        const venue = Number(given('venue')) || null;
        const body = {
            title: given('title'),
            place: venue ? (places.data?.places.find((one) => one.id === venue)?.name ?? '') : given('place'),
            startsAt: given('startsAt') || null,
            group: Number(given('group')) || null,
            venue,
            weekly: given('weekly') === 'on',
        };
        await api.put<ClassInfo>(`classes/${existing.id}`, body);
        await refresh('classes');
    };
    return (
        <FormSheet<Typed>
            title="Day and place"
            draft={draft}
            state={{ venue }}
            send={send}
            keep="Keep"
            onClose={onClose}
        >
            {(errors) => (
                <>
                    <TextField
                        label="Name"
                        name="title"
                        defaultValue={existing.title ?? ''}
                        error={errors.title}
                        autoFocus
                    />
                    <TextField
                        label="Day and hour"
                        name="startsAt"
                        type="datetime-local"
                        defaultValue={existing.startsAt ?? ''}
                        error={errors.startsAt}
                    />
                    <Tick name="weekly" defaultChecked={existing.weekly}>
                        Every week: the next one is made when this one is over
                    </Tick>
                    {groups.data && (
                        <Choice
                            key={groups.dataUpdatedAt > 0 ? 'ready' : 'waiting'}
                            label="Who comes"
                            name="group"
                            defaultValue={String(existing.group?.id ?? '')}
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
                            defaultValue={existing.place ?? ''}
                            error={errors.place}
                        />
                    )}
                </>
            )}
        </FormSheet>
    );
}
