import { vocabulary } from '../../../api/types/words';
import { Choice, TextField } from '../../../parts/Field';
import { replaceAt, type Change, type Draft } from './draft';

type Refinement = NonNullable<Draft['refinements']>[number];

/** What is added while a movement goes on: one thing at a time, each said once in a class. */
export function SaidBesides({ draft, change }: { draft: Draft; change: Change }) {
    const all = draft.refinements ?? [];
    const set = (refinements: Refinement[]) => change((one) => ({ ...one, refinements }));
    const refine = (index: number, by: Partial<Refinement>) => set(replaceAt(all, index, (one) => ({ ...one, ...by })));
    return (
        <fieldset className="space-y-3">
            <legend className="font-semibold">Said while it goes on</legend>
            <p className="text-ink-soft">
                One thing at a time, each once in a class, with quiet between. Without any, you say the short cue and
                are quiet.
            </p>
            {all.map((one, index) => (
                <div key={index} className="grid items-end gap-3 sm:grid-cols-[12rem_1fr_auto]">
                    <Choice
                        label="What it is"
                        value={one.kind}
                        options={vocabulary.refinementKind}
                        onChange={(event) => refine(index, { kind: event.target.value as Refinement['kind'] })}
                    />
                    <TextField
                        label="Words"
                        value={one.words}
                        maxLength={120}
                        onChange={(event) => refine(index, { words: event.target.value })}
                    />
                    <button type="button" className="button" onClick={() => set(all.filter((_, at) => at !== index))}>
                        Remove
                    </button>
                </div>
            ))}
            <button type="button" className="button" onClick={() => set([...all, { kind: 'notice', words: '' }])}>
                Add something to say
            </button>
        </fieldset>
    );
}
