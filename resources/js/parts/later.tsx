import { lazy, type ComponentType, type LazyExoticComponent } from 'react';

/** A part that is fetched when it is first wanted; where it cannot be had that is said, and the page stands. */
export function later<P extends object>(fetch: () => Promise<ComponentType<P>>): LazyExoticComponent<ComponentType<P>> {
    return lazy(async (): Promise<{ default: ComponentType<P> }> => {
        try {
            return { default: await fetch() };
        } catch {
            return { default: NotReached };
        }
    });
}

function NotReached() {
    return (
        <p role="alert" className="fixed inset-x-4 bottom-4 z-40 rounded-2xl bg-butter px-5 py-4">
            This part could not be fetched: the connection is away.{' '}
            <button className="button ml-2" onClick={() => window.location.reload()}>
                Load the page again
            </button>
        </p>
    );
}
