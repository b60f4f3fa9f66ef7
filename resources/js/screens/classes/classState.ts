import type { ClassesAnswer } from '../../api/types/answer-classes';

export type ClassRow = ClassesAnswer['classes'][number];

/** What is left to settle, in a few words. */
export function classState(row: ClassRow): string {
    if (row.planned === 0) {
        return 'nothing planned yet';
    }
    return row.findings === 0 ? 'nothing to settle' : `${row.findings} to settle`;
}
