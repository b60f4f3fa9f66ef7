import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { api } from '../../api/client';
import type { Candidate } from '../../api/types/answer-compose';
import type { PlanAnswer } from '../../api/types/answer-plan';
import { Problem } from '../../parts/FormSheet';
import { PageTitle } from '../../parts/Shell';
import { Trouble, Waiting } from '../../parts/States';
import { Asking } from './Asking';
import { Candidates } from './Candidates';
import { asked, NO_WISH } from './wish';

/** A class that is begun, completed in three ways: what is in it stays as it is. */
export default function FillClass() {
    const { classId = '' } = useParams();
    const navigate = useNavigate();
    const plan = useQuery({
        queryKey: ['fill', classId],
        queryFn: () => api.get<PlanAnswer>(`classes/${classId}/plan`),
        gcTime: 0,
    });
    const [wish, setWish] = useState(NO_WISH);
    const [busy, setBusy] = useState(false);
    const [problem, setProblem] = useState<string | null>(null);
    if (plan.error) {
        return <Trouble error={plan.error} again={() => void plan.refetch()} />;
    }
    if (!plan.data) {
        return <Waiting what="your class" />;
    }
    const { data } = plan;
    const take = (one: Candidate) => {
        setBusy(true);
        api.put(`classes/${classId}/plan`, { revision: data.revision, plan: one.plan }).then(
            () => navigate(`/classes/${classId}/plan`),
            (error: Error) => {
                setBusy(false);
                setProblem(error.message);
            },
        );
    };
    return (
        <>
            <PageTitle
                title={data.entries.length === 0 ? `Make ${data.class.title}` : `Complete ${data.class.title}`}
                below={
                    data.entries.length === 0
                        ? 'Three that differ; take one, and change it as you like.'
                        : 'What is in it stays as it is; the rest is filled.'
                }
            >
                <Link className="button" to={`/classes/${classId}/plan`}>
                    Back to the plan
                </Link>
            </PageTitle>
            <Problem words={problem} />
            <div className="grid gap-5 xl:grid-cols-[18rem_minmax(0,1fr)]">
                <Asking wish={wish} onChange={setWish} />
                <Candidates
                    question={asked(wish, { class: Number(classId) })}
                    wish={wish}
                    onWish={setWish}
                    take="Take this one"
                    busy={busy}
                    onTake={take}
                />
            </div>
        </>
    );
}
