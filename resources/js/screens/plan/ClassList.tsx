import {
    closestCenter,
    DndContext,
    MouseSensor,
    TouchSensor,
    useSensor,
    useSensors,
    type DragEndEvent,
} from '@dnd-kit/core';
import { SortableContext, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { Suspense, useMemo, type Ref } from 'react';
import { useFigures } from '../../api/queries';
import type { LibraryAnswer } from '../../api/types/answer-library';
import type { MovementCard } from '../../api/types/answer-movements';
import type { PlanAnswer, Row } from '../../api/types/answer-plan';
import { later } from '../../parts/later';
import { clock } from '../../parts/time';
import { useSame } from '../../parts/useSame';
import type { ZoneName } from '../../parts/ZoneShape';
import {
    changeEntry,
    changeGroup,
    copyRun,
    findEntry,
    makeGroup,
    moveBy,
    moveRun,
    moveTo,
    placeOf,
    removeEntry,
    takeApart,
    type SideName,
} from './edits';
import { GroupBar } from './GroupBar';
import { GroupFrame } from './GroupFrame';
import { RowEditor } from './RowEditor';
import { SpineRow, Starts } from './SpineRow';
import type { ShownPlan } from './shown';
import type { PlanState } from './usePlan';

const NONE: number[] = [];
// A finger that rests a moment drags; one that moves on scrolls. The same objects always: with others every row would be drawn anew.
const MOUSE = { activationConstraint: { distance: 6 } };
const TOUCH = { activationConstraint: { delay: 200, tolerance: 8 } };

/** Where a new movement goes: before which place of which section. */
export interface Gap {
    section: string;
    index: number;
}

interface Props {
    answer: ShownPlan;
    library: LibraryAnswer;
    selected: string | null;
    /** neighbouring rows that are chosen together */
    run: string[];
    side: SideName | null;
    /** the part of the body that is looked at; the rest steps back */
    zone: ZoneName | null;
    listRef: Ref<HTMLDivElement>;
    edit: PlanState['edit'];
    onSelect: (id: string, focus?: boolean, extend?: boolean) => void;
    onFill: (id: string) => void;
    onAdd: (gap: Gap) => void;
    onRemove: () => void;
    /** keeps the chosen run as a block */
    onKeep: (name: string) => Promise<boolean>;
    onQuick: (section: string, movement: MovementCard) => void;
}

// The list is there before what can be typed into it.
const QuickAdd = later(() => import('./QuickAdd').then((one) => one.QuickAdd));

/** The class, movement by movement: the spine with both sides, its sections, and the editor of the chosen row. */
export function ClassList({
    answer,
    library,
    selected,
    run,
    side,
    zone,
    listRef,
    edit,
    onSelect,
    onFill,
    onAdd,
    onRemove,
    onKeep,
    onQuick,
}: Props) {
    const sensors = useSensors(useSensor(MouseSensor, MOUSE), useSensor(TouchSensor, TOUCH));
    const figures = useFigures(answer.entries.flatMap((row) => row.figure || []));
    const addQuickly = useSame(onQuick);
    const order = answer.entries.map((row) => row.id).join();
    const ids = useMemo(() => (order ? order.split(',') : []), [order]);
    const rows = useMemo(() => new Map(answer.entries.map((row) => [row.id, row])), [answer]);
    const sections = new Map(answer.totals.sections.map((section) => [section.id, section]));
    const pins = useMemo(() => {
        const byEntry = new Map<string, number[]>();
        answer.findings.forEach(
            (finding, index) =>
                finding.entry && byEntry.set(finding.entry, [...(byEntry.get(finding.entry) ?? []), index + 1]),
        );
        return byEntry;
    }, [answer.findings]);

    const drop = ({ active, over }: DragEndEvent) => {
        const to = over ? placeOf(answer.plan, String(over.id)) : null;
        const from = placeOf(answer.plan, String(active.id));
        const section = to && answer.plan.sections[to.section];
        if (to && from && section && active.id !== over?.id) {
            // Dropped on a later row of another section: behind it, so that the end can be reached.
            edit((plan) =>
                moveTo(plan, String(active.id), section.id, from.section < to.section ? to.index + 1 : to.index),
            );
        }
    };

    const drawRow = (row: Row, index: number, all: Row[]) => {
        const entry = findEntry(answer.plan, row.id);
        const isSelected = row.id === selected;
        // One child and not a list of two: a list is another one each time, and every row would be drawn anew with it.
        const below =
            isSelected && entry && run.length < 2 ? (
                <RowEditor
                    entry={entry}
                    row={row}
                    findings={answer.findings.filter((finding) => finding.entry === row.id)}
                    side={row.sides === 'one-sided' ? side : null}
                    patterns={library.patterns}
                    doses={library.doses}
                    settingsFirst={answer.plan.settings?.firstSide ?? 'left'}
                    isFirst={index === 0}
                    onChange={(change) => edit((plan) => changeEntry(plan, row.id, change))}
                    onMove={(by) => edit((plan) => moveBy(plan, row.id, by))}
                    onRemove={onRemove}
                />
            ) : run.length > 1 && row.id === run.at(-1) ? (
                <GroupBar
                    count={run.length}
                    onMake={(kind) => edit((plan) => makeGroup(plan, run, kind))}
                    onMove={(by) => edit((plan) => moveRun(plan, run, by))}
                    onCopy={() => edit((plan) => copyRun(plan, run))}
                    onKeep={onKeep}
                    onRemove={() => edit((plan) => run.reduce(removeEntry, plan))}
                />
            ) : null;
        return (
            <SpineRow
                key={row.id}
                row={row}
                shapes={figures[row.figure]}
                waiting={answer.waiting.has(row.id)}
                selected={isSelected || run.includes(row.id)}
                dimmed={zone !== null && row.zone !== zone && row.secondZone !== zone}
                chosen={isSelected && row.sides === 'one-sided' ? side : null}
                pins={pins.get(row.id) ?? NONE}
                before={answer.entries[ids.indexOf(row.id) - 1]?.zone}
                after={all[index + 1] ? all[index + 1]?.zone : undefined}
                onSelect={onSelect}
                onFill={onFill}
            >
                {below}
            </SpineRow>
        );
    };

    /** Rows one by one, and those of a group in its frame. */
    const drawSection = (section: PlanAnswer['plan']['sections'][number], drawn: Row[]) => {
        const groups = new Map((section.groups ?? []).map((group) => [group.id, group]));
        const of = (row: Row) => groups.get(section.entries.find((entry) => entry.id === row.id)?.group ?? '');
        return drawn.map((row, index) => {
            const group = of(row);
            if (!group) {
                return drawRow(row, index, drawn);
            }
            if (index > 0 && drawn[index - 1] && of(drawn[index - 1] as Row) === group) {
                return null;
            }
            const members = drawn.filter((one) => of(one) === group);
            return (
                <GroupFrame
                    key={group.id}
                    group={group}
                    total={answer.totals.groups.find((one) => one.id === group.id)}
                    rows={members}
                    onChange={(change) => edit((plan) => changeGroup(plan, group.id, change))}
                    onApart={() => edit((plan) => takeApart(plan, group.id))}
                >
                    {members.map((one) => drawRow(one, drawn.indexOf(one), drawn))}
                </GroupFrame>
            );
        });
    };

    return (
        <section
            aria-label="The class, movement by movement"
            className="flex min-h-0 flex-col bg-list lg:contain-strict lg:rounded-tl-2xl"
        >
            <div
                className="flex h-9 shrink-0 items-center border-b border-hair pr-[15px] text-[0.875rem] font-semibold max-md:hidden"
                aria-hidden="true"
            >
                <span className="flex-1" />
                <span className="relative h-full w-[20rem] leading-9">
                    <span className="absolute left-[33px] font-normal text-ink-soft">60 s</span>
                    <span className="absolute left-[80px]">Left side</span>
                    <span className="absolute right-[76px]">Right side</span>
                    <span className="absolute right-[33px] font-normal text-ink-soft">60 s</span>
                </span>
                <span className="w-[9.25rem] pl-1">
                    {answer.people.length > 0
                        ? `Your ${answer.people.length === 1 ? 'one person' : `${answer.people.length} people`}`
                        : ''}
                </span>
            </div>
            <div ref={listRef} data-keys className="relative min-h-0 flex-1 lg:scroll-pt-11 lg:overflow-y-auto">
                <Starts value={answer.starts}>
                    <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
                        <SortableContext items={ids} strategy={verticalListSortingStrategy}>
                            {answer.plan.sections.map((section) => {
                                const drawn = section.entries.flatMap((entry) => rows.get(entry.id) ?? []);
                                return (
                                    <div key={section.id}>
                                        <div className="sticky top-0 z-20 flex h-11 items-center gap-3 border-b border-hair bg-list pl-3 pr-2">
                                            <h2 className="text-[1.125rem]">{sections.get(section.id)?.name}</h2>
                                            <button
                                                className="button min-h-11 border-none bg-transparent px-2 py-1 text-[0.9375rem] underline decoration-rule underline-offset-4"
                                                onClick={() =>
                                                    onAdd({
                                                        section: section.id,
                                                        index: section.entries.length,
                                                    })
                                                }
                                            >
                                                Add<span className="sr-only"> to {sections.get(section.id)?.name}</span>
                                            </button>
                                            <Suspense fallback={<span className="h-11 w-44 max-md:w-28" />}>
                                                <QuickAdd
                                                    into={sections.get(section.id)?.name ?? ''}
                                                    group={answer.class.group?.id ?? null}
                                                    classId={String(answer.class.id)}
                                                    section={section.id}
                                                    onPick={addQuickly}
                                                />
                                            </Suspense>
                                            <span className="text-[0.9375rem] text-ink-soft" data-worked>
                                                {clock(sections.get(section.id)?.seconds ?? 0)}
                                            </span>
                                        </div>
                                        <ol>{drawSection(section, drawn)}</ol>
                                        {section.entries.length === 0 && (
                                            <button
                                                className="m-3 flex min-h-14 w-[calc(100%-24px)] items-center justify-center gap-3 rounded-xl border-[1.5px] border-dashed border-dash text-ink-soft hover:border-ink hover:text-ink"
                                                onClick={() => onAdd({ section: section.id, index: 0 })}
                                            >
                                                Add the first movement of {sections.get(section.id)?.name}
                                            </button>
                                        )}
                                    </div>
                                );
                            })}
                        </SortableContext>
                    </DndContext>
                </Starts>
            </div>
        </section>
    );
}
