import type { GroupsAnswer } from '../../api/types/answer-groups';
import { vocabulary } from '../../api/types/words';

export type PersonRow = GroupsAnswer['groups'][number]['people'][number];
export type Person = PersonRow['person'];
export type Noted = NonNullable<Person['precautions']>[number];
export type Range = NonNullable<Person['ranges']>[number];
export type Weak = NonNullable<Person['weak']>[number];

export const bases = vocabulary.base;
export const sides = [['', 'Both sides'], ...vocabulary.side] as const;
