import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../../api/client';
import type { RehearsalAnswer } from '../../api/types/answer-rehearsal';
import { Sheet } from '../../parts/Sheet';
import { Trouble, Waiting } from '../../parts/States';
import { clock } from '../../parts/time';

const percent = (share: number) => `${Math.round(share * 100)}%`;
const WIDTH = 560;
const HEIGHT = 120;

/** The slot as a line, and above it in which minute how many of the runs end. */
function Picture({ data }: { data: RehearsalAnswer }) {
    const last = Math.max(data.slot / 60 + 2, (data.minutes.at(-1)?.minute ?? 0) + 2);
    const first = Math.max(0, Math.min(data.slot / 60 - 5, (data.minutes[0]?.minute ?? 0) - 1));
    const x = (minute: number) => ((minute - first) / (last - first)) * WIDTH;
    const most = Math.max(1, ...data.minutes.map((one) => one.runs));
    return (
        <svg
            viewBox={`-8 -14 ${WIDTH + 16} ${HEIGHT + 44}`}
            className="w-full"
            role="img"
            aria-label={`Of ${data.runs} runs ${percent(data.fits)} end within the ${Math.round(data.slot / 60)} minutes`}
        >
            {data.minutes.map((one) => {
                const height = (one.runs / most) * (HEIGHT - 16);
                return (
                    <rect
                        key={one.minute}
                        x={x(one.minute) + 1}
                        width={Math.max(1, x(one.minute + 1) - x(one.minute) - 2)}
                        y={HEIGHT - height}
                        height={height}
                        rx="3"
                        fill={one.minute * 60 < data.slot ? 'var(--color-cushion-edge)' : 'var(--color-butter-deep)'}
                        stroke={one.minute * 60 < data.slot ? 'none' : 'var(--color-ink)'}
                    />
                );
            })}
            <line
                x1="0"
                x2={x(data.slot / 60)}
                y1={HEIGHT + 3}
                y2={HEIGHT + 3}
                stroke="var(--color-ink)"
                strokeWidth="6"
                strokeLinecap="round"
            />
            <line
                x1={x(data.slot / 60)}
                x2={x(data.slot / 60)}
                y1="-6"
                y2={HEIGHT + 8}
                stroke="var(--color-ink)"
                strokeWidth="1.500"
                strokeDasharray="4 4"
            />
            <text x={x(data.slot / 60)} y={HEIGHT + 24} textAnchor="middle" fontSize="15" fill="var(--color-ink)">
                {Math.round(data.slot / 60)} min
            </text>
        </svg>
    );
}

/** The class tried out many times with these people: when it ends, where the time goes, what would be cut. */
export function Rehearsal({ classId, open, onClose }: { classId: string; open: boolean; onClose: () => void }) {
    const [seed, setSeed] = useState(1);
    const rehearsal = useQuery({
        queryKey: ['rehearsal', classId, seed],
        queryFn: () => api.get<RehearsalAnswer>(`classes/${classId}/rehearsal?seed=${seed}`),
        enabled: open,
        staleTime: 0,
        gcTime: 0,
    });
    const data = rehearsal.data;
    const parts: [string, number][] = data
        ? [
              ['Talk and pace beside the book', data.parts.talk],
              ['Questions', data.parts.questions],
              ['Props that come late', data.parts.props],
              ['Helping somebody', data.parts.help],
          ]
        : [];
    return (
        <Sheet title="Rehearse this class" open={open} onClose={onClose}>
            {rehearsal.error && <Trouble error={rehearsal.error} again={() => void rehearsal.refetch()} />}
            {!data && !rehearsal.error && <Waiting what="a thousand classes" />}
            {data && (
                <div className="space-y-4" data-rehearsal>
                    <p className="text-[1.1875rem]">
                        In 8 of 10 runs it ends by <strong>{clock(data.ends.eight)}</strong>, in 9 of 10 by{' '}
                        <strong>{clock(data.ends.nine)}</strong>. The book says {clock(data.planned)}.
                    </p>
                    <Picture data={data} />
                    <section>
                        <h3 className="text-[1.125rem]">Where the time goes</h3>
                        <dl className="grid grid-cols-[1fr_auto] gap-x-4">
                            {parts.map(([name, seconds]) => (
                                <div key={name} className="contents">
                                    <dt>{name}</dt>
                                    <dd className="text-right tabular-nums">
                                        {seconds > 0 ? '+' : ''}
                                        {clock(seconds)}
                                    </dd>
                                </div>
                            ))}
                        </dl>
                    </section>
                    <section>
                        <h3 className="text-[1.125rem]">What would be cut</h3>
                        {data.cut.every((one) => one.share === 0) ? (
                            <p>Nothing: every part gets its time.</p>
                        ) : (
                            <ul>
                                {data.cut
                                    .filter((one) => one.share > 0)
                                    .map((one) => (
                                        <li key={one.section}>
                                            {one.name}: short of time in {percent(one.share)} of the runs
                                        </li>
                                    ))}
                            </ul>
                        )}
                    </section>
                    {data.findings.length > 0 && (
                        <section>
                            <h3 className="text-[1.125rem]">What is still to settle</h3>
                            <ul className="space-y-1">
                                {data.findings.map((one) => (
                                    <li key={one.key}>
                                        {one.says}{' '}
                                        <span className="text-ink-soft">
                                            {one.changes === null
                                                ? 'Nothing is offered for it.'
                                                : Math.abs(one.changes) < 5
                                                  ? 'Settling it changes nothing about the end.'
                                                  : `Settled, it ends ${clock(Math.abs(one.changes))} ${one.changes > 0 ? 'later' : 'sooner'}.`}
                                        </span>
                                    </li>
                                ))}
                            </ul>
                        </section>
                    )}
                    <p className="flex flex-wrap items-center gap-3 text-[0.9375rem] text-ink-soft">
                        {data.runs} made-up runs with these people. How often things happen are planning defaults.
                        <button type="button" className="button" onClick={() => setSeed(seed + 1)}>
                            Try again
                        </button>
                    </p>
                </div>
            )}
        </Sheet>
    );
}
