import type { Bone } from '../api/types/answer-compose';
import { clock } from './time';

/** A class on its bench, small: a cushion for each section, its rows as stripes in the colour of the part they work. */
export function MiniBench({ rows, seconds, slot }: { rows: readonly Bone[]; seconds: number; slot: number }) {
    const sections = [...new Set(rows.map(({ section }) => section))].map((id) => ({
        id,
        rows: rows.filter(({ section }) => section === id),
    }));
    return (
        <div data-worked>
            <div className="flex h-5 items-end gap-px border-b-[5px] border-ink" aria-hidden="true">
                {sections.map(({ id, rows: all }) => (
                    <span
                        key={id}
                        className="flex h-full min-w-0 gap-px overflow-hidden rounded-t-[5px] border-[1.5px] border-b-0 border-cushion-edge bg-cushion px-0.5 pt-1"
                        style={{ flex: `${all.reduce((sum, row) => sum + row.seconds, 0)} 1 0` }}
                    >
                        {all.map((row) => (
                            <span
                                key={row.entry}
                                className={`h-full min-w-0 bg-fill zone-${row.zone ?? 'none'}`}
                                style={{ flex: `${row.seconds} 1 0` }}
                            />
                        ))}
                    </span>
                ))}
                {slot > seconds && <span style={{ flex: `${slot - seconds} 1 0` }} />}
            </div>
            <p className="mt-1 text-right text-[0.9375rem] text-ink-soft">
                {clock(seconds)} of {Math.round(slot / 60)} min
            </p>
        </div>
    );
}
