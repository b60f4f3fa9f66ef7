import { Suspense, useCallback, useRef, useState } from 'react';
import { Link, useParams } from 'react-router';
import { api } from '../../api/client';
import { refresh, useLibrary } from '../../api/queries';
import type { LibraryAnswer } from '../../api/types/answer-library';
import type { Finding } from '../../api/types/answer-plan';
import { FindEverywhere } from '../../parts/FindEverywhere';
import { later } from '../../parts/later';
import { Sheet } from '../../parts/Sheet';
import { useLate } from '../../parts/useLate';
import { useSame } from '../../parts/useSame';
import { useTitle } from '../../parts/useTitle';
import { Trouble, Waiting } from '../../parts/States';
import type { ZoneName } from '../../parts/ZoneShape';
import { BodyMap } from './BodyMap';
import { ClassList } from './ClassList';
import { ConflictSheet } from './ConflictSheet';
import { runOf } from './edits';
import { Findings } from './Findings';
import { MinutesBench } from './MinutesBench';
import { NarrowPanels } from './NarrowPanels';
import { PeoplePanel } from './PeoplePanel';
import { Picker } from './Picker';
import { sheetUrl, type Panel } from './panels';
import { PlanHeader } from './PlanHeader';
import { PlanSheets } from './PlanSheets';
import { Said } from './Said';
import type { ShownPlan } from './shown';
import { Tour } from './Tour';
import { useAdding } from './useAdding';
import { usePlanActions } from './usePlanActions';
import { usePlan, type PlanState } from './usePlan';
import { usePlanKeys } from './usePlanKeys';
import { usePlanSaid } from './usePlanSaid';
import { useSettingAside } from './useSettingAside';
import { useSelection } from './useSelection';
import { useStartLeading } from './useStartLeading';

const FindingSheet = later(() => import('./FindingSheet').then((one) => one.FindingSheet));

export default function PlanPage() {
    const { classId = '' } = useParams();
    const library = useLibrary();
    const state = usePlan(classId);
    const { answer, error, load } = state;

    if (error && !answer) {
        return (
            <main className="mx-auto max-w-2xl space-y-4 p-8">
                <Trouble error={error} again={() => void load()} />
                <Link to="/" className="button">
                    Back to your classes
                </Link>
            </main>
        );
    }
    if (!answer || !library.data) {
        return (
            <main className="mx-auto max-w-3xl p-8">
                {library.error ? (
                    <Trouble error={library.error} again={() => void library.refetch()} />
                ) : (
                    <Waiting what="your class" />
                )}
            </main>
        );
    }
    return <Plan classId={classId} answer={answer} state={state} library={library.data} />;
}

interface Props {
    classId: string;
    answer: ShownPlan;
    state: PlanState;
    library: LibraryAnswer;
}

function Plan({ classId, answer, state, library }: Props) {
    const { isUnsaved, saveNow, conflict, said, setSaid, edit, step, settle } = state;
    const settleFinding = state.remedy;
    const selection = useSelection(answer);
    const { selected, side, select } = selection;
    const { adding, setAdding, pick, quick, block, done, addIdea } = useAdding(answer, selected, edit, select);
    const [zone, setZone] = useState<ZoneName | null>(null);
    const [open, setOpen] = useState<Panel | null>(null);
    const [busy, setBusy] = useState(false);
    const panel = useRef<HTMLElement>(null);
    const close = () => setOpen(null);

    // The rows are drawn anew only when something of theirs changed, so what they are given stays the same.
    const remedy = useCallback(
        async (finding: Finding) => {
            setBusy(true);
            const worked = await settleFinding(finding.key);
            setBusy(false);
            return worked;
        },
        [settleFinding],
    );
    const { findingOf } = state;
    const fill = useCallback(
        (id: string) => {
            const finding = findingOf(id, 'sides');
            if (finding) {
                void remedy(finding);
            }
        },
        [findingOf, remedy],
    );
    const { looked, setLooked, setAside, takeBack } = useSettingAside(edit, state.load, setSaid);
    const keepBlock = async (name: string) => {
        try {
            await api.make('blocks', { name, block: runOf(answer.plan, selection.run) });
            await refresh('blocks');
            return true;
        } catch (problem) {
            setSaid((problem as Error).message);
            return false;
        }
    };
    const lead = useStartLeading(classId, setSaid);
    const [finding, setFinding] = useState(false);
    const find = useCallback(() => setFinding(true), []);
    const actions = usePlanActions(classId, setOpen, find);
    const { remove } = usePlanKeys(answer, library.doses, selection, {
        edit,
        step,
        onAdd: setAdding,
        onPeople: () => panel.current?.focus(),
        onPrint: () => window.open(sheetUrl(classId), '_self'),
        onLead: lead,
        onHelp: () => setOpen('keys'),
    });

    useTitle(`Plan of ${answer.class.title}`);
    usePlanSaid(answer, selected, side);

    const isLate = useLate(answer.isWaiting);
    const selectedRow = answer.entries.find((row) => row.id === selected);
    const selectedSection = answer.plan.sections.find((section) =>
        section.entries.some((entry) => entry.id === selected),
    );
    const tryIdea = useSame(addIdea);
    const toSection = useSame((id: string) => {
        const first = answer.plan.sections.find((section) => section.id === id)?.entries[0];
        if (first) {
            select(first.id, true);
        } else {
            setAdding({ section: id, index: 0 });
        }
    });
    const rehearse = useCallback(() => setOpen('rehearsal'), []);
    const map = <BodyMap answer={answer.told} zone={zone} onZone={setZone} onIdea={tryIdea} />;
    const peoplePanel = <PeoplePanel classId={classId} people={answer.people} row={selectedRow} />;

    return (
        <main
            className="flex min-h-screen flex-col lg:h-screen lg:overflow-hidden"
            aria-busy={answer.isWaiting}
            data-working={answer.isWaiting || undefined}
            data-late={isLate || undefined}
        >
            <PlanHeader
                classId={classId}
                answer={answer}
                isUnsaved={isUnsaved}
                canUndo={state.canUndo}
                canRedo={state.canRedo}
                saveNow={saveNow}
                step={step}
                actions={actions}
                onLead={lead}
            />
            <Tour />
            {said && <Said words={said} onRead={() => setSaid(null)} />}
            <MinutesBench
                totals={answer.totals}
                onRehearse={rehearse}
                current={selectedSection?.id ?? null}
                onChoose={toSection}
            />
            <Findings
                answer={answer}
                onRemedy={remedy}
                onUndo={() => void step('undo')}
                onShow={(id) => select(id, true)}
                onLook={setLooked}
                onAll={() => setOpen('all')}
                onTakeBack={takeBack}
                fillHref={`/classes/${classId}/fill`}
                busy={busy}
            />
            <NarrowPanels answer={answer} hasRow={selectedRow !== undefined} onOpen={setOpen} />
            <div className="min-h-0 flex-1 lg:grid lg:grid-cols-[220px_minmax(0,1fr)_296px] lg:grid-rows-[minmax(0,1fr)]">
                <aside
                    aria-label="Where the minutes go"
                    className="overflow-y-auto pl-4 pr-2 pt-0.5 lg:contain-strict max-lg:hidden"
                >
                    {map}
                </aside>
                <ClassList
                    answer={answer}
                    library={library}
                    selected={selected}
                    run={selection.run}
                    side={side}
                    zone={zone}
                    listRef={selection.list}
                    edit={edit}
                    onSelect={select}
                    onFill={fill}
                    onAdd={setAdding}
                    onRemove={remove}
                    onKeep={keepBlock}
                    onQuick={quick}
                />
                <aside
                    aria-label="Who does what"
                    ref={panel}
                    tabIndex={-1}
                    className="overflow-y-auto border-l-2 border-ink bg-white px-4 py-3 lg:contain-strict max-lg:hidden"
                >
                    {peoplePanel}
                </aside>
            </div>

            <FindEverywhere
                open={finding}
                setOpen={setFinding}
                here={[
                    {
                        title: 'In this class',
                        all: answer.entries.map((row) => ({
                            name: row.name,
                            more: row.dose,
                            go: () => select(row.id, true),
                        })),
                    },
                    { title: 'Do with this class', all: actions },
                ]}
            />
            {adding && (
                <Picker
                    into={answer.totals.sections.find(({ id }) => id === adding.section)?.name ?? 'the class'}
                    group={answer.class.group?.id ?? null}
                    classId={classId}
                    section={adding.section}
                    onPick={pick}
                    onBlock={(kept) => block(kept.block, kept.name)}
                    onClose={done}
                />
            )}
            <Sheet title="Minutes and directions" open={open === 'map'} onClose={close}>
                {map}
            </Sheet>
            <Sheet title="Who does what" open={open === 'people'} onClose={close}>
                {peoplePanel}
            </Sheet>
            <PlanSheets classId={classId} answer={answer} library={library} state={state} open={open} onClose={close} />
            <Suspense fallback={null}>
                {looked && answer.findings.some(({ key }) => key === looked.key) && (
                    <FindingSheet
                        classId={classId}
                        finding={looked}
                        revision={answer.revision}
                        busy={busy}
                        onRemedy={(finding) => void remedy(finding).then((worked) => worked && setLooked(null))}
                        onSetAside={(finding, reason, everywhere) => {
                            setLooked(null);
                            void setAside(finding, reason, everywhere);
                        }}
                        onClose={() => setLooked(null)}
                    />
                )}
            </Suspense>
            {conflict && <ConflictSheet classId={classId} conflict={conflict} settle={settle} />}
        </main>
    );
}
