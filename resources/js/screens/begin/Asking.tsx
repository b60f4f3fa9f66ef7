import { useLibrary } from '../../api/queries';
import { vocabulary } from '../../api/types/words';
import { Tick } from '../../parts/Field';
import { useMedia } from '../../parts/useMedia';
import { without } from '../../parts/without';
import { Toggles } from '../../parts/Toggles';
import { ZoneShape } from '../../parts/ZoneShape';
import type { Wish } from './wish';

const SHARES: [number, string][] = [
    [0, 'not today'],
    [0.5, 'a little'],
    [1, 'as usual'],
    [2, 'more'],
    [3, 'most'],
];

/** What the class is for, where more and where less, what stays and what is left out. */
export function Asking({ wish, onChange }: { wish: Wish; onChange: (wish: Wish) => void }) {
    const library = useLibrary();
    const isWide = useMedia('(min-width: 80rem)');
    return (
        <div className="space-y-5">
            <details open={wish.purposes.length > 0} className="rounded-2xl bg-list px-4 py-2">
                <summary className="min-h-11 py-2 font-slab text-[1.125rem] font-bold">What it is for</summary>
                <div className="pb-2">
                    <Toggles
                        title="Press what fits"
                        all={library.data?.purposes.map(({ id, name }) => [id, name] as const) ?? []}
                        chosen={wish.purposes}
                        onChange={(purposes) => onChange({ ...wish, purposes })}
                    />
                </div>
            </details>
            <details open={isWide || Object.keys(wish.zones).length > 0} className="rounded-2xl bg-list px-4 py-2">
                <summary className="min-h-11 py-2 font-slab text-[1.125rem] font-bold">More here, less there</summary>
                {vocabulary.zone.map(([zone, name]) => {
                    const share = wish.zones[zone] ?? 1;
                    const at = SHARES.findIndex(([value]) => value === share);
                    return (
                        <label key={zone} className="flex min-h-11 items-center gap-2.5 text-[0.9375rem]">
                            <ZoneShape zone={zone} size={22} />
                            <span className="w-[5.5rem] shrink-0 leading-tight">{name}</span>
                            <input
                                type="range"
                                min={0}
                                max={SHARES.length - 1}
                                step={1}
                                value={at < 0 ? 2 : at}
                                aria-valuetext={SHARES[at]?.[1]}
                                className="h-11 w-0 min-w-0 flex-1 accent-ink"
                                onChange={(event) => {
                                    const chosen = SHARES[Number(event.target.value)]?.[0] ?? 1;
                                    onChange({
                                        ...wish,
                                        zones:
                                            chosen === 1
                                                ? without(wish.zones, zone)
                                                : { ...wish.zones, [zone]: chosen },
                                    });
                                }}
                            />
                            <span className="w-[4.25rem] shrink-0 text-right text-[0.875rem] leading-tight text-ink-soft">
                                {SHARES[at]?.[1]}
                            </span>
                        </label>
                    );
                })}
            </details>
            <Chips
                title="Kept in place"
                empty="Nothing yet. Under each class, movements can be kept or left out."
                all={wish.must}
                undo="Do not ask for"
                onRemove={(id) => onChange({ ...wish, must: wish.must.filter((one) => one.id !== id) })}
            />
            <Chips
                title="Not today"
                all={wish.never}
                undo="Allow again"
                onRemove={(id) => onChange({ ...wish, never: wish.never.filter((one) => one.id !== id) })}
            />
            <Tick checked={wish.standing} onChange={(event) => onChange({ ...wish, standing: event.target.checked })}>
                Standing behind the chair as well
            </Tick>
            <button type="button" className="button w-full" onClick={() => onChange({ ...wish, seed: wish.seed + 1 })}>
                Other ideas
            </button>
        </div>
    );
}

function Chips({
    title,
    empty,
    all,
    undo,
    onRemove,
}: {
    title: string;
    empty?: string;
    all: Wish['must'];
    undo: string;
    onRemove: (id: string) => void;
}) {
    if (all.length === 0 && !empty) {
        return null;
    }
    return (
        <section aria-label={title}>
            <h2 className="text-[1.125rem]">{title}</h2>
            {all.length === 0 && <p className="text-[0.9375rem] text-ink-soft">{empty}</p>}
            <ul className="mt-1 space-y-1.5">
                {all.map((one) => (
                    <li key={one.id} className="flex items-center rounded-xl border-[1.5px] border-hair bg-white pl-3">
                        <span className="min-w-0 flex-1 text-[0.9375rem] leading-tight">{one.name}</span>
                        <button
                            type="button"
                            className="button button-quiet px-3"
                            onClick={() => onRemove(one.id)}
                            aria-label={`${undo} ${one.name}`}
                        >
                            ×
                        </button>
                    </li>
                ))}
            </ul>
        </section>
    );
}
