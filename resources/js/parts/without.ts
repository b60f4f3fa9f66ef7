/** A copy that leaves some fields out. */
export function without<T extends object, K extends keyof T>(one: T, ...keys: K[]): T {
    return Object.fromEntries(Object.entries(one).filter(([key]) => !keys.includes(key as K))) as unknown as T;
}

/** A copy in which a text is set, or left out when it is empty. */
export function withText<T extends object, K extends keyof T>(one: T, key: K, text: string): T {
    return text ? { ...one, [key]: text } : without(one, key);
}
