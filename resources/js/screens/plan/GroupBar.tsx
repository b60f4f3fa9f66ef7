import { useState } from 'react';
import { vocabulary } from '../../api/types/words';
import type { Group } from './edits';

/** What can be done with the neighbouring movements that are chosen. */
export function GroupBar({
    count,
    onMake,
    onMove,
    onCopy,
    onKeep,
    onRemove,
}: {
    count: number;
    onMake: (kind: Group['kind']) => void;
    onMove: (by: 1 | -1) => void;
    onCopy: () => void;
    /** keeps them as a block; done when it is stored */
    onKeep: (name: string) => Promise<boolean>;
    onRemove: () => void;
}) {
    const [name, setName] = useState<string | null>(null);
    const [kept, setKept] = useState('');
    const button = 'button min-h-11 px-3 py-1 text-[1rem]';
    return (
        <div
            className="flex flex-wrap items-center gap-2 border-y-2 border-ink bg-butter px-3 py-2"
            role="group"
            aria-label="Make them one"
            data-group-bar
        >
            <strong className="mr-1 text-[1rem]" role="status">
                {kept || `${count} movements chosen. Make them a`}
            </strong>
            {vocabulary.groupKind.map(([kind, words]) => (
                <button key={kind} type="button" className={button} onClick={() => onMake(kind)}>
                    {words}
                </button>
            ))}
            <span className="flex w-full flex-wrap items-center gap-2">
                <button type="button" className={button} onClick={() => onMove(-1)} aria-label="Move them up">
                    ↑
                </button>
                <button type="button" className={button} onClick={() => onMove(1)} aria-label="Move them down">
                    ↓
                </button>
                <button type="button" className={button} onClick={onCopy}>
                    Copy them
                </button>
                <button type="button" className={button} onClick={onRemove}>
                    Take them out
                </button>
                {name === null ? (
                    <button type="button" className={button} onClick={() => setName('')}>
                        Keep as a block
                    </button>
                ) : (
                    <form
                        className="flex min-w-64 flex-1 gap-2"
                        onSubmit={(event) => {
                            event.preventDefault();
                            if (name.trim()) {
                                void onKeep(name.trim()).then((worked) => {
                                    if (worked) {
                                        setKept(`Kept as ${name.trim()}. Make them a`);
                                        setName(null);
                                    }
                                });
                            }
                        }}
                    >
                        <input
                            className="field min-w-0 flex-1"
                            aria-label="Name of the block"
                            placeholder="What you call it"
                            maxLength={100}
                            autoFocus
                            value={name}
                            onChange={(event) => setName(event.target.value)}
                        />
                        <button className="button">Keep</button>
                    </form>
                )}
            </span>
        </div>
    );
}
