import { vocabulary } from '../api/types/words';

export type MarkName = (typeof vocabulary.mark)[number][0];

/** From who does it all to who has nothing to do. */
export const marks: MarkName[] = vocabulary.mark.map(([mark]) => mark);
export const markWords = Object.fromEntries(vocabulary.mark) as Record<MarkName, string>;

/** How someone takes part; four silhouettes that differ without colour. */
export function MarkSign({ mark, size = 12 }: { mark: MarkName; size?: number }) {
    return (
        <svg viewBox="0 0 20 20" width={size} height={size} className="shrink-0" aria-hidden="true">
            {mark === 'fully' && <circle cx="10" cy="10" r="9" fill="currentColor" />}
            {mark === 'adapted' && (
                <>
                    <circle cx="10" cy="10" r="7.8" fill="none" stroke="currentColor" strokeWidth="2.4" />
                    <path d="M2.2 10a7.8 7.8 0 0 0 15.6 0z" fill="currentColor" />
                </>
            )}
            {mark === 'rests' && (
                <path d="M2 7q8 10 16 0" fill="none" stroke="currentColor" strokeWidth="3.4" strokeLinecap="round" />
            )}
            {mark === 'none' && (
                <>
                    <rect width="20" height="20" rx="4" fill="var(--color-butter-deep)" />
                    <path
                        d="M6 4v12M6 10h8v6"
                        fill="none"
                        stroke="var(--color-ink)"
                        strokeWidth="2.6"
                        strokeLinecap="round"
                        strokeLinejoin="round"
                    />
                </>
            )}
        </svg>
    );
}
