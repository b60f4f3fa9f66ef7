import { useId } from 'react';
import type { PoseAction } from '../../../api/types/answer-pose';

/** How far one angle goes, beside how far bodies go: everyone of the group, most of them, anyone. */
export function AngleSlider({
    action,
    degrees,
    chosen,
    onChoose,
    onAngle,
}: {
    action: PoseAction;
    degrees: number | null;
    chosen: boolean;
    onChoose: () => void;
    onAngle: (to: number | null) => void;
}) {
    const id = useId();
    const share = (degrees: number) => `${Math.min(100, (degrees / action.normal) * 100)}%`;
    return (
        <li className={`rounded-xl px-2 py-1 ${chosen ? 'bg-white' : ''}`}>
            <label htmlFor={id} className="flex justify-between text-[0.9375rem]">
                <span>{action.name}</span>
                <strong>{degrees === null ? 'at rest' : `${degrees}°`}</strong>
            </label>
            <input
                id={id}
                type="range"
                className="h-11 w-full accent-ink"
                min={0}
                max={action.normal}
                step={1}
                value={degrees ?? 0}
                onFocus={onChoose}
                onChange={(event) => onAngle(Number(event.target.value))}
            />
            <span className="relative -mt-2 block h-2 rounded bg-hair" aria-hidden="true">
                {action.group && (
                    <span
                        className="absolute inset-y-0 left-0 rounded bg-cushion-edge"
                        style={{ width: share(action.group.most) }}
                    />
                )}
                {action.group && (
                    <span
                        className="absolute inset-y-0 left-0 rounded bg-ink-soft"
                        style={{ width: share(action.group.everyone) }}
                    />
                )}
            </span>
            <span className="flex items-center justify-between text-[0.875rem] text-ink-soft">
                {action.group ? `everyone to ${action.group.everyone}°, most to ${action.group.most}°, ` : ''}
                {action.typical !== null && `usual at this age to ${action.typical}°, `}normal to {action.normal}°
                {degrees !== null && (
                    <button
                        type="button"
                        className="min-h-11 underline underline-offset-4"
                        onClick={() => onAngle(null)}
                    >
                        to rest
                    </button>
                )}
            </span>
        </li>
    );
}
