import { act } from 'react';
import { describe, expect, it } from 'vitest';
import type { BodyUse } from '../../../api/types/movement';
import { ownPage } from '../../../testing/ownPage';
import { BodyQuestions } from './BodyQuestions';

const own = ownPage();
const steps = [
    { id: 'in', cue: { first: 'In, lift the brows.' } },
    { id: 'out', cue: { first: '' } },
];
let body: BodyUse;

const draw = () =>
    own.draw(
        <BodyQuestions
            body={body}
            steps={steps}
            onChange={(changed) => {
                body = changed;
                draw();
            }}
        />,
    );
const open = (begins: BodyUse) => {
    body = begins;
    draw();
};
const field = (label: string) =>
    [...own.page.querySelectorAll('label')].find((one) => one.textContent.startsWith(label))
        ?.control as HTMLSelectElement;
const choose = (label: string, value: string) =>
    act(() => {
        field(label).value = value;
        field(label).dispatchEvent(new Event('change', { bubbles: true }));
    });
const press = (words: string) =>
    act(() => [...own.page.querySelectorAll('button')].find((one) => one.textContent === words)?.click());

describe('what a body does besides its shape', () => {
    it('asks of eyes and mouth only where they move, then in every step by its words', () => {
        open({ effort: [] });
        expect(field('In, lift the brows.')).toBeUndefined();
        press('They do');
        expect(body).toEqual({ effort: [], face: { in: 'still', out: 'still' } });

        choose('In, lift the brows.', 'brows-up');
        choose('A step without words', 'jaw-loose');
        expect(body.face).toEqual({ in: 'brows-up', out: 'jaw-loose' });
    });

    it('forgets them again, and nothing else with them', () => {
        open({ hands: [{ who: 'both', on: 'face' }], face: { in: 'smile', out: 'still' } });
        press('They do not');
        expect(body).toEqual({ hands: [{ who: 'both', on: 'face' }] });
    });

    it('lays elbows on something, and forgets of it when none lies any more', () => {
        open({ hands: [] });
        press('An elbow lies on something');
        choose('Lies on', 'cushion');
        expect(body).toEqual({ hands: [], elbows: [{ who: 'both', on: 'cushion' }] });

        press('Remove');
        expect(body).toEqual({ hands: [] });
    });

    it('keeps where one hand lies when the other is moved', () => {
        open({
            hands: [
                { who: 'work', on: 'thigh' },
                { who: 'other', on: 'seat', bears: true },
            ],
        });
        choose('On', 'knee');
        expect(body.hands).toEqual([
            { who: 'work', on: 'knee' },
            { who: 'other', on: 'seat', bears: true },
        ]);
    });
});
