import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../../api/client';
import { refresh } from '../../api/queries';
import type { OwnPrecautionsAnswer } from '../../api/types/answer-precautions';
import { TextField } from '../../parts/Field';
import { NeverChosen } from '../../parts/NeverChosen';
import { Problem } from '../../parts/FormSheet';
import { Sheet } from '../../parts/Sheet';
import { Trouble } from '../../parts/States';
import { draftState, useFormDraft } from '../../parts/useFormDraft';
import { useSubmit } from '../../parts/useSubmit';

/** Precautions of the teacher's own, in the form of the shipped ones: what to never, what to watch, and why. */
export function OwnPrecautions({ onClose }: { onClose: () => void }) {
    const own = useQuery({
        queryKey: ['own-precautions'],
        queryFn: () => api.get<OwnPrecautionsAnswer>('precautions'),
    });
    const [never, setNever] = useState<string[]>(() => draftState<string[]>('precaution') ?? []);
    const { form: attach, save, forget } = useFormDraft('precaution', never);
    const [problem, setProblem] = useState<Error | null>(null);
    const done = () => refresh('own-precautions', 'library', 'classes');
    const {
        errors,
        problem: refused,
        busy,
        onSubmit,
    } = useSubmit(async (text, form) => {
        await api.make('precautions', {
            name: text('name'),
            why: text('why'),
            ...(never.length > 0 ? { never } : {}),
            ...(text('watch') ? { watch: [text('watch')] } : {}),
            ...(text('instead') ? { instead: text('instead') } : {}),
            ...(text('source') ? { source: text('source') } : {}),
        });
        form.reset();
        forget();
        setNever([]);
        void done();
    });
    return (
        <Sheet title="Precautions of your own" open onClose={onClose} wide>
            <div className="space-y-5">
                {(own.data?.own.length ?? 0) > 0 && (
                    <ul className="space-y-2">
                        {own.data?.own.map((one) => (
                            <li key={one.code} className="flex items-center gap-3 rounded-2xl bg-white px-4 py-2">
                                <span className="mr-auto">
                                    <strong>{one.name}</strong>: {one.why}
                                </span>
                                <button
                                    className="button"
                                    onClick={() =>
                                        void api.delete(`precautions/${one.code}`).then(
                                            () => void done(),
                                            (error: Error) => setProblem(error),
                                        )
                                    }
                                >
                                    Remove
                                </button>
                            </li>
                        ))}
                    </ul>
                )}
                {problem && <Trouble error={problem} />}
                <form ref={attach} className="space-y-4" noValidate onInput={save} onSubmit={onSubmit}>
                    <div className="grid gap-4 sm:grid-cols-2">
                        <TextField
                            label="Plain name"
                            name="name"
                            error={errors.name}
                            maxLength={80}
                            placeholder="Sore ribs"
                        />
                        <TextField
                            label="Why"
                            name="why"
                            error={errors.why}
                            maxLength={300}
                            placeholder="Leaning presses on them."
                        />
                        <TextField label="What to watch" name="watch" error={errors.watch} maxLength={200} />
                        <TextField label="What serves instead" name="instead" error={errors.instead} maxLength={200} />
                        <TextField
                            label="Where this comes from"
                            name="source"
                            error={errors.source}
                            maxLength={200}
                            placeholder="My own practice"
                        />
                    </div>
                    <section aria-label="Never with it">
                        <h3 className="mb-1 font-semibold">Never with it</h3>
                        <NeverChosen never={never} onChange={setNever} />
                    </section>
                    <Problem words={refused} />
                    <div className="flex justify-end">
                        <button className="button button-main" disabled={busy}>
                            Add this precaution
                        </button>
                    </div>
                </form>
            </div>
        </Sheet>
    );
}
