import { useState } from 'react';
import { Sheet } from '../../parts/Sheet';
import { Look } from './Look';

/** All remedies that give nothing up, looked at together and done in one step. */
export function SettleAllSheet({
    classId,
    revision,
    onSettle,
    onClose,
}: {
    classId: string;
    revision: number;
    onSettle: () => Promise<boolean>;
    onClose: () => void;
}) {
    const [busy, setBusy] = useState(false);
    return (
        <Sheet title="Settle all that gives nothing up" open onClose={onClose}>
            <Look classId={classId} question={{ all: true, revision }}>
                {() => (
                    <button
                        className="button button-main w-full"
                        disabled={busy}
                        onClick={() => {
                            setBusy(true);
                            void onSettle().then(onClose);
                        }}
                    >
                        Settle them
                    </button>
                )}
            </Look>
        </Sheet>
    );
}
