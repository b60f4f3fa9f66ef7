import { useState, type FormEvent } from 'react';
import { api, Refusal } from '../../api/client';
import { refresh, useGroups, usePlaces } from '../../api/queries';
import type { ClassInfo } from '../../api/types/answer-class';
import { Choice, TextField } from '../../parts/Field';
import { Sheet } from '../../parts/Sheet';
import { useFormDraft } from '../../parts/useFormDraft';

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
    const [errors, setErrors] = useState<Record<string, string>>({});
    const [problem, setProblem] = useState<string | null>(null);
    const [busy, setBusy] = useState(false);
    const { form, save, forget } = useFormDraft(`class:${existing?.id ?? 'new'}`, null);
    const close = () => {
        forget();
        onClose();
    };
    const submit = async (event: FormEvent<HTMLFormElement>) => {
        event.preventDefault();
        if (busy) {
            return;
        }
        setBusy(true);
        const given = new FormData(event.currentTarget);
        const body = {
            title: given.get('title'),
            place: given.get('place'),
            startsAt: given.get('startsAt') || null,
            group: Number(given.get('group')) || null,
            venue: Number(given.get('venue')) || null,
            slotMinutes: Number(given.get('slotMinutes')),
        };
        try {
            const made = existing
                ? await api.put<ClassInfo>(`classes/${existing.id}`, body)
                : await api.post<ClassInfo>('classes', body);
            await refresh('classes');
            close();
            if (!existing) {
                onMade(made);
            }
        } catch (error) {
            setBusy(false);
            setErrors(error instanceof Refusal ? error.fields : {});
            setProblem(error instanceof Refusal && error.status === 422 ? null : (error as Error).message);
        }
    };
    return (
        <Sheet title={existing ? 'Day and place' : 'New class'} open onClose={close}>
            <form ref={form} onInput={save} className="space-y-4" noValidate onSubmit={(event) => void submit(event)}>
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
                {problem && (
                    <p role="alert" className="rounded-xl bg-butter px-4 py-3">
                        {problem}
                    </p>
                )}
                <div className="flex justify-end gap-3 pt-2">
                    <button type="button" className="button" onClick={close}>
                        Not now
                    </button>
                    <button className="button button-main" disabled={busy}>
                        {existing ? 'Keep' : 'Plan this class'}
                    </button>
                </div>
            </form>
        </Sheet>
    );
}
