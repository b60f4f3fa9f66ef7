import { useEffect, useState } from 'react';
import { useClasses } from '../../api/queries';
import { TOUR, useKept } from '../../parts/kept';
import { say } from '../../parts/say';

const STOPS: readonly { at: string; says: string }[] = [
    {
        at: 'section[aria-label="The class on its bench"]',
        says: 'The bench is as long as the time you have booked. Each cushion is a part of the class; what is free stays open.',
    },
    {
        at: 'section[aria-label="To settle"]',
        says: 'Here you are told what could hurt somebody, what slipped, and what is an idea. Look shows what a button would change, before it does.',
    },
    {
        at: '[data-keys]',
        says: 'Each row is a movement, left and right of the spine. Press one to change it; type where it says so to put one in.',
    },
    {
        at: 'aside[aria-label="Who does what"]',
        says: 'For the row you press: who does it as it is planned, and what the others do instead.',
    },
    {
        at: 'header .button-main',
        says: 'When it is as you like it, lead it from here. All of this is told again under Help.',
    },
];

/** Shows a teacher around in her first class: one sentence at a time, and she can leave at any of them. */
export function Tour() {
    const classes = useClasses();
    const [seen, setSeen] = useKept<boolean>(TOUR, () => false);
    const all = classes.data?.classes ?? [];
    return seen || all.length !== 1 || all[0]?.led !== 0 ? null : <Stops onEnd={() => setSeen(true)} />;
}

function Stops({ onEnd }: { onEnd: () => void }) {
    const [at, setAt] = useState(0);
    const stop = STOPS[at];
    // What a narrow screen keeps behind a button is not shown around.
    const next = () => {
        const following = STOPS.findIndex(
            (one, index) => index > at && document.querySelector<HTMLElement>(one.at)?.offsetParent,
        );
        if (following < 0) {
            onEnd();
        } else {
            setAt(following);
        }
    };
    useEffect(() => {
        if (!stop) {
            return;
        }
        const place = document.querySelector(stop.at);
        place?.classList.add('shown-around');
        say(stop.says);
        return () => place?.classList.remove('shown-around');
    }, [stop]);
    if (!stop) {
        return null;
    }
    const isLast = at === STOPS.length - 1;
    return (
        <section
            aria-label="Shown around"
            className="mx-4 mt-2 flex flex-wrap items-center gap-x-4 gap-y-2 rounded-[14px] border-2 border-ink bg-white px-4 py-2"
        >
            <p className="min-w-60 flex-1">{stop.says}</p>
            <button className="button button-main" onClick={next}>
                {isLast ? 'Begin' : 'Next'}
            </button>
            {!isLast && (
                <button className="min-h-11 px-2 underline underline-offset-4" onClick={onEnd}>
                    Skip
                </button>
            )}
        </section>
    );
}
