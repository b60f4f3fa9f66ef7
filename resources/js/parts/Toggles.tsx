/** Several of many, each to be pressed. */
export function Toggles<T extends string>({
    title,
    all,
    chosen,
    onChange,
    chosenWord = '',
}: {
    title: string;
    all: readonly (readonly [T, string])[];
    chosen: T[];
    onChange: (chosen: T[]) => void;
    /** said before what is chosen */
    chosenWord?: string;
}) {
    return (
        <fieldset>
            <legend className="mb-1 font-semibold">{title}</legend>
            <div className="flex flex-wrap gap-1.5">
                {all.map(([value, words]) => {
                    const on = chosen.includes(value);
                    return (
                        <button
                            key={value}
                            type="button"
                            aria-pressed={on}
                            className={`min-h-11 rounded-lg border-[1.5px] px-2.5 text-[0.9375rem] ${on ? 'border-ink bg-butter font-semibold' : 'border-hair bg-white'}`}
                            onClick={() => onChange(on ? chosen.filter((one) => one !== value) : [...chosen, value])}
                        >
                            {on ? chosenWord : ''}
                            {words}
                        </button>
                    );
                })}
            </div>
        </fieldset>
    );
}
