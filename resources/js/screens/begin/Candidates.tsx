import { useQuery, keepPreviousData } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api } from '../../api/client';
import type { Candidate, ComposeAnswer } from '../../api/types/answer-compose';
import { MiniBench } from '../../parts/MiniBench';
import { MiniSpine } from '../../parts/MiniSpine';
import { say } from '../../parts/say';
import { Trouble } from '../../parts/States';
import { plural } from '../../parts/time';
import { useLate } from '../../parts/useLate';
import { pressed, type Wish } from './wish';

/** Three classes that were made for these people, side by side; one touch takes one. */
export function Candidates({
    question,
    wish,
    onWish,
    onTake,
    onTakeRow,
    take,
    busy,
}: {
    question: Record<string, unknown>;
    wish: Wish;
    onWish: (wish: Wish) => void;
    onTake: (one: Candidate) => void;
    /** where a class is completed: one of the rows that were made for it */
    onTakeRow?: (one: Candidate, entry: string) => void;
    /** on the button that takes one */
    take: string;
    busy: boolean;
}) {
    const asks = useCalm(JSON.stringify(question), 300);
    const answer = useQuery({
        queryKey: ['compose', asks],
        queryFn: () => api.post<ComposeAnswer>('compose', JSON.parse(asks) as Record<string, unknown>),
        placeholderData: keepPreviousData,
        staleTime: 60_000,
    });
    const made = answer.data?.candidates;
    useEffect(() => {
        if (made && !answer.isPlaceholderData) {
            say(`${plural(made.length, 'class', 'classes')} made: ${made.map(({ title }) => title).join(', ')}`);
        }
    }, [made, answer.isPlaceholderData]);
    const isWorking = answer.isPlaceholderData || asks !== JSON.stringify(question);
    const isLate = useLate(isWorking);
    if (answer.error) {
        return <Trouble error={answer.error} again={() => void answer.refetch()} />;
    }
    if (!made) {
        return (
            <div aria-busy="true" role="status" className="grid gap-4 lg:grid-cols-3">
                {[0, 1, 2].map((card) => (
                    <div key={card} className="h-[36rem] rounded-2xl bg-channel" />
                ))}
                <p className="text-ink-soft lg:col-span-3">Putting three classes together.</p>
            </div>
        );
    }
    if (made.length === 0) {
        return (
            <p role="status" className="rounded-2xl bg-butter px-5 py-4">
                Nothing can be made of this: there is no time left, or nothing that everyone could do. Ask for more
                minutes, or for fewer things.
            </p>
        );
    }
    return (
        <ol
            className="grid items-start gap-4 lg:grid-cols-3"
            aria-busy={isWorking}
            data-late={isLate || undefined}
            data-made={isWorking ? undefined : made.length}
        >
            {made.map((one, at) => (
                <Card
                    key={one.as}
                    one={one}
                    isFirst={at === 0}
                    take={take}
                    isBusy={busy || isWorking}
                    wish={wish}
                    onWish={onWish}
                    onTake={() => onTake(one)}
                    onTakeRow={onTakeRow && ((entry) => onTakeRow(one, entry))}
                />
            ))}
        </ol>
    );
}

function Card({
    one,
    isFirst,
    take,
    isBusy,
    wish,
    onWish,
    onTake,
    onTakeRow,
}: {
    one: Candidate;
    isFirst: boolean;
    take: string;
    isBusy: boolean;
    wish: Wish;
    onWish: (wish: Wish) => void;
    onTake: () => void;
    onTakeRow?: (entry: string) => void;
}) {
    return (
        <li className={`card flex flex-col gap-3 ${isFirst ? 'outline-2 outline-ink' : ''}`} data-candidate={one.as}>
            <h3 className="text-[1.25rem] leading-tight">{one.title}</h3>
            <MiniBench rows={one.rows} seconds={one.seconds} slot={one.slotSeconds} />
            <button className={`button ${isFirst ? 'button-main' : ''}`} disabled={isBusy} onClick={onTake}>
                {take}
                <span className="sr-only">: {one.title}</span>
            </button>
            <dl className="text-[0.9375rem] leading-snug font-semibold" data-worked>
                <Fact says="who takes part">
                    {one.people.all === 0 ? 'for anybody' : `${one.people.moving} of ${one.people.all} in everything`}
                </Fact>
                <Fact says="directions of the spine">{`${one.directions.length} of 6 directions`}</Fact>
                <Fact says="how new it is">
                    {one.fresh > 0 ? `${one.fresh} new to them` : plural(one.rows.length, 'movement')}
                </Fact>
                <Fact says="what is handed out">
                    {one.props.length > 0 ? one.props.join(', ') : 'nothing to hand out'}
                </Fact>
            </dl>
            <div className="text-[0.9375rem] text-ink-soft" data-worked>
                <p>{one.because.join(' ')}</p>
                {one.givesUp.length > 0 && <p>Gives up: {lower(one.givesUp.join(' '))}</p>}
                <p>{near(one)}</p>
            </div>
            <div data-worked>
                <MiniSpine
                    rows={one.rows}
                    fresh={onTakeRow ? one.added : []}
                    onTake={onTakeRow && ((row) => onTakeRow(row.entry))}
                />
            </div>
            <details>
                <summary className="min-h-11 py-2.5 font-semibold">Keep or leave out</summary>
                <p className="text-[0.9375rem] text-ink-soft">Press a movement to keep it, again to leave it out.</p>
                <MiniSpine
                    rows={one.rows}
                    chosen={wish.must.map(({ id }) => id)}
                    sayChosen="kept"
                    onChoose={(row) => onWish(pressed(wish, { id: row.movement, name: row.name }))}
                />
            </details>
        </li>
    );
}

function Fact({ says, children }: { says: string; children: string }) {
    return (
        <div>
            <dt className="sr-only">{says}</dt>
            <dd>{children}</dd>
        </div>
    );
}

const lower = (words: string) => words.charAt(0).toLowerCase() + words.slice(1);

const near = (one: Candidate) =>
    one.gap === 0
        ? 'There is none that is worth more.'
        : `Within ${Math.max(0.1, Math.ceil(one.gap * 1000) / 10)} % of the best there is.`;

/** A value that has stood still for a moment. */
function useCalm(value: string, ms: number): string {
    const [calm, setCalm] = useState(value);
    useEffect(() => {
        const timer = setTimeout(() => setCalm(value), ms);
        return () => clearTimeout(timer);
    }, [value, ms]);
    return calm;
}
