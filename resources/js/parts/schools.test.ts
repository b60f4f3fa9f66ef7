import { describe, expect, it } from 'vitest';
import type { PlanSettings } from '../api/types/plan';
import { answered, ASKED, SUBJECTS, type School } from './schools';

const all = SUBJECTS.flatMap(({ schools }) => schools);
const called = (name: string): School => {
    const found = all.find((school) => school.name === name);
    if (!found) {
        throw new Error(`There is no question called ${name}.`);
    }
    return found;
};

describe('a question on which teachers differ', () => {
    it('has an answer where nothing is chosen, and explains itself in two sentences', () => {
        for (const school of all) {
            const values = school.options({}).map(([value]) => value);
            expect(values, school.name).toContain(school.of({}));
            expect(new Set(values).size, school.name).toBe(values.length);
            expect(school.why.match(/[.?!](\s|$)/g)?.length, school.name).toBe(2);
        }
        expect(new Set(all.map(({ name }) => name)).size).toBe(all.length);
    });

    it('says back what was answered, and writes nothing down for what is usual', () => {
        for (const school of all) {
            for (const [value] of school.options({})) {
                const settings = answered({ speechRate: 1.7 }, school, value);
                expect(school.of(settings), `${school.name}: ${value}`).toBe(value);
                expect(settings.speechRate).toBe(1.7);
            }
            const [usual, other] = [
                school.of({}),
                school.options({}).find(([value]) => value !== school.of({}))?.[0] ?? '',
            ];
            const back = answered(answered({}, school, other), school, usual);
            expect(Object.values(back).every((one) => one !== undefined)).toBe(true);
            expect(school.of(back)).toBe(usual);
        }
        expect(answered({}, called('Shapes are held'), 'usual')).toEqual({});
        expect(answered({ holds: 'long' }, called('Shapes are held'), 'usual')).toEqual({});
    });

    it('adds what is left out to what else is, and takes only its own back', () => {
        const before: PlanSettings = { never: ['standing', 'deep-fold'] };
        const left = answered(before, called('Folds'), 'left');
        expect(left.never).toEqual(['standing', 'deep-fold', 'head-low']);
        expect(called('Folds').of(before)).toBe('taught');
        expect(called('Folds').of(left)).toBe('left');
        expect(answered(left, called('Folds'), 'taught').never).toEqual(['standing']);
        expect(answered({ never: ['neck-circle'] }, called('Neck'), 'taught')).toEqual({});
        expect(ASKED).toContain('head-low');
        expect(ASKED).not.toContain('standing');
    });

    it('offers an order of one\u2019s own only to who has one', () => {
        const values = (settings: PlanSettings) =>
            called('Order of the main part')
                .options(settings)
                .map(([value]) => value);
        expect(values({})).not.toContain('own');
        expect(values({ order: 'own' })).toContain('own');
    });
});
