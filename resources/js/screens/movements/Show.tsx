import { useRef, useState } from 'react';
import { useFigures, useMotion } from '../../api/queries';
import type { MovementAnswer, PageVariation } from '../../api/types/answer-movement';
import { FigureDrawing } from '../../parts/FigureDrawing';
import { BreathingFigure } from '../../parts/MovingFigure';
import { saveFigure } from '../../parts/saveFigure';
import { Trouble } from '../../parts/States';
import { ViewChoice, type ViewName } from '../../parts/ViewChoice';
import { seats } from './seats';

/** What a side that is named tells. */
const named: Record<MovementAnswer['means'], (side: string) => string> = {
    limb: (side) => `Their ${side} works.`,
    direction: (side) => `It goes to their ${side}.`,
    lengthened: (side) => `Their ${side} side grows long.`,
    'in-front': (side) => `Their ${side} is in front or on top.`,
};

/** The figure breathing through one rung, on the seat and from where one wants to see it. */
export function Show({ movement, rung }: { movement: MovementAnswer; rung: PageVariation }) {
    const [base, setBase] = useState('chair');
    const [side, setSide] = useState('left');
    const [view, setView] = useState<ViewName | null>(null);
    const [problem, setProblem] = useState<Error | null>(null);
    const figure = useRef<HTMLDivElement>(null);
    const possible = [
        ...(rung.bases.includes('chair') ? ['armchair'] : []),
        ...rung.bases,
        ...(rung.isShownLying ? ['bed-flat'] : []),
    ];
    const shown = possible.includes(base) ? base : (rung.bases[0] ?? 'chair');
    const motion = useMotion(movement.id, rung.id, shown, side, view);
    const sided = movement.sides === 'one-sided';
    const save = (kind: 'svg' | 'png') => {
        const svg = figure.current?.querySelector('svg');
        if (svg) {
            setProblem(null);
            saveFigure(svg, `${movement.id}-${rung.id}-${shown}`, kind).catch((error: Error) => setProblem(error));
        }
    };
    return (
        <div className="card flex flex-col items-center" ref={figure}>
            {motion.data ? (
                <BreathingFigure motion={motion.data} size={600} title={`${movement.name}, ${rung.name}`} />
            ) : motion.error ? (
                <Trouble error={motion.error} again={() => void motion.refetch()} />
            ) : (
                <div className="aspect-square w-full max-w-[37.5rem]" aria-busy="true" />
            )}
            {rung.forBase[shown] && <p className="mt-2 max-w-prose text-center">{rung.forBase[shown]}</p>}
            {sided && (
                <p className="mt-2 text-center text-[0.9375rem] text-ink-soft">
                    {named[movement.means](side)} It is drawn as in a mirror, the {side} on the {side} of the picture.
                </p>
            )}
            {movement.sides === 'alternating' && (
                <BothWays figure={(way) => `${movement.id}/${rung.id}/${shown}/${way}${view ? `/view.${view}` : ''}`} />
            )}
            <ViewChoice view={view ?? motion.data?.view ?? ''} onChoose={setView} />
            <div className="mt-2 flex flex-wrap justify-center gap-2">
                {seats
                    .filter(([name]) => possible.includes(name))
                    .map(([name, words]) => (
                        <button
                            key={name}
                            aria-pressed={shown === name}
                            className={`button px-3 text-[0.9375rem] ${shown === name ? 'border-2 border-ink' : ''}`}
                            onClick={() => setBase(name)}
                        >
                            {words}
                        </button>
                    ))}
                {sided && (
                    <button
                        className="button px-3 text-[0.9375rem]"
                        onClick={() => setSide(side === 'left' ? 'right' : 'left')}
                    >
                        Show the {side === 'left' ? 'right' : 'left'}
                    </button>
                )}
            </div>
            <div className="mt-2 flex flex-wrap justify-center gap-2" role="group" aria-label="Save this picture">
                <button className="button button-quiet px-3 text-[0.9375rem]" onClick={() => save('png')}>
                    Save as a picture (PNG)
                </button>
                <button className="button button-quiet px-3 text-[0.9375rem]" onClick={() => save('svg')}>
                    Save as lines (SVG)
                </button>
            </div>
            {problem && <Trouble error={problem} />}
        </div>
    );
}

const WAYS = [
    ['left', 'Left'],
    ['right', 'Right'],
] as const;

/** Of what changes sides each time, one and the other side by side. */
function BothWays({ figure }: { figure: (way: 'left' | 'right') => string }) {
    const figures = useFigures(WAYS.map(([way]) => figure(way)));
    return (
        <div className="mt-3 grid grid-cols-2 gap-6" role="group" aria-label="Both ways, side by side">
            {WAYS.map(([way, words]) => (
                <figure key={way} className="text-center text-[0.9375rem] text-ink-soft">
                    <FigureDrawing shapes={figures[figure(way)]} size={170} title={words} />
                    <figcaption>{words}</figcaption>
                </figure>
            ))}
        </div>
    );
}
