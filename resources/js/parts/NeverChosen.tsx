import { useLibrary } from '../api/queries';

interface Props {
    never: string[];
    onChange: (never: string[]) => void;
}

/** What is never done: all that a movement may ask, by area, to be pressed. */
export function NeverChosen({ never, onChange }: Props) {
    const library = useLibrary();
    return (
        <div className="space-y-3">
            {library.data?.demands.map(({ area, demands }) => (
                <fieldset key={area}>
                    <legend className="mb-1 text-[15px] font-semibold text-ink-soft">{area}</legend>
                    <div className="flex flex-wrap gap-1.5">
                        {demands.map(({ demand, name }) => {
                            const on = never.includes(demand);
                            return (
                                <button
                                    key={demand}
                                    type="button"
                                    aria-pressed={on}
                                    className={`min-h-11 rounded-lg border-[1.5px] px-2.5 text-[15px] ${on ? 'border-ink bg-butter font-semibold' : 'border-hair bg-white'}`}
                                    onClick={() =>
                                        onChange(on ? never.filter((one) => one !== demand) : [...never, demand])
                                    }
                                >
                                    {on ? 'Never: ' : ''}
                                    {name}
                                </button>
                            );
                        })}
                    </div>
                </fieldset>
            ))}
        </div>
    );
}
