import { act } from 'react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Refusal } from '../api/client';
import { ownPage } from '../testing/ownPage';
import { useSubmit, type Given } from './useSubmit';

const own = ownPage();
/** What was sent, and how each is answered. */
let sent: { given: Record<string, string>; done: () => void; fail: (error: Error) => void }[];

function send(given: Given): Promise<void> {
    return new Promise((done, fail) => {
        sent.push({ given: { name: given('name'), age: given('age') }, done, fail });
    });
}

function Form() {
    const { errors, problem, busy, onSubmit } = useSubmit(send);
    return (
        <form onSubmit={onSubmit} data-busy={busy}>
            <input name="name" defaultValue=" Rosa " />
            <input name="age" defaultValue="81" aria-invalid={errors.age ? true : undefined} />
            {errors.age && <p id="age">{errors.age}</p>}
            {problem && (
                <p data-problem tabIndex={-1}>
                    {problem}
                </p>
            )}
        </form>
    );
}

const form = () => own.page.querySelector('form') as HTMLFormElement;
const submit = () => act(() => form().dispatchEvent(new Event('submit', { bubbles: true, cancelable: true })));

beforeEach(() => {
    Element.prototype.scrollIntoView = vi.fn();
    sent = [];
    own.draw(<Form />);
});

describe('a form', () => {
    it('is sent once, however often it is pressed while it is on its way, and again afterwards', async () => {
        submit();
        submit();
        expect(sent.map(({ given }) => given)).toEqual([{ name: 'Rosa', age: '81' }]);
        expect(form().dataset.busy).toBe('true');

        await act(async () => sent[0]?.done());
        expect(form().dataset.busy).toBe('false');
        submit();
        expect(sent).toHaveLength(2);
    });

    it('brings the first field that was refused into view, with its own sentence and no other', async () => {
        submit();
        await act(async () =>
            sent[0]?.fail(new Refusal(422, 'Two things are wrong.', { errors: { age: ['A number, please.'] } })),
        );
        expect(own.page.querySelector('#age')?.textContent).toBe('A number, please.');
        expect(own.page.querySelector('[data-problem]')).toBeNull();
        expect(document.activeElement).toBe(form().elements.namedItem('age'));

        // What was typed is still there, and the sentence goes with the next try that works.
        expect((form().elements.namedItem('age') as HTMLInputElement).value).toBe('81');
        submit();
        await act(async () => sent[1]?.done());
        expect(own.page.querySelector('#age')).toBeNull();
    });

    it('says what has no field of its own as a sentence, and brings that into view', async () => {
        submit();
        await act(async () =>
            sent[0]?.fail(new Refusal(422, 'The group is full.', { errors: { group: ['It is full.'] } })),
        );
        expect(own.page.querySelector('[data-problem]')?.textContent).toBe('The group is full.');
        expect(document.activeElement).toBe(own.page.querySelector('[data-problem]'));
    });

    it('says so when there was no connection', async () => {
        submit();
        await act(async () => sent[0]?.fail(new Error('There is no connection just now.')));
        expect(own.page.querySelector('[data-problem]')?.textContent).toBe('There is no connection just now.');
        expect(form().dataset.busy).toBe('false');
    });
});
