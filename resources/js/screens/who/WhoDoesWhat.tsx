import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { api } from '../../api/client';
import { queryClient, refresh } from '../../api/queries';
import type { MatrixAnswer } from '../../api/types/answer-matrix';
import { MarkSign, markWords, marks } from '../../parts/MarkSign';
import { PageTitle } from '../../parts/Shell';
import { EmptyPlace, Trouble, Waiting } from '../../parts/States';
import { BringAndChoices } from './BringAndChoices';
import { ChosenCell } from './ChosenCell';
import { PeopleTable } from './PeopleTable';

/** Everyone and every movement of a class at a glance. */
export default function WhoDoesWhat() {
    const { classId = '' } = useParams();
    const answer = useQuery({
        queryKey: ['matrix', classId],
        queryFn: () => api.get<MatrixAnswer>(`classes/${classId}/matrix`),
    });
    const [open, setOpen] = useState<{ person: number; entry: number } | null>(null);
    if (answer.error) {
        return <Trouble error={answer.error} again={() => void answer.refetch()} />;
    }
    if (!answer.data) {
        return <Waiting what="who does what" />;
    }
    const { people, entries, bring, choices, inclusion } = answer.data;
    const person = open && people[open.person];
    const entry = open && entries[open.entry];
    const cell = open && person?.cells[open.entry];
    return (
        <>
            <PageTitle
                title="Who does what"
                below={`${answer.data.class}: ${Math.floor(inclusion * 100)} % of everyone’s time is spent moving with the group`}
            >
                <Link className="button" to={`/classes/${classId}/readiness`}>
                    Check before class
                </Link>
                <a className="button" href={`/classes/${classId}/who/print`}>
                    Print, a line each
                </a>
                <Link className="button button-main" to={`/classes/${classId}/plan`}>
                    To the plan
                </Link>
            </PageTitle>
            {people.length === 0 || entries.length === 0 ? (
                <EmptyPlace
                    title={people.length === 0 ? 'Nobody is noted for this class' : 'Nothing is planned yet'}
                    example="Side lean: seven fully; A. T. with the arm no higher than the shoulder; M. K. in the wheelchair, elbow on the armrest; J. rests and breathes along."
                    action={
                        <Link
                            className="button button-main"
                            to={people.length === 0 ? '/people' : `/classes/${classId}/plan`}
                        >
                            {people.length === 0 ? 'To your people' : 'Plan this class'}
                        </Link>
                    }
                >
                    With people and movements, this page shows who does each one fully, adapted, or rests.
                </EmptyPlace>
            ) : (
                <PeopleTable classId={classId} answer={answer.data} onOpen={setOpen} />
            )}
            <p className="mt-3 flex flex-wrap gap-4 text-[0.9375rem]">
                {marks.map((mark) => (
                    <span key={mark} className="flex items-center gap-1.5">
                        <MarkSign mark={mark} size={14} /> {markWords[mark].toLowerCase()}
                    </span>
                ))}
                <span className="flex items-center gap-1.5">
                    <span className="h-4 w-4 rounded outline-2 outline-ink" /> your choice
                </span>
            </p>
            <BringAndChoices bring={bring} choices={choices} />
            {person && entry && cell && (
                <ChosenCell
                    classId={classId}
                    person={person}
                    entry={entry}
                    cell={cell}
                    onDone={(next) => {
                        queryClient.setQueryData(['matrix', classId], next);
                        void refresh('classes');
                    }}
                    onClose={() => setOpen(null)}
                />
            )}
        </>
    );
}
