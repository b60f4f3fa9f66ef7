import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import type { Doing } from '../../parts/actions';
import { sheetUrl, type Panel } from './panels';

/** What can be done with a class as a whole: in the menu, and found by words. The same list for as long as what it is given is the same. */
export function usePlanActions(classId: string, open: (panel: Panel) => void, find: () => void): Doing[] {
    const navigate = useNavigate();
    return useMemo(() => actionsOf(classId, open, find, (to) => void navigate(to)), [classId, open, find, navigate]);
}

function actionsOf(classId: string, open: (panel: Panel) => void, find: () => void, go: (to: string) => void): Doing[] {
    const page = (address: string) => () => window.open(address, '_self');
    return [
        { name: 'Find', words: 'search', go: find },
        { name: 'How this class is taught', words: 'settings breath order minutes slot', go: () => open('settings') },
        { name: 'Rehearse this class', words: 'simulate time', go: () => open('rehearsal') },
        { name: 'Shorter or longer', words: 'trim cut stretch minutes', go: () => open('trim') },
        {
            name: 'Complete it for me',
            words: 'compose fill make',
            go: () => go(`/classes/${classId}/fill`),
        },
        { name: 'Beside another class', words: 'compare', go: () => open('compare') },
        { name: 'Who does what', words: 'people matrix versions', go: () => go(`/classes/${classId}/who`) },
        {
            name: 'Check before class',
            words: 'readiness pain today',
            go: () => go(`/classes/${classId}/readiness`),
        },
        { name: 'Print in large letters', words: 'cue sheet paper', go: page(`${sheetUrl(classId)}?large=1`) },
        { name: 'Save as a file', words: 'export download', go: page(`/api/classes/${classId}/file`) },
        {
            name: 'Save as a file, with people',
            words: 'export download',
            go: page(`/api/classes/${classId}/file?people=1`),
        },
        { name: 'Earlier versions', words: 'history undo back', go: () => open('versions') },
        { name: 'Keys for this screen', words: 'keyboard shortcuts', go: () => open('keys') },
    ];
}
