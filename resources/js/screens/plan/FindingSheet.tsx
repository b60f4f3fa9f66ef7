import { useState } from 'react';
import type { Finding } from '../../api/types/answer-plan';
import { TextField } from '../../parts/Field';
import { Sheet } from '../../parts/Sheet';
import { Look } from './Look';

const SEVERITY: Record<Finding['severity'], string> = {
    harm: 'Someone could be hurt or left out.',
    slip: 'Something that slipped in.',
    idea: 'An idea.',
};

/** One finding, whole: what, why, by whom it is held; what settling it would do; and the way to set it aside. */
export function FindingSheet({
    classId,
    finding,
    revision,
    busy,
    onRemedy,
    onSetAside,
    onClose,
}: {
    classId: string;
    finding: Finding;
    revision: number;
    busy: boolean;
    onRemedy: (finding: Finding) => void;
    onSetAside: (finding: Finding, reason: string, everywhere: boolean) => void;
    onClose: () => void;
}) {
    const [reason, setReason] = useState('');
    const [asks, setAsks] = useState(false);
    const setAside = (everywhere: boolean) => {
        if (reason.trim() === '') {
            setAsks(true);
            return;
        }
        onSetAside(finding, reason.trim(), everywhere);
    };
    return (
        <Sheet title={finding.says} open onClose={onClose}>
            <p>
                <strong>{SEVERITY[finding.severity]}</strong> {finding.why}
            </p>
            <p className="mb-4 text-ink-soft">{finding.source}</p>
            {finding.remedy && (
                <Look classId={classId} question={{ finding: finding.key, revision }}>
                    {() => (
                        <button className="button button-main w-full" disabled={busy} onClick={() => onRemedy(finding)}>
                            Settle it so
                        </button>
                    )}
                </Look>
            )}
            <fieldset className="mt-5 border-t border-hair pt-4">
                <legend className="font-slab text-[1.125rem] font-bold">Set it aside</legend>
                <TextField
                    label="Your reason, kept with the class"
                    maxLength={300}
                    value={reason}
                    error={
                        asks && reason.trim() === ''
                            ? 'Please say why in a few words, so that you know it next time.'
                            : undefined
                    }
                    onChange={(event) => setReason(event.target.value)}
                />
                <div className="mt-3 flex flex-wrap gap-2">
                    <button type="button" className="button" onClick={() => setAside(false)}>
                        In this class
                    </button>
                    {finding.severity !== 'harm' && (
                        <button type="button" className="button" onClick={() => setAside(true)}>
                            In all my classes
                        </button>
                    )}
                </div>
            </fieldset>
        </Sheet>
    );
}
