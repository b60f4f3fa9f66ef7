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
    /** how much of the beat has gone, from 0 to 1 */
    share: number;
    /** the first beat of the next side, way or movement */
    next: Beat | undefined;
    nextIsSameMovement: boolean;
    /** the movement to get ready for */
    coming: LeadEntry | undefined;
    /** seconds since the beginning, and where the plan says we would be */
    gone: number;
    planSays: number;
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
    const nextEntry = lead.entries.find((one) => one.id === next?.entry);
    const nextIsSameMovement = nextEntry?.id === entry.id;
    return {
        index,
        position,
        beat,
        entry,
        order,
        share: (position - beat.start) / beat.length,
        next,
        nextIsSameMovement,
        coming: nextIsSameMovement ? lead.entries[order + 1] : nextEntry,
        gone: player.gone(),
        planSays: player.planSays(),
    };
}
