import { useState } from 'react';
import { TextField } from '../../../parts/Field';
import { drawnBy, sayOf, saying, undrawn, type ForBase, type Who } from './baseWords';

interface Props {
    who: Who;
    label: string;
    hint?: string;
    placeholder?: string;
    forBase: ForBase | undefined;
    onChange: (forBase: ForBase) => void;
}

/** What somebody on a base is told; a picture that goes with the line can be left behind when the line tells something else. */
export function BaseLine({ who, label, hint, placeholder, forBase, onChange }: Props) {
    const [leftBehind, setLeftBehind] = useState<ForBase[Who] | null>(null);
    const drawn = drawnBy(forBase, who);
    const leave = () => {
        setLeftBehind(forBase?.[who] ?? null);
        onChange(undrawn(forBase, who));
    };
    const putBack = () => {
        if (leftBehind) {
            onChange(saying({ ...forBase, [who]: leftBehind }, who, sayOf(forBase, who)));
            setLeftBehind(null);
        }
    };

    return (
        <div className="grid content-start">
            <TextField
                label={label}
                hint={hint}
                placeholder={placeholder}
                value={sayOf(forBase, who)}
                maxLength={160}
                onChange={(event) => onChange(saying(forBase, who, event.target.value))}
            />
            {(drawn || leftBehind) && (
                <p className="flex flex-wrap items-center gap-x-3 text-[0.9375rem] text-ink-soft">
                    {drawn === 'arms' && 'The figure there has the arms where this line had them.'}
                    {drawn === 'shape' && 'The figure lying flat does what this line said.'}
                    {!drawn && 'The figure does the same there as on a chair.'}
                    <button
                        type="button"
                        className="min-h-11 underline underline-offset-4"
                        onClick={drawn ? leave : putBack}
                    >
                        {drawn ? 'The line says something else now' : 'Put the figure of the line back'}
                    </button>
                </p>
            )}
        </div>
    );
}
