import { useEffect, useState, type ReactNode } from 'react';
import { Refusal } from '../api/client';

/** Waiting: still and quiet; words only when it takes long. */
export function Waiting({ what }: { what: string }) {
    const [long, setLong] = useState(false);
    useEffect(() => {
        const timer = setTimeout(() => setLong(true), 4000);
        return () => clearTimeout(timer);
    }, []);
    return (
        <div aria-busy="true" className="space-y-3" role="status">
            {[0, 1, 2].map((row) => (
                <div key={row} className="h-20 rounded-2xl bg-channel" />
            ))}
            <p className="text-ink-soft">{long ? `Still fetching ${what}.` : ' '}</p>
        </div>
    );
}

/** Something could not be fetched: what happened, that the work is safe, what to do. */
export function Trouble({ error, again }: { error: Error; again?: () => void }) {
    const isGone = error instanceof Refusal && error.status === 404;
    return (
        <div role="alert" className="flex flex-wrap items-center gap-4 rounded-2xl bg-butter px-5 py-4">
            {isGone && <h1 className="w-full text-[1.3125rem]">This is not here</h1>}
            <p className="mr-auto">
                {isGone
                    ? 'It may have been removed, or the address is an old one. Nothing of yours is lost by coming here.'
                    : error.message}
            </p>
            {isGone && (
                <a className="button button-main" href="/">
                    To your classes
                </a>
            )}
            {again && !isGone && (
                <button className="button" onClick={again}>
                    Try again
                </button>
            )}
        </div>
    );
}

/** An empty place shows the first step. */
export function EmptyPlace({
    title,
    children,
    action,
    example,
    isPage = false,
}: {
    title: string;
    children: ReactNode;
    action?: ReactNode;
    /** how it looks once something is there */
    example?: ReactNode;
    isPage?: boolean;
}) {
    const Heading = isPage ? 'h1' : 'h2';
    return (
        <div className="rounded-2xl border-2 border-dashed border-cushion-edge px-6 py-10 text-center">
            <Heading className="text-[1.3125rem]">{title}</Heading>
            <p className="mx-auto mb-5 mt-2 max-w-prose text-ink-soft">{children}</p>
            {action}
            {example && (
                <p className="mx-auto mt-6 max-w-prose rounded-xl bg-white px-4 py-3 text-left text-[0.9375rem]">
                    <strong className="mr-1">For example:</strong>
                    {example}
                </p>
            )}
        </div>
    );
}
