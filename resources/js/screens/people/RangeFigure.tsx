import type { GroupsAnswer } from '../../api/types/answer-groups';
import { PoseEditor } from '../movements/own/PoseEditor';
import type { AngleRoles } from '../movements/own/draft';

type Range = NonNullable<GroupsAnswer['groups'][number]['people'][number]['person']['ranges']>[number];

const roleOf = (range: Range) => (range.side === 'left' ? 'work' : range.side === 'right' ? 'other' : 'mid');

/** How far someone goes, set on a figure: each joint and side by itself, the usual range of their age beside it. */
export function RangeFigure({
    ranges,
    age,
    base,
    onChange,
}: {
    ranges: Range[];
    age: string;
    base: string;
    onChange: (ranges: Range[]) => void;
}) {
    const angles: AngleRoles = {};
    // Several noted for the same way: the gentlest is drawn, as it is the one that counts.
    for (const range of [...ranges].sort((a, b) => b.degrees - a.degrees)) {
        const directional = ['neck-side', 'neck-turn', 'trunk-side', 'trunk-turn'].includes(range.action);
        const roles = range.side || directional ? [directional ? 'towards' : roleOf(range)] : ['mid', 'work', 'other'];
        for (const role of roles) {
            angles[role] = { ...angles[role], [range.action]: range.degrees };
        }
    }
    const set = (role: string, action: string, degrees: number | null) => {
        const side = role === 'work' ? 'left' : role === 'other' ? 'right' : undefined;
        // One side set by itself: what was noted for both sides stays for the other one alone.
        const split = side
            ? ranges.flatMap((one) =>
                  one.action === action && !one.side
                      ? [
                            { ...one, side: 'left' as const },
                            { ...one, side: 'right' as const },
                        ]
                      : [one],
              )
            : ranges;
        const rest = split.filter((one) => !(one.action === action && one.side === side));
        onChange(
            degrees === null
                ? rest
                : [...rest, { action: action as Range['action'], ...(side ? { side } : {}), degrees }],
        );
    };
    return (
        <div className="mx-auto max-w-md pb-3">
            <PoseEditor
                angles={angles}
                position="upright"
                base={base === 'standing' ? 'chair' : base}
                sides="one-sided"
                age={age}
                onAngle={set}
            />
        </div>
    );
}
