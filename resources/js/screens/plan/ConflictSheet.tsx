import { Sheet } from '../../parts/Sheet';
import { Beside } from './Beside';
import type { Conflict } from './usePlan';

/** Two windows changed the same class; both versions are kept, and the teacher says which goes on. */
export function ConflictSheet({
    classId,
    conflict,
    settle,
}: {
    classId: string;
    conflict: Conflict;
    settle: (mine: boolean) => Promise<void>;
}) {
    return (
        <Sheet title="Two versions of this class" open onClose={() => void settle(false)} wide>
            <p className="mb-4">
                This class was changed in another window while you were working here. Choose the one to go on with. The
                other stays under More, Earlier versions.
            </p>
            <Beside
                classId={classId}
                left={{
                    name: 'Mine, from this window',
                    number: conflict.yours,
                    take: (
                        <button className="button button-main w-full" onClick={() => void settle(true)}>
                            Go on with mine
                        </button>
                    ),
                }}
                right={{
                    name: 'From the other window',
                    number: conflict.theirs.revision,
                    take: (
                        <button className="button w-full" onClick={() => void settle(false)}>
                            Go on with the other
                        </button>
                    ),
                }}
            />
        </Sheet>
    );
}
