import { without } from '../../../parts/without';
import type { Draft } from './draft';

type ForBase = NonNullable<Draft['forBase']>;
type Who = keyof ForBase;

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
