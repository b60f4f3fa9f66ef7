import type { PlanAnswer } from '../../api/types/answer-plan';
import { ZoneShape } from '../../parts/ZoneShape';

interface Props {
    answer: PlanAnswer;
    hasRow: boolean;
    onOpen: (panel: 'map' | 'people') => void;
}

/** Where there is no room for both panels beside the class, they are opened from here. */
export function NarrowPanels({ answer, hasRow, onOpen }: Props) {
    return (
        <div className="flex gap-2 px-4 pb-2 lg:hidden">
            <button className="button flex-1 px-2" onClick={() => onOpen('map')}>
                {answer.zones.map((one) => (
                    <ZoneShape
                        key={one.zone}
                        zone={one.zone}
                        size={14}
                        className={one.seconds > 0 ? '' : 'opacity-25'}
                    />
                ))}
                <span className="max-md:sr-only">
                    {Object.values(answer.spine).filter((seconds) => seconds > 0).length} of 6 directions
                </span>
            </button>
            <button className="button flex-1" onClick={() => onOpen('people')} disabled={!hasRow}>
                Who does what
            </button>
        </div>
    );
}
