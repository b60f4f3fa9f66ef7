import type { Finding, PlanAnswer, Row } from '../../api/types/answer-plan';

type PlanDocument = PlanAnswer['plan'];

/** What is known of a movement before its row has been worked out. */
export interface Newcomer {
    name: string;
    zone: Row['zone'];
    sides: string | null;
    figure: string | null;
}

/** An answer with the changes since: rows moved, hidden, added, and what is being worked out marked. */
export interface ShownPlan extends PlanAnswer {
    /** the answer itself; what is drawn of it alone is drawn anew only with the next */
    told: PlanAnswer;
    isWaiting: boolean;
    /** rows that are not what the plan says, or not worked out at all yet */
    waiting: ReadonlySet<string>;
}

const NOTHING: ReadonlySet<string> = new Set();

/**
 * What is seen at once of a change, while its answer is on its way. Nothing of the craft is worked out here: times, sides, versions and
 * findings are those of the last answer until the next one comes.
 */
export function shown(
    answer: PlanAnswer,
    plan: PlanDocument | null,
    newcomers: ReadonlyMap<string, Newcomer>,
): ShownPlan {
    if (plan === null || plan === answer.plan) {
        return { ...answer, told: answer, isWaiting: false, waiting: NOTHING };
    }
    const rows = new Map(answer.entries.map((row) => [row.id, row]));
    const before = new Map(entriesOf(answer.plan).map((entry) => [entry.id, entry]));
    const waiting = new Set<string>();
    const entries = entriesOf(plan).map((entry) => {
        const row = rows.get(entry.id);
        const was = before.get(entry.id);
        if (!row || was?.movement !== entry.movement) {
            waiting.add(entry.id);
            return notYet(entry, row, newcomers.get(entry.id));
        }
        if (was !== entry && JSON.stringify(was) !== JSON.stringify(entry)) {
            waiting.add(entry.id);
        }
        const rung = row.variations.find(({ id }) => id === entry.variation)?.name ?? row.variation;
        return rung === row.variation ? row : { ...row, variation: rung };
    });
    const stays = (finding: Finding) => finding.entry === null || entries.some((row) => row.id === finding.entry);
    const findings = answer.findings.every(stays) ? answer.findings : answer.findings.filter(stays);
    return { ...answer, plan, entries, findings, told: answer, isWaiting: true, waiting };
}

/** An answer with the rows that were not sent again, because we had them. */
export function whole(answer: PlanAnswer, known: Row[]): PlanAnswer {
    const { kept, ...told } = answer;
    if (!kept) {
        return answer;
    }
    const rows = new Map([...known, ...answer.entries].map((row) => [row.id, row]));
    return { ...told, entries: entriesOf(answer.plan).flatMap(({ id }) => rows.get(id) ?? []) };
}

const entriesOf = (plan: PlanDocument) => plan.sections.flatMap((section) => section.entries);

function notYet(
    entry: ReturnType<typeof entriesOf>[number],
    row: Row | undefined,
    newcomer: Newcomer | undefined,
): Row {
    const none = { seconds: 0, breaths: 0 };
    return {
        id: entry.id,
        tag: '',
        seconds: 0,
        name: newcomer?.name ?? row?.name ?? 'A movement',
        variation: '',
        dose: '',
        zone: newcomer?.zone ?? row?.zone ?? null,
        secondZone: null,
        sides: (newcomer?.sides ?? row?.sides ?? 'midline') as Row['sides'],
        left: none,
        right: none,
        missing: null,
        onPurpose: null,
        rowsToMove: 0,
        figure: newcomer?.figure ?? row?.figure ?? '',
        props: [],
        versions: [],
        counts: { fully: 0, adapted: 0, rests: 0, none: 0 },
        variations: row?.variations ?? [],
        withProps: row?.withProps ?? [],
        newer: null,
        tempo: null,
        ways: { sides: false, directions: false, crossings: false },
        introduction: '',
        cues: [],
        isInterlude: entry.interlude ?? false,
        between: [],
    };
}
