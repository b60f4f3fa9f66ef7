import { without } from '../../../parts/without';
import type { Draft } from './draft';

export type ForBase = NonNullable<Draft['forBase']>;
export type Who = keyof ForBase;

/** What somebody on a base is told; nothing where they hear what everybody hears. */
export function sayOf(forBase: ForBase | undefined, who: Who): string {
    const words = forBase?.[who];
    return (typeof words === 'string' ? words : words?.say) ?? '';
}

/** The same with another line for one base; what a class there is told besides is kept. */
export function saying(forBase: ForBase | undefined, who: Who, text: string): ForBase {
    const { [who]: words, ...others } = forBase ?? {};
    const kept = typeof words === 'object' ? words : {};
    const rest = without(kept, 'say');
    const isAlone = Object.keys(rest).length === 0;
    if (isAlone && text === '') {
        return others;
    }
    return { ...others, [who]: isAlone ? text : text === '' ? rest : { ...rest, say: text } };
}

/** What the figure takes from the line of a base: where hands and elbows lie, or all that is done lying flat. */
export function drawnBy(forBase: ForBase | undefined, who: Who): 'arms' | 'shape' | null {
    const words = forBase?.[who];
    if (typeof words !== 'object') {
        return null;
    }
    return words.shape ? 'shape' : words.hands || words.elbows ? 'arms' : null;
}

/** The same with a line that the figure takes nothing from. */
export function undrawn(forBase: ForBase | undefined, who: Who): ForBase {
    const words = forBase?.[who];
    if (typeof words !== 'object') {
        return forBase ?? {};
    }
    const { say = '', ...others } = without(words, 'shape', 'hands', 'elbows');
    return saying({ ...forBase, [who]: others }, who, say);
}
