import { useState } from 'react';
import { useLibrary } from '../../api/queries';
import type { LibraryAnswer, LibraryMovement } from '../../api/types/answer-library';
import { FigureDrawing } from '../../parts/FigureDrawing';
import { Sheet } from '../../parts/Sheet';
import { PageTitle } from '../../parts/Shell';
import { Trouble, Waiting } from '../../parts/States';
import { useFinder } from '../plan/Picker';

const bases = [
    ['chair', 'Chair'],
    ['wheelchair', 'Wheelchair'],
    ['bed', 'Bed'],
] as const;

function Detail({ movement, library }: { movement: LibraryMovement; library: LibraryAnswer }) {
    const names = [movement.names.traditional, movement.names.clinical].filter(Boolean).join(' · ');
    return (
        <div className={`space-y-5 zone-${movement.zone ?? 'none'}`}>
            <p>
                {names && <span className="block text-ink-soft">{names}</span>}
                {movement.aim}
            </p>
            <section>
                <h3 className="mb-2 text-[18px]">From gentlest to fullest</h3>
                <ul className="space-y-2">
                    {movement.variations.map((variation) => (
                        <li key={variation.id} className="rounded-2xl bg-white px-4 py-2">
                            <p className="font-bold">
                                {variation.name}
                                {variation.id === movement.usual && <span className="ml-2 rounded-md bg-channel px-2 text-[15px] font-normal">as planned</span>}
                            </p>
                            <div className="flex flex-wrap gap-x-6">
                                {bases
                                    .filter(([base]) => variation.bases.includes(base))
                                    .map(([base, name]) => (
                                        <figure key={base} className="flex items-center gap-2 py-1 text-[15px]">
                                            <FigureDrawing shapes={library.figures[`${movement.id}/${variation.id}/${base}/left`]} size={84} />
                                            <figcaption className="max-w-40">
                                                <strong className="block">{name}</strong>
                                                {variation.forBase[base]}
                                            </figcaption>
                                        </figure>
                                    ))}
                            </div>
                        </li>
                    ))}
                </ul>
            </section>
            <section>
                <h3 className="mb-2 text-[18px]">Words and breath</h3>
                <ol className="space-y-1">
                    {movement.steps.map((step, index) => (
                        <li key={index} className="grid grid-cols-[110px_1fr] gap-3">
                            <span className="text-ink-soft">{step.breath === 'in' ? 'breathe in' : step.breath === 'out' ? 'breathe out' : step.breath}</span>
                            <span>{step.cue}</span>
                        </li>
                    ))}
                </ol>
            </section>
            {movement.cautions.length > 0 && (
                <section>
                    <h3 className="mb-2 text-[18px]">Take care</h3>
                    {movement.cautions.map((caution) => (
                        <p key={caution.words} className="rounded-2xl bg-butter px-4 py-3">
                            <strong>{caution.words}</strong> {caution.stop}
                            <span className="block text-[15px] text-ink-soft">{caution.source}</span>
                        </p>
                    ))}
                </section>
            )}
        </div>
    );
}

export default function Movements() {
    const library = useLibrary();
    const { found, controls, nothing } = useFinder(library.data);
    const [open, setOpen] = useState<LibraryMovement | null>(null);
    if (library.error) {
        return <Trouble error={library.error} again={() => void library.refetch()} />;
    }
    if (!library.data) {
        return <Waiting what="the movements" />;
    }
    const data = library.data;
    return (
        <>
            <PageTitle title="Movements" below={`${data.movements.length} movements and practices, head to toe`} />
            {controls}
            <ul className="grid grid-cols-1 gap-3 sm:grid-cols-2 lg:grid-cols-4">
                {found.map((movement) => (
                    <li key={movement.id}>
                        <button onClick={() => setOpen(movement)} className={`flex h-full w-full flex-col items-center rounded-2xl border-[1.5px] border-transparent bg-white px-3 pb-3 pt-4 text-center hover:border-ink zone-${movement.zone ?? 'none'}`}>
                            <FigureDrawing shapes={data.figures[`${movement.id}/${movement.usual}/chair/left`]} size={112} />
                            <strong className="mt-2 leading-tight">{movement.names.plain}</strong>
                            <span className="mt-1 text-[15px] leading-tight text-ink-soft">{movement.aim}</span>
                        </button>
                    </li>
                ))}
            </ul>
            {nothing}
            <Sheet title={open?.names.plain ?? ''} open={open !== null} onClose={() => setOpen(null)} wide>
                {open && <Detail movement={open} library={data} />}
            </Sheet>
        </>
    );
}
