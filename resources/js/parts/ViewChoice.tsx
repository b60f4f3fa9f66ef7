import { vocabulary } from '../api/types/words';

export type ViewName = (typeof vocabulary.view)[number][0];

/** From where a figure is looked at. */
export function ViewChoice({ view, onChoose }: { view: string; onChoose: (view: ViewName) => void }) {
    return (
        <div role="group" aria-label="Seen" className="flex flex-wrap justify-center gap-1 pt-2">
            {vocabulary.view.map(([name, words]) => (
                <button
                    key={name}
                    type="button"
                    aria-pressed={view === name}
                    className={`min-h-11 rounded-xl px-3 text-[0.9375rem] ${view === name ? 'bg-channel font-bold' : 'hover:bg-channel'}`}
                    onClick={() => onChoose(name)}
                >
                    {words}
                </button>
            ))}
        </div>
    );
}
