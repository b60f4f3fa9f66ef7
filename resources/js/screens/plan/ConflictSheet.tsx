import { Sheet } from '../../parts/Sheet';
import { clock } from '../../parts/time';
import type { Conflict } from './usePlan';

/** Two windows changed the same class; both versions are kept, and the teacher says which goes on. */
export function ConflictSheet({ conflict, settle }: { conflict: Conflict; settle: (mine: boolean) => Promise<void> }) {
    return (
        <Sheet title="Two versions of this class" open onClose={() => void settle(false)}>
            <p className="mb-4">
                This class was changed in another window while you were working here. Both versions are kept. Which one
                would you like to go on with?
            </p>
            <div className="grid gap-3">
                <button className="button button-main min-h-16" onClick={() => void settle(true)}>
                    Mine, from this window:{' '}
                    {conflict.yourPlan.sections.reduce((sum, section) => sum + section.entries.length, 0)} movements
                </button>
                <button className="button min-h-16" onClick={() => void settle(false)}>
                    The other one: {conflict.theirs.entries.length} movements, {clock(conflict.theirs.totals.planned)}
                </button>
            </div>
            <p className="mt-4 text-[15px] text-ink-soft">You can come back to the version from before with Undo.</p>
        </Sheet>
    );
}
