import { useEffect, useState } from 'react';
import { useLocation } from 'react-router';
import { useLibrary } from '../../api/queries';
import { useFind } from '../../parts/FindEverywhere';
import { PageTitle } from '../../parts/Shell';
import { Trouble, Waiting } from '../../parts/States';

/** What to be careful with, each with why, what serves instead, and where it comes from. */
export default function Precautions() {
    const library = useLibrary();
    const { hash } = useLocation();
    const [words, setWords] = useState('');
    const found = useFind(words, 'precautions');
    useEffect(() => {
        document.getElementById(hash.slice(1))?.scrollIntoView({ block: 'start' });
    }, [hash, library.data]);
    if (library.error) {
        return <Trouble error={library.error} again={() => void library.refetch()} />;
    }
    if (!library.data) {
        return <Waiting what="the precautions" />;
    }
    const order = words.trim() && found.data ? found.data.found.precautions?.map(({ id }) => id) : undefined;
    const byCode = new Map(library.data.precautions.map((one) => [one.code, one]));
    const shown = order ? order.flatMap((code) => byCode.get(code) ?? []) : library.data.precautions;
    return (
        <>
            <PageTitle
                title="What to be careful with"
                below="What Kind Chair minds when it chooses for somebody. It advises nobody medically: clinicians and the rules of your house go first."
            />
            <input
                className="field mb-4 max-w-xl"
                type="search"
                aria-label="Find a precaution"
                placeholder="In everyday words: hip replacement, dizzy, deaf"
                value={words}
                onChange={(event) => setWords(event.target.value)}
            />
            <ul className="grid gap-3 md:grid-cols-2">
                {shown.map((one) => (
                    <li key={one.code} id={one.code} className="card scroll-mt-4 target:outline-2 target:outline-ink">
                        <h2 className="text-[1.1875rem]">{one.name.charAt(0).toUpperCase() + one.name.slice(1)}</h2>
                        <p>{one.why}</p>
                        {one.instead && <p className="mt-1">Instead: {one.instead}</p>}
                        {one.askClinician && <p className="mt-1 font-semibold">{one.askClinician}</p>}
                        <p className="mt-1 text-[0.9375rem] text-ink-soft">{one.source}</p>
                    </li>
                ))}
            </ul>
            {shown.length === 0 && (
                <p>Nothing goes by these words. It can be a note, or a precaution of your own under People.</p>
            )}
        </>
    );
}
