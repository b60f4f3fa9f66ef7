import type { StopSign } from '../../api/types/answer-lead';
import { Sheet } from '../../parts/Sheet';

/** Signs that end a class at once, and what to do: one touch away while it is led. */
export function StopSigns({ signs, open, onClose }: { signs: StopSign[]; open: boolean; onClose: () => void }) {
    return (
        <Sheet title="Stop signs" open={open} onClose={onClose} wide>
            <dl className="grid gap-3">
                {signs.map((one) => (
                    <div key={one.sign} className="rounded-2xl bg-white px-4 py-3">
                        <dt className="text-[1.1875rem] font-bold">{one.sign}</dt>
                        <dd>{one.does}</dd>
                    </div>
                ))}
            </dl>
            <p className="mt-4 text-[0.9375rem] text-ink-soft">
                Local emergency rules come first. Write down the time, what was done and the sign.
            </p>
        </Sheet>
    );
}
