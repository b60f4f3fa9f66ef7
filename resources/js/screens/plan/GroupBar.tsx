import { vocabulary } from '../../api/types/words';
import type { Group } from './edits';

/** What can be made of the neighbouring movements that are chosen. */
export function GroupBar({ count, onMake }: { count: number; onMake: (kind: Group['kind']) => void }) {
    return (
        <div
            className="flex flex-wrap items-center gap-2 border-y-2 border-ink bg-butter px-3 py-2"
            role="group"
            aria-label="Make them one"
            data-group-bar
        >
            <strong className="mr-1 text-[1rem]" role="status">
                {count} movements chosen. Make them a
            </strong>
            {vocabulary.groupKind.map(([kind, name]) => (
                <button
                    key={kind}
                    type="button"
                    className="button min-h-11 px-3 py-1 text-[1rem]"
                    onClick={() => onMake(kind)}
                >
                    {name}
                </button>
            ))}
        </div>
    );
}
