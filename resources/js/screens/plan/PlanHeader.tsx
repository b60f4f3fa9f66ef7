import { Menu, MenuButton } from '@headlessui/react';
import { memo } from 'react';
import { Link } from 'react-router';
import type { Doing } from '../../parts/actions';
import { MenuChoices } from '../../parts/MenuChoices';
import { Sign } from '../../parts/Shell';
import { dayAndHour, hour } from '../../parts/time';
import { sheetUrl } from './panels';
import type { ShownPlan } from './shown';
import type { PlanState } from './usePlan';

interface Props {
    classId: string;
    answer: ShownPlan;
    isUnsaved: boolean;
    canUndo: boolean;
    canRedo: boolean;
    saveNow: () => void;
    step: PlanState['step'];
    /** what the menu offers */
    actions: readonly Doing[];
    onLead: () => void;
}

/** The class, how it is saved, and what can be done with it as a whole. */
export function PlanHeader({ classId, answer, isUnsaved, canUndo, canRedo, saveNow, step, actions, onLead }: Props) {
    const sheet = sheetUrl(classId);
    return (
        <header className="flex min-h-14 flex-wrap items-center gap-x-3 gap-y-1 px-4 pt-1.5 lg:flex-nowrap">
            <Link
                to="/"
                className="flex min-h-11 min-w-11 shrink-0 items-center gap-2.5 rounded-lg font-bold lg:w-[12.25rem]"
                aria-label="Kind Chair, to your classes"
            >
                <Sign />
                <span className="max-md:hidden">Kind Chair</span>
            </Link>
            <h1 className="min-w-0 shrink-0 truncate text-[1.5rem] max-md:shrink max-md:text-[1.1875rem]">
                {answer.class.title}
            </h1>
            <p className="mr-auto min-w-0 flex-1 truncate text-[0.9375rem] text-ink-soft max-lg:hidden">
                {[answer.class.startsAt && dayAndHour(answer.class.startsAt), answer.class.place]
                    .filter(Boolean)
                    .join(', ')}
            </p>
            {answer.isWaiting && !isUnsaved && (
                <span className="late shrink-0 text-[0.9375rem] text-ink-soft max-lg:hidden">Working it out …</span>
            )}
            <span className="shrink-0 text-[0.9375rem] text-ink-soft max-lg:ml-auto">
                {isUnsaved ? (
                    <button className="rounded-lg bg-butter px-3 py-2 font-semibold text-ink" onClick={saveNow}>
                        Not saved{answer.savedAt ? ` since ${hour(answer.savedAt)}` : ''}. Try again
                    </button>
                ) : (
                    answer.savedAt && `Saved ${hour(answer.savedAt)}`
                )}
            </span>
            <span className="flex shrink-0">
                <button className="button button-quiet px-3" disabled={!canUndo} onClick={() => void step('undo')}>
                    Undo
                </button>
                <button
                    className="button button-quiet px-3 max-md:hidden"
                    disabled={!canRedo}
                    onClick={() => void step('redo')}
                >
                    Redo
                </button>
                <More actions={actions} />
            </span>
            <a className="button shrink-0 px-3 max-md:hidden" href={sheet}>
                Print cue sheet
            </a>
            <button className="button button-main shrink-0" onClick={onLead} disabled={answer.entries.length === 0}>
                <span className="max-md:hidden">Lead this class</span>
                <span className="md:hidden">Lead</span>
            </button>
        </header>
    );
}

/** What can be done besides; with a change of the class it stays as it is. */
const More = memo(function More({ actions }: { actions: readonly Doing[] }) {
    return (
        <Menu>
            <MenuButton className="button button-quiet px-3">More</MenuButton>
            <MenuChoices anchor="bottom end" choices={actions} />
        </Menu>
    );
});
