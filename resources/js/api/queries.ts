import { QueryClient, useQuery } from '@tanstack/react-query';
import { api } from './client';
import type { ClassesAnswer } from './types/answer-classes';
import type { GroupsAnswer } from './types/answer-groups';
import type { LibraryAnswer } from './types/answer-library';
import type { LogEntry } from './types/answer-log';

export const queryClient = new QueryClient({ defaultOptions: { queries: { staleTime: 5_000, retry: 1 } } });

export const useLibrary = () => useQuery({ queryKey: ['library'], queryFn: () => api.get<LibraryAnswer>('library'), staleTime: Infinity });
export const useClasses = () => useQuery({ queryKey: ['classes'], queryFn: () => api.get<ClassesAnswer>('classes') });
export const useGroups = () => useQuery({ queryKey: ['groups'], queryFn: () => api.get<GroupsAnswer>('groups') });
export const useLog = () => useQuery({ queryKey: ['led'], queryFn: () => api.get<{ led: LogEntry[] }>('led') });

export const refresh = (...keys: string[]) => Promise.all(keys.map((key) => queryClient.invalidateQueries({ queryKey: [key] })));
