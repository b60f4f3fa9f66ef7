import { describe, expect, it } from 'vitest';
import type { PlanDocument } from '../plan/usePlan';
import { takeRow } from './takeRow';

const plan = (...sections: string[][]) =>
    ({
        sections: sections.map((entries, at) => ({ id: `s${at}`, entries: entries.map((id) => ({ id })) })),
    }) as unknown as PlanDocument;
const ids = ({ sections }: PlanDocument) => sections.map(({ entries }) => entries.map(({ id }) => id));

describe('one row of a completed class', () => {
    it('goes behind the row that it stands behind there, whatever else was made between', () => {
        expect(ids(takeRow(plan(['a'], ['b', 'c']), plan(['a', 'x'], ['y', 'b', 'z', 'w', 'c']), 'w'))).toEqual([
            ['a'],
            ['b', 'w', 'c'],
        ]);
    });

    it('goes first where nothing is before it', () => {
        expect(ids(takeRow(plan([], ['b']), plan(['x', 'y'], ['b']), 'y'))).toEqual([['y'], ['b']]);
    });

    it('changes nothing when it is not there', () => {
        expect(ids(takeRow(plan(['a']), plan(['a', 'x']), 'q'))).toEqual([['a']]);
    });
});
