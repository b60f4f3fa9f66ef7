import type { ZoneName } from '../../parts/ZoneShape';

/** What a class is to be, as the page holds it. */
export interface Wish {
    purposes: string[];
    zones: Partial<Record<ZoneName, number>>;
    must: { id: string; name: string }[];
    never: { id: string; name: string }[];
    standing: boolean;
    seed: number;
}

export const NO_WISH: Wish = { purposes: [], zones: {}, must: [], never: [], standing: false, seed: 1 };

/** What is asked of the server. */
export function asked(
    wish: Wish,
    of: { class?: number; group?: number | null; venue?: number | null; minutes?: number },
) {
    return {
        ...of,
        purposes: wish.purposes,
        zones: wish.zones,
        must: wish.must.map(({ id }) => id),
        never: wish.never.map(({ id }) => id),
        standing: wish.standing,
        seed: wish.seed,
    };
}

/** A row that is pressed is kept; pressed again it is left out; once more, and nothing is asked of it. */
export function pressed(wish: Wish, one: { id: string; name: string }): Wish {
    const without = (all: Wish['must']) => all.filter(({ id }) => id !== one.id);
    if (wish.must.some(({ id }) => id === one.id)) {
        return { ...wish, must: without(wish.must), never: [...wish.never, one] };
    }
    if (wish.never.some(({ id }) => id === one.id)) {
        return { ...wish, never: without(wish.never) };
    }
    return { ...wish, must: [...wish.must, one] };
}
