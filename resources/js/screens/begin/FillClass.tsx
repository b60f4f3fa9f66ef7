import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { api } from '../../api/client';
import { refresh } from '../../api/queries';
import type { Candidate } from '../../api/types/answer-compose';
import type { PlanAnswer } from '../../api/types/answer-plan';
import type { PlanDocument } from '../plan/usePlan';
import { Problem } from '../../parts/FormSheet';
import { PageTitle } from '../../parts/Shell';
import { Trouble, Waiting } from '../../parts/States';
import { Asking } from './Asking';
import { Candidates } from './Candidates';
import { takeRow } from './takeRow';
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
    const keep = (plan: PlanDocument, then: () => unknown) => {
        setBusy(true);
        setProblem(null);
        api.put(`classes/${classId}/plan`, { revision: data.revision, plan })
            .then(then)
            .catch((error: Error) => setProblem(error.message))
            .finally(() => setBusy(false));
    };
    const take = (one: Candidate) => keep(one.plan, () => navigate(`/classes/${classId}/plan`));
    // The page stays: what is left is filled around the row that was taken.
    const takeOne = (one: Candidate, entry: string) =>
        keep(takeRow(data.plan, one.plan, entry), async () => {
            await plan.refetch();
            await refresh('compose');
        });
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
                    onTakeRow={data.entries.length > 0 ? takeOne : undefined}
                />
            </div>
        </>
    );
}
