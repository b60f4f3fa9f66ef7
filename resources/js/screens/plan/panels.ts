/** What can be opened over a plan. */
export type Panel = 'map' | 'people' | 'keys' | 'settings' | 'rehearsal' | 'versions' | 'trim' | 'compare' | 'all';

export const sheetUrl = (classId: string) => `/classes/${classId}/sheet`;
