import type { PlanSettings } from '../api/types/plan';
import { vocabulary } from '../api/types/words';

type Never = NonNullable<PlanSettings['never']>;

/** A question on which teachers differ: what it is about in two sentences, and the answers. */
export interface School {
    name: string;
    why: string;
    options: (settings: PlanSettings) => readonly (readonly [string, string])[];
    /** the answer that is chosen */
    of: (settings: PlanSettings) => string;
    with: (value: string) => Partial<PlanSettings>;
}

export interface Subject {
    name: string;
    schools: School[];
}

/** An answer that is one word of the settings; `usual` is what holds where nothing is chosen. */
function word<K extends 'order' | 'firstSide' | 'counts' | 'holds' | 'sides' | 'ending' | 'sitting' | 'route'>(
    key: K,
    usual: string,
    name: string,
    options: readonly (readonly [string, string])[],
    why: string,
): School {
    return {
        name,
        why,
        options: () => options,
        of: (settings) => settings[key] ?? usual,
        // What is usual anyway is not written down.
        with: (value) => ({ [key]: value === usual ? undefined : value }),
    };
}

function either(
    key: 'mirrors' | 'alternates' | 'warmsUp' | 'turnsToShow',
    usual: boolean,
    name: string,
    yes: string,
    no: string,
    why: string,
): School {
    return {
        name,
        why,
        options: () => [
            [String(usual), usual ? yes : no],
            [String(!usual), usual ? no : yes],
        ],
        of: (settings) => String(settings[key] ?? usual),
        with: (value) => ({ [key]: value === String(usual) ? undefined : !usual }),
    };
}

/** Whether something is left out: what is never asked of anybody. */
function without(name: string, what: Never, taught: string, left: string, why: string): School & { what: Never } {
    return {
        name,
        why,
        what,
        options: () => [
            ['taught', taught],
            ['left', left],
        ],
        of: ({ never = [] }) => (what.every((one) => never.includes(one)) ? 'left' : 'taught'),
        with: (value) => ({ never: value === 'left' ? what : [] }),
    };
}

const leftOut = [
    without(
        'Legs',
        ['legs-crossed'],
        'Crossed where a movement crosses them, as a further option',
        'Never crossed',
        'Crossing the legs deepens turns and opens the hips. Uncrossed is kinder to new hips and thin skin.',
    ),
    without(
        'Neck',
        ['neck-circle'],
        'Half circles; a full one only as a further option',
        'No circles',
        'A half circle from ear to chest to ear does what a full one does. The way back over the top is what presses on old necks.',
    ),
    without(
        'A hand on the head',
        ['hand-on-head', 'head-drawn'],
        'A resting weight, as an option',
        'None',
        'A hand that only rests on the head adds a little weight to a tilt. It never pulls, and many teachers do without.',
    ),
    without(
        'Folds',
        ['deep-fold', 'head-low'],
        'Supported; deep as a further option',
        'Never deep',
        'Forearms on the thighs and a long back give the fold its rest. A low head asks for easy blood pressure and strong bones.',
    ),
    without(
        'Eyes',
        ['eyes-closed', 'eyes-closed-moving'],
        'Their own choice in stillness',
        'Open, with a soft gaze',
        'Closed eyes quieten some people and unsettle others. Open eyes hold the balance, and keep nobody alone with a memory.',
    ),
    without(
        'Tapping and rubbing',
        ['skin-rub', 'skin-pat', 'skin-press'],
        'Light, as an option',
        'Not used',
        'Light tapping and rubbing wakes the skin. Fragile skin and some memories are better off without.',
    ),
];

/** The demands that have a question of their own. */
export const ASKED: readonly string[] = leftOut.flatMap(({ what }) => what);

const orders = [
    ['head-to-toe', 'Head to toe'],
    ['toe-to-head', 'Toe to head'],
    ['spine-first', 'Spine first, then head to toe'],
] as const;

export const SUBJECTS: Subject[] = [
    {
        name: 'Order and sides',
        schools: [
            {
                ...word(
                    'order',
                    'head-to-toe',
                    'Order of the main part',
                    orders,
                    'People can foresee a class that goes through the body in one order, and nothing is forgotten. A class is held against the order that you choose.',
                ),
                options: ({ order }) => (order === 'own' ? [...orders, ['own', 'Your own order']] : orders),
            },
            word(
                'sides',
                'in-turn',
                'The second side',
                vocabulary.sideSchool,
                'In turn is the least to remember. Rounds keep people on one side for longer, and from side to side suits what goes with the breath.',
            ),
            word(
                'firstSide',
                'left',
                'First side',
                vocabulary.side,
                'The side that comes first is worked fresh and never cut short. A single movement may have its own, such as the stiffer one.',
            ),
            either(
                'alternates',
                true,
                'The next class begins',
                'On the other side',
                'On the same side',
                'Changing from class to class evens out what tiredness and lost minutes take from the second side. A side that was cut short leads the next time, whatever you choose.',
            ),
        ],
    },
    {
        name: 'How much',
        schools: [
            word(
                'counts',
                'own',
                'Counted in',
                [['own', 'As each movement is: mostly breaths'], ...vocabulary.doseUnit],
                'Breaths leave everybody their own pace, and the seconds are shown beside them. One way of counting is one thing less to think of.',
            ),
            word(
                'holds',
                'usual',
                'Shapes are held',
                vocabulary.holdSchool,
                'Older muscles lengthen best in 30 to 60 seconds, in one go or in several. Whoever may not hold so long is offered less, whatever you choose.',
            ),
            either(
                'warmsUp',
                true,
                'Warm-up',
                'A part of its own',
                'None: all is small and slow to begin with',
                'What has been moved lets itself be held. Where every movement is small and slow, the class warms by itself.',
            ),
        ],
    },
    {
        name: 'Sitting and ending',
        schools: [
            word(
                'sitting',
                'by-movement',
                'People sit',
                vocabulary.sittingSchool,
                'On the front half the back works by itself; leaning back, it rests. Anyone may keep the backrest, in every class.',
            ),
            word(
                'ending',
                'any',
                'The class ends',
                [['any', 'With any quiet practice'], ...vocabulary.ending],
                'The same ending each time tells people that they may go. Comfort is asked from 0 to 10 before and after, however you end.',
            ),
        ],
    },
    {
        name: 'Words and showing',
        schools: [
            {
                name: 'Words',
                why: 'Invitations for options and plain instructions for the movement itself suit most groups; the choice is named before it begins in each. Simple words, one step at a time, suit memory loss.',
                options: () => [
                    ['full', 'Instructions, and invitations as it goes on'],
                    ['clear', 'Clear instructions and counts alone'],
                    ['simple', 'Simple: one step, six words, always the same'],
                ],
                of: ({ simpleWords, invites }) => (simpleWords ? 'simple' : invites === false ? 'clear' : 'full'),
                with: (value) => ({
                    simpleWords: value === 'simple' || undefined,
                    invites: value === 'clear' ? false : undefined,
                }),
            },
            word(
                'route',
                'either',
                'The breath goes',
                vocabulary.breathRoute,
                'Through the nose the air is warm and slow; out through the mouth it is easy to hear. It is said once, and as it comes is always as good.',
            ),
            either(
                'mirrors',
                true,
                'Your own side',
                'You mirror the group: they go left, you go right',
                'You use your own side and say so',
                'Facing a group, most teachers mirror it. Whichever you choose, your own side is printed beside theirs.',
            ),
            either(
                'turnsToShow',
                true,
                'You show',
                'Turned sideways for what is seen best from there',
                'Facing the group all the time',
                'Rounding and arching are seen from the side. Turning takes a moment, and those at the edge see less of your face.',
            ),
        ],
    },
    { name: 'What is left out', schools: leftOut },
];

/** Settings with an answer; what is left out is added to what else is, and what is usual is not written down. */
export function answered(settings: PlanSettings, school: School, value: string): PlanSettings {
    const by = school.with(value);
    const what = 'what' in school ? (school.what as Never) : null;
    const never = what && [...(settings.never ?? []).filter((one) => !what.includes(one)), ...(by.never ?? [])];
    const all = { ...settings, ...(never ? { never: never.length > 0 ? never : undefined } : by) };
    return Object.fromEntries(Object.entries(all).filter(([, one]) => one !== undefined)) as PlanSettings;
}
