import { beforeEach, expect, it } from 'vitest';
import { keep, readKept } from './kept';

const as = (owner: string) => (document.head.innerHTML = `<meta name="owner" content="${owner}">`);

beforeEach(() => {
    localStorage.clear();
    sessionStorage.clear();
});

it('keeps for whom it was kept and for nobody else', () => {
    as('demo:1');
    keep('plan:1', { revision: 3 });
    as('own:1');
    expect(readKept('plan:1')).toBeNull();
    as('demo:2');
    expect(readKept('plan:1')).toBeNull();
    as('demo:1');
    expect(readKept('plan:1')).toEqual({ revision: 3 });
    keep('plan:1', null);
    expect(readKept('plan:1')).toBeNull();
});

it('keeps in the tab apart from the device, and reads nothing out of what is damaged', () => {
    as('demo:1');
    keep('note:1', 'typed', 'tab');
    expect([readKept('note:1'), readKept('note:1', 'tab')]).toEqual([null, 'typed']);
    localStorage.setItem('kind-chair:demo:1:note:2', '{"half');
    expect(readKept('note:2')).toBeNull();
});
