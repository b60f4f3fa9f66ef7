import { keepPreviousData, QueryClient, useQueries, useQuery } from '@tanstack/react-query';
import { useCallback, useMemo } from 'react';
import { api } from './client';
import type { BlocksAnswer } from './types/answer-blocks';
import type { ClassesAnswer } from './types/answer-classes';
import type { GroupsAnswer } from './types/answer-groups';
import type { LibraryAnswer } from './types/answer-library';
import type { LogEntry } from './types/answer-log';
import type { PeopleAnswer } from './types/answer-people';
import type { PlacesAnswer } from './types/answer-places';
import type { MovementAnswer } from './types/answer-movement';
import type { MovementsAnswer } from './types/answer-movements';
import type { OwnListAnswer } from './types/answer-own-list';
import type { Shape } from './types/figure';
import type { Motion } from './types/motion';

export const queryClient = new QueryClient({ defaultOptions: { queries: { staleTime: 5_000, retry: 1 } } });

export const useLibrary = () =>
    useQuery({ queryKey: ['library'], queryFn: () => api.get<LibraryAnswer>('library'), staleTime: Infinity });
export const useClasses = () => useQuery({ queryKey: ['classes'], queryFn: () => api.get<ClassesAnswer>('classes') });
export const useBlocks = () =>
    useQuery({ queryKey: ['blocks'], queryFn: () => api.get<BlocksAnswer>('blocks'), staleTime: 60_000 });
export const useGroups = () => useQuery({ queryKey: ['groups'], queryFn: () => api.get<GroupsAnswer>('groups') });
export const usePeople = () =>
    useQuery({ queryKey: ['groups', 'people'], queryFn: () => api.get<PeopleAnswer>('people') });
export const usePlaces = () => useQuery({ queryKey: ['places'], queryFn: () => api.get<PlacesAnswer>('places') });
export const useLog = () => useQuery({ queryKey: ['led'], queryFn: () => api.get<{ led: LogEntry[] }>('led') });
export const useMovements = (search: string) =>
    useQuery({
        queryKey: ['movements', search],
        queryFn: () => api.get<MovementsAnswer>(`movements?${search}`),
        placeholderData: keepPreviousData,
        staleTime: 60_000,
    });
export const useMovement = (id: string) =>
    useQuery({
        queryKey: ['movements', 'one', id],
        queryFn: () => api.get<MovementAnswer>(`movements/${encodeURIComponent(id)}`),
        staleTime: 60_000,
    });
export const useOwnList = () => useQuery({ queryKey: ['own'], queryFn: () => api.get<OwnListAnswer>('own') });
/** @param view null for the one that shows the movement best */
export const useMotion = (id: string, variation: string, base: string, side: string, view: string | null) =>
    useQuery({
        queryKey: ['motion', id, variation, base, side, view],
        queryFn: () =>
            api.get<Motion>(
                `movements/${encodeURIComponent(id)}/motion?${new URLSearchParams({ variation, base, side, ...(view && { view }) }).toString()}`,
            ),
        staleTime: Infinity,
        placeholderData: keepPreviousData,
    });

export const refresh = (...keys: string[]) =>
    Promise.all(keys.map((key) => queryClient.invalidateQueries({ queryKey: [key] })));

/** Figures in one request: fewer than the server draws at once, and an address that is not too long. */
const AT_ONCE = 100;

interface Wanted {
    give: (shapes: Shape[]) => void;
    fail: (problem: Error) => void;
}

/** Keys asked for in the same moment travel together; who asked is answered whatever became of the request. */
let waiting: Map<string, Wanted[]> | null = null;

async function fetchTogether(batch: [string, Wanted[]][]) {
    try {
        const { figures } = await api.get<{ figures: Record<string, Shape[]> }>(
            `figures?keys=${encodeURIComponent(batch.map(([key]) => key).join(','))}`,
        );
        batch.forEach(([key, all]) => all.forEach(({ give }) => give(figures[key] ?? [])));
    } catch (problem) {
        batch.forEach(([, all]) => all.forEach(({ fail }) => fail(problem as Error)));
    }
}

function sendWaiting() {
    const all = [...(waiting ?? [])];
    waiting = null;
    for (let at = 0; at < all.length; at += AT_ONCE) {
        void fetchTogether(all.slice(at, at + AT_ONCE));
    }
}

export function fetchFigure(key: string): Promise<Shape[]> {
    return new Promise((give, fail) => {
        if (!waiting) {
            waiting = new Map();
            setTimeout(sendWaiting, 0);
        }
        waiting.set(key, [...(waiting.get(key) ?? []), { give, fail }]);
    });
}

const NOTHING_DRAWN: Shape[] = [];

/** Figures by key, drawn by the server; each is fetched once. What is answered stays the same for as long as the figures do. */
export function useFigures(keys: string[]): Record<string, Shape[]> {
    const joined = [...new Set(keys)].join('\n');
    const unique = useMemo(() => (joined ? joined.split('\n') : []), [joined]);
    const queries = useMemo(
        () =>
            unique.map((key) => ({
                queryKey: ['figure', key],
                queryFn: () => fetchFigure(key),
                staleTime: Infinity,
            })),
        [unique],
    );
    const combine = useCallback(
        (found: { data?: Shape[] }[]) =>
            Object.fromEntries(unique.map((key, index) => [key, found[index]?.data ?? NOTHING_DRAWN])),
        [unique],
    );
    return useQueries({ queries, combine });
}
