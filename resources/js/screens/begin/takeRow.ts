import type { PlanDocument } from '../plan/usePlan';
import { insertEntry } from '../plan/edits';

/** A class with one row of a completed one: behind the same row that it stands behind there. */
export function takeRow(plan: PlanDocument, completed: PlanDocument, entryId: string): PlanDocument {
    const from = completed.sections.find(({ entries }) => entries.some(({ id }) => id === entryId));
    const into = plan.sections.find(({ id }) => id === from?.id);
    const entry = from?.entries.find(({ id }) => id === entryId);
    if (!from || !into || !entry) {
        return plan;
    }
    const before = from.entries.slice(0, from.entries.indexOf(entry)).map(({ id }) => id);
    const index = into.entries.reduce((after, { id }, at) => (before.includes(id) ? at + 1 : after), 0);
    return insertEntry(plan, into.id, index, entry);
}
