import { api } from '../../api/client';
import { refresh, useGroups, usePlaces } from '../../api/queries';
import type { ClassInfo } from '../../api/types/answer-class';
import { Choice, TextField } from '../../parts/Field';
import { FormSheet } from '../../parts/FormSheet';
import type { Given } from '../../parts/useSubmit';

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
    const groups = useGroups();
    const places = usePlaces();
    const send = async (given: Given) => {
        const body = {
            title: given('title'),
            place: given('place'),
            startsAt: given('startsAt') || null,
            group: Number(given('group')) || null,
            venue: Number(given('venue')) || null,
            slotMinutes: Number(given('slotMinutes')),
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
        <FormSheet
            title={existing ? 'Day and place' : 'New class'}
            draft={`class:${existing?.id ?? 'new'}`}
            state={null}
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
                    <TextField label="Place" name="place" defaultValue={existing?.place ?? ''} error={errors.place} />
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
                            label="Room, kit and house rules of"
                            name="venue"
                            defaultValue={String(existing?.venue?.id ?? '')}
                            options={[
                                ['', 'No place noted'],
                                ...places.data.places.map((place) => [String(place.id), place.name] as const),
                            ]}
                        />
                    )}
                    {!existing && (
                        <TextField
                            label="Minutes booked"
                            name="slotMinutes"
                            type="number"
                            min={5}
                            max={180}
                            defaultValue={45}
                            error={errors.slotMinutes}
                        />
                    )}
                </>
            )}
        </FormSheet>
    );
}
