import { useState } from 'react';
import { useMotion } from '../../api/queries';
import type { MovementAnswer, PageVariation } from '../../api/types/answer-movement';
import { BreathingFigure } from '../../parts/MovingFigure';
import { Trouble } from '../../parts/States';
import { seats } from './seats';

/** The figure breathing through one rung, on the seat one wants to see. */
export function Show({ movement, rung }: { movement: MovementAnswer; rung: PageVariation }) {
    const [base, setBase] = useState('chair');
    const [side, setSide] = useState('left');
    const possible = rung.bases.includes('chair') ? ['armchair', ...rung.bases] : rung.bases;
    const shown = possible.includes(base) ? base : (rung.bases[0] ?? 'chair');
    const motion = useMotion(movement.id, rung.id, shown, side);
    const cues = Object.fromEntries(
        movement.steps.map((step) => [step.id, (rung.cues.find((cue) => cue.step === step.id) ?? step.cue).first]),
    );
    const sided = movement.sides === 'one-sided';
    return (
        <div className="card flex flex-col items-center">
            {motion.data ? (
                <BreathingFigure
                    motion={motion.data}
                    size={260}
                    title={`${movement.names.plain}, ${rung.name}`}
                    cues={cues}
                />
            ) : motion.error ? (
                <Trouble error={motion.error} again={() => void motion.refetch()} />
            ) : (
                <div className="h-[22.5rem]" aria-busy="true" />
            )}
            <div className="mt-3 flex flex-wrap justify-center gap-2">
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
        </div>
    );
}
