import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, createRef } from 'react';
import { createRoot } from 'react-dom/client';
import { expect, it, vi } from 'vitest';
import type { LibraryAnswer } from '../../api/types/answer-library';
import type { PlanAnswer, Row } from '../../api/types/answer-plan';
import { ClassList } from './ClassList';
import { changeEntry } from './edits';
import { shown, type ShownPlan } from './shown';

/** Rows in the order in which they were drawn. */
const drawn: string[] = [];
vi.mock('./Sides', () => ({
    Sides: ({ row }: { row: Row }) => {
        drawn.push(row.id);
        return null;
    },
    besideHole: () => '0',
}));
vi.mock('./RowEditor', () => ({ RowEditor: () => null }));
vi.mock('./QuickAdd', () => ({ QuickAdd: () => null }));

const row = (id: string) =>
    ({
        id,
        name: `Name ${id}`,
        dose: '4 breaths',
        zone: null,
        secondZone: null,
        sides: 'midline',
        left: { seconds: 20, breaths: 4 },
        right: { seconds: 20, breaths: 4 },
        missing: null,
        rowsToMove: 0,
        figure: '',
        props: [],
        versions: [],
        variations: [],
        between: [],
        isInterlude: false,
    }) as unknown as Row;
const answer = {
    class: { id: 1, group: null },
    plan: {
        sections: [
            {
                id: 'main',
                kind: 'head-to-toe',
                entries: ['a', 'b', 'c'].map((id) => ({ id, movement: id, variation: '', dose: { breaths: 4 } })),
            },
        ],
    },
    entries: ['a', 'b', 'c'].map(row),
    totals: { sections: [{ id: 'main', name: 'Head to toe', seconds: 60, stripe: [] }], groups: [] },
    starts: { a: 0, b: 20, c: 40 },
    findings: [],
    people: [],
} as unknown as PlanAnswer;

it('draws of a change only the row that changed, also while another one is chosen', async () => {
    vi.stubGlobal('IS_REACT_ACT_ENVIRONMENT', true);
    const root = createRoot(document.createElement('div'));
    const client = new QueryClient();
    const list = createRef<HTMLDivElement>();
    const same = { run: ['a'], edit: vi.fn(), onSelect: vi.fn(), onFill: vi.fn(), onQuick: vi.fn(), onKeep: vi.fn() };
    const look = (seen: ShownPlan) =>
        act(async () =>
            root.render(
                <QueryClientProvider client={client}>
                    <ClassList
                        {...same}
                        answer={seen}
                        library={{ patterns: [], doses: [] } as unknown as LibraryAnswer}
                        selected="a"
                        side={null}
                        zone={null}
                        listRef={list}
                        onAdd={() => undefined}
                        onRemove={() => undefined}
                    />
                </QueryClientProvider>,
            ),
        );
    await look(shown(answer, null, new Map()));
    expect(new Set(drawn)).toEqual(new Set(['a', 'b', 'c']));

    drawn.length = 0;
    const changed = changeEntry(answer.plan, 'b', (one) => ({ ...one, dose: { breaths: 5 } }));
    await look(shown(answer, changed, new Map()));
    // The chosen row has its editor, which is given anew each time; of the others only the one that changed.
    expect(new Set(drawn)).toEqual(new Set(['a', 'b']));
    act(() => root.unmount());
});
