import { useState } from 'react';
import { api, Refusal } from '../../api/client';
import { useFigures } from '../../api/queries';
import type { MatrixAnswer, MatrixCell, MatrixEntry, MatrixPerson } from '../../api/types/answer-matrix';
import { FigureDrawing } from '../../parts/FigureDrawing';
import { TextField } from '../../parts/Field';
import { useKept } from '../../parts/kept';
import { MarkSign, markWords } from '../../parts/MarkSign';
import { Sheet } from '../../parts/Sheet';
import { Trouble } from '../../parts/States';

const asOption = (one: MatrixEntry['variations'][number]) => (
    <option key={one.id} value={one.id}>
        {one.name}
    </option>
);

/** One person in one movement: what they do and why, and a version of the teacher's choice. */
export function ChosenCell({
    classId,
    person,
    entry,
    cell,
    onDone,
    onClose,
}: {
    classId: string;
    person: MatrixPerson;
    entry: MatrixEntry;
    cell: MatrixCell;
    onDone: (answer: MatrixAnswer) => void;
    onClose: () => void;
}) {
    const figures = useFigures([cell.figure]);
    const [breaks, setBreaks] = useState<string[]>([]);
    const [problem, setProblem] = useState<Error | null>(null);
    const [field, setField, forget] = useKept(
        `choice:${classId}:${person.id}:${entry.id}`,
        () => ({
            variation:
                cell.variation && entry.variations.some((one) => one.id === cell.variation)
                    ? cell.variation
                    : (entry.variations[0]?.id ?? ''),
            prop: '',
            note: '',
            reason: '',
        }),
        'tab',
    );
    const [busy, setBusy] = useState(false);
    const close = () => {
        forget();
        onClose();
    };
    const send = async (confirmed: boolean) => {
        if (busy) {
            return;
        }
        setBusy(true);
        try {
            const body = {
                participant: person.id,
                entry: entry.id,
                ...field,
                variation: field.variation === 'rest' ? null : field.variation,
                confirmed,
            };
            onDone(await api.post<MatrixAnswer>(`classes/${classId}/choices`, body));
            close();
        } catch (error) {
            setBusy(false);
            if (error instanceof Refusal && Array.isArray(error.body.breaks)) {
                setBreaks(error.body.breaks as string[]);
                setProblem(null);
            } else {
                setProblem(error as Error);
            }
        }
    };
    return (
        <Sheet title={`${person.name}: ${entry.name}`} open onClose={close}>
            <div className={`space-y-4 zone-${cell.zone ?? 'none'}`}>
                <div className="card flex items-center gap-4">
                    <FigureDrawing shapes={figures[cell.figure]} size={110} />
                    <div>
                        <p className="flex items-center gap-2">
                            <MarkSign mark={cell.mark} size={15} /> {markWords[cell.mark]}
                            {cell.isChosen && (
                                <span className="rounded bg-channel px-2 text-[0.9375rem]">your choice</span>
                            )}
                        </p>
                        <p className="font-bold">{cell.does}</p>
                        {cell.why.map((one) => (
                            <p key={one} className="text-[0.9375rem] text-ink-soft">
                                {one}
                            </p>
                        ))}
                    </div>
                </div>
                <form
                    className="space-y-3"
                    noValidate
                    onSubmit={(event) => {
                        event.preventDefault();
                        void send(breaks.length > 0);
                    }}
                >
                    <h3 className="text-[1.125rem]">Choose otherwise</h3>
                    <select
                        className="field"
                        aria-label="Version"
                        value={field.variation}
                        onChange={(event) => {
                            setBreaks([]);
                            setField({ ...field, variation: event.target.value });
                        }}
                    >
                        {entry.variations.filter((one) => !one.isWithProp).map(asOption)}
                        <option value="rest">Rests</option>
                        {entry.variations.some((one) => one.isWithProp) && (
                            <optgroup label="With a prop">
                                {entry.variations.filter((one) => one.isWithProp).map(asOption)}
                            </optgroup>
                        )}
                    </select>
                    <div className="grid gap-3 sm:grid-cols-2">
                        <TextField
                            label="With something else"
                            placeholder="Her own shawl"
                            maxLength={60}
                            value={field.prop}
                            onChange={(event) => setField({ ...field, prop: event.target.value })}
                        />
                        <TextField
                            label="Note"
                            maxLength={120}
                            value={field.note}
                            onChange={(event) => setField({ ...field, note: event.target.value })}
                        />
                    </div>
                    <TextField
                        label="Why"
                        hint="Kept with the choice."
                        maxLength={300}
                        value={field.reason}
                        error={problem instanceof Refusal ? problem.fields.reason : undefined}
                        onChange={(event) => setField({ ...field, reason: event.target.value })}
                    />
                    {breaks.length > 0 && (
                        <div role="alert" className="rounded-2xl bg-butter px-4 py-3">
                            <strong>This goes against what is noted:</strong>
                            <ul className="list-disc pl-5">
                                {breaks.map((one) => (
                                    <li key={one}>{one}</li>
                                ))}
                            </ul>
                            Choose it only if you know better than the notes. It is written down with your reason.
                        </div>
                    )}
                    {problem && !(problem instanceof Refusal && problem.fields.reason) && <Trouble error={problem} />}
                    <div className="flex flex-wrap justify-end gap-3">
                        {cell.isChosen && (
                            <button
                                type="button"
                                className="button mr-auto"
                                onClick={() =>
                                    void api
                                        .delete<MatrixAnswer>(
                                            `classes/${classId}/choices/${person.id}/${encodeURIComponent(entry.id)}`,
                                        )
                                        .then((answer) => {
                                            onDone(answer);
                                            onClose();
                                        })
                                }
                            >
                                Back to what was worked out
                            </button>
                        )}
                        <button className="button button-main">
                            {breaks.length > 0 ? 'Choose it all the same' : 'Choose this'}
                        </button>
                    </div>
                </form>
            </div>
        </Sheet>
    );
}
