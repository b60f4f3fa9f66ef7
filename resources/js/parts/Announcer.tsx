import { useSaid } from './say';

/** Where what is said aloud is written, unseen. */
export function Announcer() {
    return (
        <div role="status" aria-live="polite" className="sr-only" data-said>
            {useSaid()}
        </div>
    );
}
