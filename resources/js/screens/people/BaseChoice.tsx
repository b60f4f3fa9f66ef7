import { useFigures } from '../../api/queries';
import { FigureDrawing } from '../../parts/FigureDrawing';
import { bases, type Person } from './personParts';

/** What somebody sits, stands or lies on. */
export function BaseChoice({
    base,
    setBase,
    flat,
    setFlat,
}: {
    base: Person['base'];
    setBase: (base: Person['base']) => void;
    flat: boolean;
    setFlat: (flat: boolean) => void;
}) {
    const figures = useFigures([...bases.map(([name]) => `rest/${name}`), 'rest/bed-flat']);
    return (
        <fieldset>
            <legend className="mb-1 font-semibold">Sits, stands or lies</legend>
            <div className="grid grid-cols-2 gap-2 md:grid-cols-4">
                {bases.map(([value, name]) => (
                    <label
                        key={value}
                        className={`flex min-h-[5.75rem] cursor-pointer flex-col items-center rounded-2xl border-[1.5px] bg-white px-2 pb-2 pt-1 text-center focus-within:outline-3 focus-within:outline-offset-2 focus-within:outline-ink ${base === value ? 'border-[2.5px] border-ink font-bold' : 'border-hair'}`}
                    >
                        <input
                            type="radio"
                            name="base"
                            value={value}
                            checked={base === value}
                            onChange={() => setBase(value)}
                            className="sr-only"
                        />
                        <FigureDrawing
                            shapes={
                                figures[value === 'bed' && base === 'bed' && flat ? 'rest/bed-flat' : `rest/${value}`]
                            }
                            size={64}
                        />
                        {name}
                    </label>
                ))}
            </div>
            {base === 'bed' && (
                <label className="mt-2 flex min-h-11 items-center gap-2">
                    <input
                        type="checkbox"
                        className="h-5 w-5 accent-ink"
                        checked={flat}
                        onChange={(event) => setFlat(event.target.checked)}
                    />
                    Lies flat: the backrest stays down
                </label>
            )}
        </fieldset>
    );
}
