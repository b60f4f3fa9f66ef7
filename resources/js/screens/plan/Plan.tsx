import { closestCenter, DndContext, PointerSensor, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import { SortableContext, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { api } from '../../api/client';
import { useFigures, useLibrary } from '../../api/queries';
import type { MovementCard } from '../../api/types/answer-movements';
import type { Finding, Row } from '../../api/types/answer-plan';
import { Sign } from '../../parts/Shell';
import { Sheet } from '../../parts/Sheet';
import { Trouble, Waiting } from '../../parts/States';
import { clock, dayAndHour, hour } from '../../parts/time';
import { ZoneShape, type ZoneName } from '../../parts/ZoneShape';
import { Bench } from './Bench';
import { BodyMap } from './BodyMap';
import { ClassSettings } from './ClassSettings';
import { without } from '../../parts/without';
import {
    bothSides,
    changeEntry,
    entryOf,
    findEntry,
    insertEntry,
    moveBy,
    moveTo,
    newId,
    placeOf,
    removeEntry,
    stepDose,
    type SideName,
} from './edits';
import { Findings } from './Findings';
import { PeoplePanel } from './PeoplePanel';
import { Picker } from './Picker';
import { RowEditor } from './RowEditor';
import { SpineRow } from './SpineRow';
import { usePlan } from './usePlan';

const keys: [string, string][] = [
    ['Up, Down', 'previous, next movement'],
    ['Left, Right', 'choose the left side, both, the right side'],
    ['+, −', 'one more, one fewer, on the chosen side or on both'],
    ['M', 'make both sides equal'],
    ['Alt+Up, Alt+Down', 'move the movement'],
    ['Enter', 'add after this one'],
    ['Delete', 'take out'],
    ['W', 'go to who does what'],
    ['1, 2, 3', 'settle that finding'],
    ['Ctrl+Z, Ctrl+Shift+Z', 'undo, redo'],
    ['P, L', 'print the cue sheet, lead this class'],
    ['?', 'this list'],
];

export default function Plan() {
    const { classId = '' } = useParams();
    const navigate = useNavigate();
    const library = useLibrary();
    const { answer, error, unsaved, conflict, said, setSaid, load, flush, edit, step, settle } = usePlan(classId);
    const [selected, setSelected] = useState<string | null>(null);
    const [side, setSide] = useState<SideName | null>(null);
    const [zone, setZone] = useState<ZoneName | null>(null);
    const [adding, setAdding] = useState<{ section: string; index: number } | null>(null);
    const [help, setHelp] = useState(false);
    const [settings, setSettings] = useState(false);
    const [busy, setBusy] = useState(false);
    const [sheet, setSheet] = useState<'map' | 'people' | null>(null);
    const list = useRef<HTMLDivElement>(null);
    const panel = useRef<HTMLElement>(null);
    const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));

    const figures = useFigures(answer?.entries.map((row) => row.figure) ?? []);
    const rows = useMemo(() => new Map(answer?.entries.map((row) => [row.id, row])), [answer]);
    const ids = useMemo(() => answer?.entries.map((row) => row.id) ?? [], [answer]);
    const pins = useMemo(() => {
        const byEntry = new Map<string, number[]>();
        answer?.findings.forEach(
            (finding, index) =>
                finding.entry && byEntry.set(finding.entry, [...(byEntry.get(finding.entry) ?? []), index + 1]),
        );
        return byEntry;
    }, [answer]);

    const select = useCallback((id: string | null, focus = false) => {
        setSelected(id);
        setSide(null);
        if (id && focus) {
            // After the row's editor has been drawn, so that it comes into view as well.
            setTimeout(() => {
                const row = list.current?.querySelector<HTMLElement>(`[data-row="${CSS.escape(id)}"]`);
                row?.scrollIntoView({ block: 'nearest' });
                row?.querySelector<HTMLElement>('[data-select]')?.focus({ preventScroll: true });
            }, 30);
        }
    }, []);
    const choose = useCallback((id: string) => select(id), [select]);

    const findings = answer?.findings;
    const remedy = useCallback(
        async (finding: Finding) => {
            setBusy(true);
            const worked = await step('remedies', { finding: finding.key });
            setBusy(false);
            return worked;
        },
        [step],
    );
    const fill = useCallback(
        (id: string) => {
            const finding = findings?.find((one) => one.entry === id && one.kind === 'sides');
            if (finding) {
                void remedy(finding);
            }
        },
        [findings, remedy],
    );

    const lead = useCallback(async () => {
        try {
            const led = await api.post<{ id: number }>(`classes/${classId}/led`);
            void navigate(`/led/${led.id}`);
        } catch (problem) {
            setSaid((problem as Error).message);
        }
    }, [classId, navigate, setSaid]);

    const sheetUrl = `/classes/${classId}/sheet`;
    const act = useCallback(
        (key: string, alt: boolean): boolean => {
            const at = selected ? ids.indexOf(selected) : -1;
            const row = selected ? rows.get(selected) : undefined;
            switch (key) {
                case 'ArrowUp':
                case 'ArrowDown': {
                    const by = key === 'ArrowUp' ? -1 : 1;
                    if (alt && selected) {
                        edit((plan) => moveBy(plan, selected, by));
                        select(selected, true);
                    } else {
                        select(ids[Math.max(0, Math.min(ids.length - 1, at + by))] ?? null, true);
                    }
                    return true;
                }
                case 'ArrowLeft':
                    setSide(side === 'right' ? null : 'left');
                    return row?.sides === 'one-sided';
                case 'ArrowRight':
                    setSide(side === 'left' ? null : 'right');
                    return row?.sides === 'one-sided';
                case '+':
                case '=':
                case '-':
                    if (selected) {
                        edit((plan) =>
                            changeEntry(plan, selected, (entry) =>
                                stepDose(entry, key === '-' ? -1 : 1, row?.sides === 'one-sided' ? side : null),
                            ),
                        );
                    }
                    return selected !== null;
                case 'm':
                    if (selected) {
                        edit((plan) => changeEntry(plan, selected, bothSides));
                    }
                    return true;
                case 'Delete':
                    if (selected) {
                        edit((plan) => removeEntry(plan, selected));
                        select(ids[at + 1] ?? ids[at - 1] ?? null, true);
                    }
                    return true;
                case 'w':
                    panel.current?.focus();
                    return true;
                case 'p':
                    window.open(sheetUrl, '_self');
                    return true;
                case 'l':
                    void lead();
                    return true;
                case '?':
                    setHelp(true);
                    return true;
                case '1':
                case '2':
                case '3':
                    document
                        .querySelector<HTMLElement>(
                            `[data-finding="${CSS.escape(findings?.[Number(key) - 1]?.key ?? '')}"]`,
                        )
                        ?.focus();
                    return true;
                default:
                    return false;
            }
        },
        [edit, findings, ids, lead, rows, select, selected, sheetUrl, side],
    );

    useEffect(() => {
        const press = (event: KeyboardEvent) => {
            const target = event.target as HTMLElement;
            if (target.closest('input, textarea, select, [role="dialog"], [role="menu"]')) {
                return;
            }
            if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z') {
                event.preventDefault();
                void step(event.shiftKey ? 'redo' : 'undo');
                return;
            }
            if (event.ctrlKey || event.metaKey) {
                return;
            }
            if (event.key === 'Enter' && target.matches('[data-select]') && selected) {
                const place = answer ? placeOf(answer.plan, selected) : null;
                const section = place && answer?.plan.sections[place.section];
                if (place && section && target.getAttribute('aria-pressed') === 'true') {
                    event.preventDefault();
                    setAdding({ section: section.id, index: place.index + 1 });
                }
                return;
            }
            if (act(event.key.length === 1 ? event.key.toLowerCase() : event.key, event.altKey)) {
                event.preventDefault();
            }
        };
        window.addEventListener('keydown', press);
        return () => window.removeEventListener('keydown', press);
    }, [act, answer, selected, step]);

    const ready = answer !== null && library.data !== undefined;
    useEffect(() => {
        // Begin where something wants settling, so that the first look falls on it.
        const first = findings?.find((finding) => finding.entry)?.entry ?? ids[0];
        if (ready && first) {
            // On narrow screens the page itself scrolls; there it stays at its top.
            queueMicrotask(() => select(first, window.matchMedia('(min-width: 1024px)').matches));
        }
        // Only once, when the class has come.
        // eslint-disable-next-line react-hooks/exhaustive-deps
    }, [ready]);

    useEffect(() => {
        if (answer) {
            document.title = `${answer.class.title} · Kind Chair`;
        }
    }, [answer]);

    const drop = ({ active, over }: DragEndEvent) => {
        const to = over && answer ? placeOf(answer.plan, String(over.id)) : null;
        if (!answer || !to || active.id === over?.id) {
            return;
        }
        const from = placeOf(answer.plan, String(active.id));
        const section = answer.plan.sections[to.section];
        if (from && section) {
            // Dropped on a later row of another section: behind it, so that the end can be reached.
            edit((plan) =>
                moveTo(plan, String(active.id), section.id, from.section < to.section ? to.index + 1 : to.index),
            );
        }
    };

    const pick = (movement: MovementCard) => {
        if (adding) {
            const entry = entryOf(movement);
            edit((plan) => insertEntry(plan, adding.section, adding.index, entry));
            setAdding(null);
            select(entry.id, true);
        }
    };

    const idea = () => {
        const movement = answer?.idea ? { ...answer.idea, id: answer.idea.movement } : undefined;
        const main = answer?.plan.sections.find((section) => section.kind === 'head-to-toe');
        if (movement && main) {
            const place = selected && answer ? placeOf(answer.plan, selected) : null;
            const inMain = place && answer?.plan.sections[place.section]?.id === main.id;
            const entry = entryOf(movement);
            edit((plan) => insertEntry(plan, main.id, inMain ? place.index + 1 : main.entries.length, entry));
            select(entry.id, true);
        }
    };

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

    const selectedRow = selected ? rows.get(selected) : undefined;
    const selectedSection =
        answer.plan.sections.find((section) => section.entries.some((entry) => entry.id === selected))?.id ?? null;
    const names = Object.fromEntries(answer.totals.sections.map((section) => [section.id, section]));
    const map = <BodyMap answer={answer} zone={zone} onZone={setZone} onIdea={idea} />;
    const peoplePanel = <PeoplePanel answer={answer} row={selectedRow} />;
    const download = (people: boolean) =>
        window.open(`/api/classes/${classId}/file${people ? '?people=1' : ''}`, '_self');
    const toggleRound = (id: string) => {
        edit((plan) => {
            const place = placeOf(plan, id);
            const section = place && plan.sections[place.section];
            const entry = findEntry(plan, id);
            const next = place && section?.entries[place.index + 1];
            if (entry?.round) {
                const round = entry.round;
                return {
                    ...plan,
                    sections: plan.sections.map((one) => ({
                        ...one,
                        entries: one.entries.map((e) => (e.round === round ? without(e, 'round') : e)),
                    })),
                };
            }
            if (!next) {
                return plan;
            }
            const round = next.round ?? newId();
            return changeEntry(
                changeEntry(plan, id, (e) => ({ ...e, round })),
                next.id,
                (e) => ({ ...e, round }),
            );
        });
    };

    const drawRow = (row: Row, index: number, all: Row[]) => {
        const entry = findEntry(answer.plan, row.id);
        const isSelected = row.id === selected;
        return (
            <SpineRow
                key={row.id}
                row={row}
                shapes={figures[row.figure]}
                selected={isSelected}
                dimmed={zone !== null && row.zone !== zone && row.secondZone !== zone}
                chosen={isSelected && row.sides === 'one-sided' ? side : null}
                pins={pins.get(row.id) ?? []}
                before={answer.entries[ids.indexOf(row.id) - 1]?.zone}
                after={all[index + 1] ? all[index + 1]?.zone : undefined}
                onSelect={choose}
                onFill={fill}
            >
                {entry?.round && (
                    <span className="absolute left-1 top-1 rounded bg-channel px-1.5 text-[13px] font-semibold">
                        round
                    </span>
                )}
                {isSelected && entry && (
                    <RowEditor
                        entry={entry}
                        row={row}
                        findings={answer.findings.filter((finding) => finding.entry === row.id)}
                        side={row.sides === 'one-sided' ? side : null}
                        patterns={library.data.patterns}
                        settingsFirst={answer.plan.settings?.firstSide ?? 'left'}
                        inRound={entry.round !== undefined}
                        onChange={(change) => edit((plan) => changeEntry(plan, row.id, change))}
                        onMove={(by) => edit((plan) => moveBy(plan, row.id, by))}
                        onRemove={() => act('Delete', false)}
                        onRound={() => toggleRound(row.id)}
                    />
                )}
            </SpineRow>
        );
    };

    return (
        <main className="flex min-h-screen flex-col lg:h-screen lg:overflow-hidden">
            <header className="flex min-h-14 flex-wrap items-center gap-x-3 gap-y-1 px-4 pt-1.5 lg:flex-nowrap">
                <Link
                    to="/"
                    className="flex min-h-11 shrink-0 items-center gap-2.5 rounded-lg font-bold lg:w-[196px]"
                    aria-label="Kind Chair, to your classes"
                >
                    <Sign />
                    <span className="max-md:hidden">Kind Chair</span>
                </Link>
                <h1 className="min-w-0 shrink-0 truncate text-[24px] max-md:shrink max-md:text-[19px]">
                    {answer.class.title}
                </h1>
                <p className="mr-auto min-w-0 flex-1 truncate text-[15px] text-ink-soft max-lg:hidden">
                    {[answer.class.startsAt && dayAndHour(answer.class.startsAt), answer.class.place]
                        .filter(Boolean)
                        .join(', ')}
                </p>
                <span aria-live="polite" className="shrink-0 text-[15px] text-ink-soft max-lg:ml-auto">
                    {unsaved ? (
                        <button
                            className="rounded-lg bg-butter px-3 py-2 font-semibold text-ink"
                            onClick={() => void flush()}
                        >
                            Not saved{answer.savedAt ? ` since ${hour(answer.savedAt)}` : ''}. Try again
                        </button>
                    ) : (
                        answer.savedAt && `Saved ${hour(answer.savedAt)}`
                    )}
                </span>
                <span className="flex shrink-0">
                    <button
                        className="button button-quiet px-3"
                        disabled={!answer.canUndo}
                        onClick={() => void step('undo')}
                    >
                        Undo
                    </button>
                    <button
                        className="button button-quiet px-3 max-md:hidden"
                        disabled={!answer.canRedo}
                        onClick={() => void step('redo')}
                    >
                        Redo
                    </button>
                    <Menu>
                        <MenuButton className="button button-quiet px-3">More</MenuButton>
                        <MenuItems
                            anchor="bottom end"
                            className="z-30 w-64 rounded-2xl border-[1.5px] border-rule bg-white p-2 [--anchor-gap:6px]"
                        >
                            {(
                                [
                                    ['How this class is taught', () => setSettings(true)],
                                    ['Who does what', () => void navigate(`/classes/${classId}/who`)],
                                    ['Check before class', () => void navigate(`/classes/${classId}/readiness`)],
                                    ['Print in large letters', () => window.open(`${sheetUrl}?large=1`, '_self')],
                                    ['Save as a file', () => download(false)],
                                    ['Save as a file, with people', () => download(true)],
                                    ['Keys for this screen', () => setHelp(true)],
                                ] as [string, () => void][]
                            ).map(([name, run]) => (
                                <MenuItem key={name}>
                                    <button
                                        className="flex min-h-11 w-full items-center rounded-lg px-3 text-left data-focus:bg-channel"
                                        onClick={run}
                                    >
                                        {name}
                                    </button>
                                </MenuItem>
                            ))}
                        </MenuItems>
                    </Menu>
                </span>
                <a className="button shrink-0 px-3 max-md:hidden" href={sheetUrl}>
                    Print cue sheet
                </a>
                <button
                    className="button button-main shrink-0"
                    onClick={() => void lead()}
                    disabled={answer.entries.length === 0}
                >
                    <span className="max-md:hidden">Lead this class</span>
                    <span className="md:hidden">Lead</span>
                </button>
            </header>
            {said && (
                <p role="alert" className="mx-4 mt-1 flex items-center gap-3 rounded-xl bg-butter px-4 py-2">
                    <span className="mr-auto">{said}</span>
                    <button className="button min-h-9 py-1" onClick={() => setSaid(null)}>
                        Good
                    </button>
                </p>
            )}
            <Bench
                totals={answer.totals}
                current={selectedSection}
                onChoose={(id) => {
                    const first = answer.plan.sections.find((section) => section.id === id)?.entries[0];
                    if (first) {
                        select(first.id, true);
                    } else {
                        setAdding({ section: id, index: 0 });
                    }
                }}
            />
            <Findings
                answer={answer}
                onRemedy={remedy}
                onUndo={() => void step('undo')}
                onShow={(id) => select(id, true)}
                busy={busy}
            />
            <div className="flex gap-2 px-4 pb-2 lg:hidden">
                <button className="button flex-1 px-2" onClick={() => setSheet('map')}>
                    {answer.zones.map((one) => (
                        <ZoneShape
                            key={one.zone}
                            zone={one.zone}
                            size={14}
                            className={one.seconds > 0 ? '' : 'opacity-25'}
                        />
                    ))}
                    <span className="max-md:sr-only">
                        {Object.values(answer.spine).filter((seconds) => seconds > 0).length} of 6 directions
                    </span>
                </button>
                <button className="button flex-1" onClick={() => setSheet('people')} disabled={!selectedRow}>
                    Who does what
                </button>
            </div>
            <div className="min-h-0 flex-1 lg:grid lg:grid-cols-[220px_minmax(0,1fr)_296px]">
                <aside aria-label="Where the minutes go" className="overflow-y-auto pl-4 pr-2 pt-0.5 max-lg:hidden">
                    {map}
                </aside>
                <section
                    aria-label="The class, movement by movement"
                    className="flex min-h-0 flex-col bg-list lg:rounded-tl-2xl"
                >
                    <div
                        className="flex h-9 shrink-0 items-center border-b border-hair pr-[15px] text-[14px] font-semibold max-md:hidden"
                        aria-hidden="true"
                    >
                        <span className="flex-1" />
                        <span className="relative h-full w-[320px] leading-9">
                            <span className="absolute left-[33px] font-normal text-ink-soft">60 s</span>
                            <span className="absolute left-[80px]">Left side</span>
                            <span className="absolute right-[76px]">Right side</span>
                            <span className="absolute right-[33px] font-normal text-ink-soft">60 s</span>
                        </span>
                        <span className="w-[148px] pl-1">
                            {answer.people.length > 0
                                ? `Your ${answer.people.length === 1 ? 'one person' : `${answer.people.length} people`}`
                                : ''}
                        </span>
                    </div>
                    <div ref={list} className="relative min-h-0 flex-1 lg:overflow-y-auto">
                        <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
                            <SortableContext items={ids} strategy={verticalListSortingStrategy}>
                                {answer.plan.sections.map((section) => {
                                    const drawn = section.entries.flatMap((entry) => rows.get(entry.id) ?? []);
                                    return (
                                        <div key={section.id}>
                                            <div className="sticky top-0 z-20 flex h-11 items-center gap-3 border-b border-hair bg-list pl-3 pr-2">
                                                <h2 className="text-[18px]">{names[section.id]?.name}</h2>
                                                <button
                                                    className="button min-h-11 border-none bg-transparent px-2 py-1 text-[15px] underline decoration-rule underline-offset-4"
                                                    onClick={() =>
                                                        setAdding({
                                                            section: section.id,
                                                            index: section.entries.length,
                                                        })
                                                    }
                                                >
                                                    Add<span className="sr-only"> to {names[section.id]?.name}</span>
                                                </button>
                                                <span className="text-[15px] text-ink-soft">
                                                    {clock(names[section.id]?.seconds ?? 0)}
                                                </span>
                                            </div>
                                            <ol>{drawn.map(drawRow)}</ol>
                                            {section.entries.length === 0 && (
                                                <button
                                                    className="m-3 flex min-h-14 w-[calc(100%-24px)] items-center justify-center gap-3 rounded-xl border-[1.5px] border-dashed border-dash text-ink-soft hover:border-ink hover:text-ink"
                                                    onClick={() => setAdding({ section: section.id, index: 0 })}
                                                >
                                                    Add the first movement of {names[section.id]?.name}
                                                </button>
                                            )}
                                        </div>
                                    );
                                })}
                            </SortableContext>
                        </DndContext>
                    </div>
                </section>
                <aside
                    aria-label="Who does what"
                    ref={panel}
                    tabIndex={-1}
                    className="overflow-y-auto border-l-2 border-ink bg-white px-4 py-3 max-lg:hidden"
                >
                    {peoplePanel}
                </aside>
            </div>

            {adding && (
                <Picker
                    into={names[adding.section]?.name ?? 'the class'}
                    group={answer.class.group?.id ?? null}
                    onPick={pick}
                    onClose={() => setAdding(null)}
                />
            )}
            <Sheet title="Minutes and directions" open={sheet === 'map'} onClose={() => setSheet(null)}>
                {map}
            </Sheet>
            <Sheet title="Who does what" open={sheet === 'people'} onClose={() => setSheet(null)}>
                {peoplePanel}
            </Sheet>
            {settings && (
                <ClassSettings
                    plan={answer.plan}
                    patterns={library.data.patterns}
                    onChange={edit}
                    onClose={() => setSettings(false)}
                />
            )}
            <Sheet title="Keys for this screen" open={help} onClose={() => setHelp(false)}>
                <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-2">
                    {keys.map(([key, does]) => (
                        <div key={key} className="contents">
                            <dt className="font-bold">{key}</dt>
                            <dd>{does}</dd>
                        </div>
                    ))}
                </dl>
            </Sheet>
            {conflict && (
                <Sheet title="Two versions of this class" open onClose={() => void settle(false)}>
                    <p className="mb-4">
                        This class was changed in another window while you were working here. Both versions are kept.
                        Which one would you like to go on with?
                    </p>
                    <div className="grid gap-3">
                        <button className="button button-main min-h-16" onClick={() => void settle(true)}>
                            Mine, from this window:{' '}
                            {conflict.yourPlan.sections.reduce((sum, section) => sum + section.entries.length, 0)}{' '}
                            movements
                        </button>
                        <button className="button min-h-16" onClick={() => void settle(false)}>
                            The other one: {conflict.theirs.entries.length} movements,{' '}
                            {clock(conflict.theirs.totals.planned)}
                        </button>
                    </div>
                    <p className="mt-4 text-[15px] text-ink-soft">
                        You can come back to the version from before with Undo.
                    </p>
                </Sheet>
            )}
        </main>
    );
}
