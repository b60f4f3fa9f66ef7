import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import type { Finding, PlanAnswer, SetAside } from '../../api/types/answer-plan';
import { say } from '../../parts/say';
import { clock } from '../../parts/time';

export function Pin({ number }: { number: number }) {
    return (
        <span className="inline-grid h-6 w-6 shrink-0 place-items-center rounded-[50%_50%_50%_6px] bg-ink text-[0.875rem] font-bold leading-none text-butter">
            {number}
        </span>
    );
}

interface Props {
    answer: PlanAnswer;
    onRemedy: (finding: Finding) => Promise<boolean>;
    onUndo: () => void;
    onShow: (entryId: string) => void;
    onLook: (finding: Finding) => void;
    onAll: () => void;
    onTakeBack: (one: SetAside) => void;
    /** where the class is completed */
    fillHref: string;
    busy: boolean;
}

/** What is to settle before class: a sentence, and one button that says what it will do and cost. */
export function Findings({ answer, onRemedy, onUndo, onShow, onLook, onAll, onTakeBack, fillHref, busy }: Props) {
    const [all, setAll] = useState(false);
    const [done, setDone] = useState<string | null>(null);
    useEffect(() => {
        const timer = done ? setTimeout(() => setDone(null), 8000) : undefined;
        return () => clearTimeout(timer);
    }, [done]);
    const { findings, totals } = answer;
    const isEmpty = answer.entries.length === 0;
    const pressing = findings.filter(({ severity }) => severity !== 'idea').length;
    const ideas = findings.length - pressing;
    const left = pressing > 0 ? `${pressing} to settle` : 'Nothing to settle';
    const heading = useRef<HTMLHeadingElement>(null);
    // What was settled is gone with its button: the focus goes to what is left to settle.
    useEffect(() => {
        if (done) {
            heading.current?.focus();
            say(`Done: ${done}. ${left}`);
        }
        // Only when something was settled.
        // eslint-disable-next-line react-hooks/exhaustive-deps
    }, [done]);
    const shown = all ? findings : findings.slice(0, 3);
    const spare = totals.slot - totals.planned;
    const settled = done && (
        <p role="status" className="flex items-center gap-2 font-semibold">
            Done: {done}.
            <button
                className="button min-h-9 py-1"
                onClick={() => {
                    setDone(null);
                    onUndo();
                }}
            >
                Undo
            </button>
        </p>
    );
    if (findings.length === 0 || isEmpty) {
        return (
            <section
                aria-label="To settle"
                data-worked
                className="mx-4 my-2 flex min-h-12 items-center gap-4 rounded-[14px] bg-list px-4"
            >
                <h2 className="text-[1.0625rem]" tabIndex={-1} ref={heading}>
                    {isEmpty ? 'Nothing planned yet.' : 'Nothing to settle.'}
                </h2>
                <span className="text-ink-soft">
                    {isEmpty
                        ? 'Add movements to a section below; what wants settling is told here.'
                        : totals.slot >= totals.planned
                          ? `${clock(totals.slot - totals.planned)} spare.`
                          : ''}
                </span>
                {settled}
                <span className="ml-auto flex flex-wrap items-center gap-x-4">
                    <Aside all={answer.setAside} onTakeBack={onTakeBack} />
                    {(isEmpty || spare > 300) && (
                        <Link className="button my-1" to={fillHref}>
                            {isEmpty ? 'Make one for me' : 'Complete it for me'}
                        </Link>
                    )}
                </span>
            </section>
        );
    }
    return (
        <section
            aria-label="To settle"
            data-worked
            className={`mx-4 my-2 rounded-[14px] px-4 py-1.5 ${pressing > 0 ? 'bg-butter' : 'bg-list'}`}
        >
            <div className="flex items-stretch gap-y-2 max-lg:flex-col">
                <div className="flex w-32 shrink-0 flex-col justify-center pr-3 max-lg:w-full max-lg:flex-row max-lg:flex-wrap max-lg:items-center max-lg:justify-start max-lg:gap-x-4 low:w-56 low:flex-row low:flex-wrap low:content-center low:items-center low:justify-start low:gap-x-3">
                    <h2 className="text-[1.125rem] leading-6" tabIndex={-1} ref={heading}>
                        {left}
                    </h2>
                    {ideas > 0 && (
                        <span className="text-[0.875rem] text-ink-soft">
                            {ideas === 1 ? 'one idea' : `${ideas} ideas`}
                        </span>
                    )}
                    <More
                        shown={3}
                        of={findings.length}
                        all={all}
                        setAll={setAll}
                        className="max-sm:hidden low:hidden"
                    />
                    <More shown={2} of={findings.length} all={all} setAll={setAll} className="hidden low:block" />
                    <More shown={1} of={findings.length} all={all} setAll={setAll} className="sm:hidden" />
                    {findings.filter(({ remedy }) => remedy).length > 1 && (
                        <button
                            className="-my-2 min-h-11 min-w-11 text-left text-[0.875rem] underline underline-offset-2"
                            onClick={onAll}
                        >
                            Settle all at once
                        </button>
                    )}
                    <Aside all={answer.setAside} onTakeBack={onTakeBack} />
                    {settled}
                </div>
                <ol className="grid flex-1 gap-x-4 gap-y-2 lg:grid-cols-2 xl:grid-cols-3 low:grid-cols-2">
                    {shown.map((finding, index) => (
                        <li
                            key={finding.key}
                            className={`flex items-center gap-2.5 border-butter-deep max-lg:border-t max-lg:py-1 max-sm:flex-wrap lg:border-l lg:pl-3 ${index > 0 && !all ? 'max-sm:hidden' : ''} ${index > 1 && !all ? 'low:hidden' : ''}`}
                        >
                            <Pin number={index + 1} />
                            <button
                                className="min-h-11 min-w-0 flex-1 text-left text-[0.875rem] leading-[1.25] max-lg:text-[1rem] max-sm:basis-3/4"
                                title={`${finding.why} ${finding.source}`}
                                onClick={() => finding.entry && onShow(finding.entry)}
                            >
                                {finding.severity === 'idea' && <span className="text-ink-soft">Idea: </span>}
                                {finding.says}
                                <span className="sr-only"> {finding.why}</span>
                            </button>
                            <button
                                className="min-h-11 min-w-11 text-[0.875rem] underline underline-offset-2"
                                onClick={() => onLook(finding)}
                            >
                                Look<span className="sr-only"> at: {finding.says}</span>
                            </button>
                            {finding.remedy && (
                                <button
                                    className="button min-h-11 border-butter-rule px-3 py-1 text-[0.875rem] leading-tight max-lg:text-[0.9375rem] max-sm:ml-8 max-sm:flex-1 lg:max-w-36"
                                    disabled={busy}
                                    data-finding={finding.key}
                                    onClick={() => {
                                        const label = finding.remedy?.label ?? '';
                                        void onRemedy(finding).then((worked) => worked && setDone(label));
                                    }}
                                >
                                    {[finding.remedy.label, finding.remedy.cost].filter(Boolean).join(', ')}
                                </button>
                            )}
                        </li>
                    ))}
                </ol>
            </div>
        </section>
    );
}

const SHOWN = { 1: 'one', 2: 'two', 3: 'three' };

/** The way to those that there is no room for at first; a telephone has room for one, a low window for two. */
function More({
    shown,
    of,
    all,
    setAll,
    className,
}: {
    shown: 1 | 2 | 3;
    of: number;
    all: boolean;
    setAll: (all: boolean) => void;
    className: string;
}) {
    return of <= shown ? null : (
        <button
            className={`-my-2 min-h-11 min-w-11 text-left text-[0.875rem] underline underline-offset-2 ${className}`}
            aria-expanded={all}
            onClick={() => setAll(!all)}
        >
            {all ? `Show ${SHOWN[shown]}` : `${of - shown} more`}
        </button>
    );
}

/** What was set aside, and the way to take it back. */
function Aside({ all, onTakeBack }: { all: SetAside[]; onTakeBack: (one: SetAside) => void }) {
    if (all.length === 0) {
        return null;
    }
    return (
        <details className="relative text-[0.875rem]">
            <summary className="-my-2 min-h-11 py-3 underline underline-offset-2">{all.length} set aside</summary>
            <ul className="absolute z-20 w-80 rounded-2xl border-[1.5px] border-rule bg-white p-3">
                {all.map((one) => (
                    <li key={one.key} className="border-b border-hair py-1 last:border-0">
                        {one.says}{' '}
                        <span className="text-ink-soft">
                            {one.reason}
                            {one.everywhere ? ', in all classes' : ''}
                        </span>
                        <button className="button button-quiet min-h-11 px-2" onClick={() => onTakeBack(one)}>
                            Tell me again
                        </button>
                    </li>
                ))}
            </ul>
        </details>
    );
}
