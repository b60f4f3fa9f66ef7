import type { Beat, LeadAnswer, LeadEntry } from '../../api/types/answer-lead';
import type { Player } from './player';

/** What the screen shows of one moment of a class. */
export interface Moment {
    index: number;
    position: number;
    beat: Beat;
    entry: LeadEntry;
    /** how many movements came before this one */
    order: number;
    /** how much of what is said, or of the beat, has gone, from 0 to 1 */
    share: number;
    /** what is being said; null where it is quiet */
    said: string | null;
    /** the first beat of the next side, way or movement */
    next: Beat | undefined;
    nextIsSameMovement: boolean;
    /** the movement to get ready for */
    coming: LeadEntry | undefined;
    /** seconds since the beginning, and where the plan says we would be */
    gone: number;
    planSays: number;
    /** the wall clock at which it ends if it goes on like this, in milliseconds */
    endsAt: number;
}

/** Seconds of planned class that the teacher's usual pace counts for, beside how this class goes. */
const USUAL_COUNTS_FOR = 600;

/** What is left takes as long as this class has shown, drawn towards the pace that is known from earlier ones. */
export function endingAt(now: number, gone: number, planSays: number, planned: number, atPace: number): number {
    const usual = planned > 0 ? atPace / planned : 1;
    const share = (gone + USUAL_COUNTS_FOR * usual) / (planSays + USUAL_COUNTS_FOR);
    return now + Math.max(0, planned - planSays) * Math.max(0.5, Math.min(2, share)) * 1000;
}

/** Seconds a word takes, and words stay in view after they were said. Source: 120 words a minute. */
const A_WORD = 0.5;
const STAYS = 1.5;

/** The words in view: those of the beat, or of one before it that takes longer to say than it lasts. */
function saidAt(player: Player, index: number, position: number): { said: string | null; share: number } {
    const beat = player.at(index);
    const share = beat ? (position - beat.start) / beat.length : 0;
    for (let at = index; at >= 0; at--) {
        const one = player.at(at);
        if (!one || !beat || one.entry !== beat.entry || one.side !== beat.side || one.kind !== beat.kind) {
            break;
        }
        if (one.words) {
            const lasts = Math.max(one.length, one.words.split(' ').length * A_WORD + STAYS);
            return position - one.start < lasts
                ? { said: one.words, share: (position - one.start) / lasts }
                : { said: null, share };
        }
    }
    return { said: null, share };
}

/** The present moment; null when nothing is planned. */
export function momentOf(player: Player, lead: LeadAnswer): Moment | null {
    const position = player.position();
    const index = player.index(position);
    const beat = player.at(index);
    const order = lead.entries.findIndex((one) => one.id === beat?.entry);
    const entry = lead.entries[order];
    if (!beat || !entry) {
        return null;
    }
    let at = index;
    while (player.at(at)?.entry === beat.entry && player.at(at)?.side === beat.side) {
        at++;
    }
    const next = player.at(at);
    // What is done after this, not what stands below it: a set begins again, and what goes on beside it is not cued.
    while (player.at(at)?.entry === beat.entry) {
        at++;
    }
    const coming = player.at(at)?.entry;
    return {
        index,
        position,
        beat,
        entry,
        order,
        ...saidAt(player, index, position),
        next,
        nextIsSameMovement: next?.entry === beat.entry,
        coming: lead.entries.find((one) => one.id === coming),
        gone: player.gone(),
        planSays: player.planSays(),
        endsAt: endingAt(Date.now(), player.gone(), player.planSays(), lead.planned, lead.atPace),
    };
}
