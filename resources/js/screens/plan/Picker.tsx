import { useMemo, useState } from 'react';
import type { LibraryAnswer, LibraryMovement } from '../../api/types/answer-library';
import { FigureDrawing } from '../../parts/FigureDrawing';
import { Sheet } from '../../parts/Sheet';
import { ZoneShape, type ZoneName } from '../../parts/ZoneShape';

export const zones: [ZoneName | 'none' | 'all', string][] = [
    ['all', 'All'],
    ['head', 'Head, neck'],
    ['shoulders', 'Shoulders'],
    ['arms', 'Arms, hands'],
    ['back', 'Ribs, spine'],
    ['hips', 'Hips'],
    ['legs', 'Legs, knees'],
    ['feet', 'Ankles, feet'],
    ['none', 'Breath'],
];

/** Movements by region and by words in any of their names. */
export function useFinder(library: LibraryAnswer | undefined) {
    const [words, setWords] = useState('');
    const [zone, setZone] = useState<ZoneName | 'none' | 'all'>('all');
    const found = useMemo(() => {
        const wanted = words.trim().toLowerCase();
        const rank = zones.map(([name]) => name);
        return (library?.movements ?? [])
            .filter((movement) => zone === 'all' || (movement.zone ?? 'none') === zone)
            .filter((movement) => !wanted || [movement.names.plain, movement.names.traditional, movement.names.clinical, ...movement.regions].join(' ').toLowerCase().includes(wanted))
            .sort((a, b) => rank.indexOf(a.zone ?? 'none') - rank.indexOf(b.zone ?? 'none'));
    }, [library, words, zone]);
    const controls = (
        <div className="mb-4 space-y-3">
            <input className="field" type="search" aria-label="Find a movement" placeholder="Find by name, such as neck or twist" value={words} onChange={(event) => setWords(event.target.value)} />
            <div className="flex flex-wrap gap-2" role="group" aria-label="Region">
                {zones.map(([name, plain]) => (
                    <button key={name} className={`button px-3 text-[15px] ${zone === name ? 'border-2 border-ink bg-white' : ''}`} aria-pressed={zone === name} onClick={() => setZone(name)}>
                        {name !== 'all' && <ZoneShape zone={name === 'none' ? null : name} size={16} />}
                        {plain}
                    </button>
                ))}
            </div>
        </div>
    );
    const nothing = found.length === 0 && (
        <p className="py-8 text-center">
            No movement goes by these words.{' '}
            <button
                className="button ml-2"
                onClick={() => {
                    setWords('');
                    setZone('all');
                }}
            >
                Show all
            </button>
        </p>
    );
    return { found, controls, nothing };
}

export function Picker({ library, into, onPick, onClose }: { library: LibraryAnswer; into: string; onPick: (movement: LibraryMovement) => void; onClose: () => void }) {
    const { found, controls, nothing } = useFinder(library);
    return (
        <Sheet title={`Add to ${into}`} open onClose={onClose} wide>
            {controls}
            <ul className="grid gap-2 sm:grid-cols-2">
                {found.map((movement) => (
                    <li key={movement.id}>
                        <button onClick={() => onPick(movement)} className={`flex min-h-[76px] w-full items-center gap-3 rounded-2xl border-[1.5px] border-hair bg-white px-3 py-1 text-left hover:border-ink zone-${movement.zone ?? 'none'}`}>
                            <FigureDrawing shapes={library.figures[`${movement.id}/${movement.usual}/chair/left`]} size={60} />
                            <span className="min-w-0">
                                <strong className="block">{movement.names.plain}</strong>
                                <span className="block text-[15px] text-ink-soft">{movement.aim}</span>
                            </span>
                        </button>
                    </li>
                ))}
            </ul>
            {nothing}
        </Sheet>
    );
}
