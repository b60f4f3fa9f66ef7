import { useCallback, useState } from 'react';
import { api } from '../../api/client';
import type { Finding, SetAside } from '../../api/types/answer-plan';
import type { TeachingAnswer } from '../../api/types/answer-teaching';
import type { PlanDocument, PlanState } from './usePlan';

/** Findings that are looked at, set aside in this class or in all of hers, and taken back. */
export function useSettingAside(edit: PlanState['edit'], load: PlanState['load'], onProblem: (words: string) => void) {
    const [looked, setLooked] = useState<Finding | null>(null);
    const everywhere = useCallback(
        async (change: (all: Record<string, string>) => Record<string, string>) => {
            try {
                const { setAside } = await api.get<TeachingAnswer>('teaching');
                await api.put('teaching', { setAside: change(setAside) });
                await load();
            } catch (problem) {
                onProblem((problem as Error).message);
            }
        },
        [load, onProblem],
    );
    const setAside = useCallback(
        async (finding: Finding, reason: string, inAll: boolean) => {
            if (inAll) {
                await everywhere((all) => ({ ...all, [ruleOf(finding.key)]: reason }));
                return;
            }
            edit((plan) => ({ ...plan, setAside: [...others(plan, finding.key), { finding: finding.key, reason }] }));
        },
        [edit, everywhere],
    );
    const takeBack = useCallback(
        (one: SetAside) => {
            if (one.everywhere) {
                const rule = ruleOf(one.key);
                void everywhere((all) => Object.fromEntries(Object.entries(all).filter(([name]) => name !== rule)));
                return;
            }
            edit((plan) => ({ ...plan, setAside: others(plan, one.key) }));
        },
        [edit, everywhere],
    );
    return { looked, setLooked, setAside, takeBack };
}

const ruleOf = (key: string) => key.split(':')[0] ?? key;

const others = (plan: PlanDocument, key: string) => (plan.setAside ?? []).filter(({ finding }) => finding !== key);
