/** Something that can be found by words and done or gone to. */
export interface Doing {
    name: string;
    /** other words by which it is looked for */
    words?: string;
    more?: string;
    go: () => void;
}

/** Pages and what is done on them, by the words one would look for them with. */
export const PAGES: readonly { name: string; words: string; to: string }[] = [
    { name: 'New class', words: 'plan make compose begin', to: '/classes/new' },
    { name: 'My classes', words: 'home week', to: '/' },
    { name: 'Add a person', words: 'participant group who comes', to: '/people' },
    { name: 'My own movement', words: 'make draw pose', to: '/movements/own/new' },
    { name: 'All movements', words: 'library exercises', to: '/movements' },
    { name: 'My precautions', words: 'careful conditions', to: '/precautions' },
    { name: 'Places, rooms and kit', words: 'hall chairs floor props', to: '/places' },
    { name: 'The log', words: 'diary history past attendance', to: '/log' },
    { name: 'How you teach', words: 'settings schools order breath speech pace', to: '/account' },
    { name: 'Backup', words: 'save copy passphrase restore export', to: '/account' },
    { name: 'Help', words: 'how tour begin', to: '/help' },
];

/** Those of which every word that was typed begins one of their words. */
export function among<T extends { name: string; words?: string; more?: string }>(
    all: readonly T[],
    typed: string,
): T[] {
    const asked = typed.toLowerCase().split(/\s+/).filter(Boolean);
    return asked.length === 0
        ? []
        : all.filter(({ name, words = '', more = '' }) => {
              const has = `${name} ${words} ${more}`.toLowerCase().split(/[^\p{L}\p{N}]+/u);
              return asked.every((word) => has.some((one) => one.startsWith(word)));
          });
}
