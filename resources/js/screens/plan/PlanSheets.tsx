import { Suspense } from 'react';
import type { LibraryAnswer } from '../../api/types/answer-library';
import { later } from '../../parts/later';
import { ClassSettings } from './ClassSettings';
import { KeysSheet } from './KeysSheet';
import type { Panel } from './panels';
import { Rehearsal } from './Rehearsal';
import type { ShownPlan } from './shown';
import type { PlanState } from './usePlan';

const CompareSheet = later(() => import('./CompareSheet').then((one) => one.CompareSheet));
const SettleAllSheet = later(() => import('./SettleAllSheet').then((one) => one.SettleAllSheet));
const TrimSheet = later(() => import('./TrimSheet').then((one) => one.TrimSheet));
const VersionsSheet = later(() => import('./VersionsSheet').then((one) => one.VersionsSheet));

/** What is opened over a class from its menu. */
export function PlanSheets({
    classId,
    answer,
    library,
    state,
    open,
    onClose,
}: {
    classId: string;
    answer: ShownPlan;
    library: LibraryAnswer;
    state: PlanState;
    open: Panel | null;
    onClose: () => void;
}) {
    return (
        <>
            {open === 'settings' && (
                <ClassSettings plan={answer.plan} patterns={library.patterns} onChange={state.edit} onClose={onClose} />
            )}
            <Rehearsal classId={classId} open={open === 'rehearsal'} onClose={onClose} />
            <KeysSheet open={open === 'keys'} onClose={onClose} />
            <Suspense fallback={null}>
                {open === 'versions' && (
                    <VersionsSheet
                        classId={classId}
                        revision={answer.revision}
                        onTake={state.takeUp}
                        onClose={onClose}
                    />
                )}
                {open === 'all' && (
                    <SettleAllSheet
                        classId={classId}
                        revision={answer.revision}
                        onSettle={state.remedyAll}
                        onClose={onClose}
                    />
                )}
                {open === 'trim' && (
                    <TrimSheet
                        classId={classId}
                        revision={answer.revision}
                        planned={answer.totals.planned}
                        slot={answer.totals.slot}
                        onTake={(plan) => {
                            state.edit(() => plan);
                            onClose();
                        }}
                        onClose={onClose}
                    />
                )}
                {open === 'compare' && <CompareSheet classId={classId} revision={answer.revision} onClose={onClose} />}
            </Suspense>
        </>
    );
}
