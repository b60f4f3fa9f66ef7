import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, type ReactNode } from 'react';
import { createRoot, type Root } from 'react-dom/client';
import { createMemoryRouter, RouterProvider } from 'react-router';
import { afterEach, beforeEach, vi } from 'vitest';

/** A page of its own for each test of a file: put up before it, taken away after it. Its members are those of the test that runs. */
export function ownPage() {
    const own = {
        page: document.body,
        draw: (element: ReactNode) => {
            act(() => root.render(element));
        },
        /** Draws it at an address, with what asks the server; the router that knows where it is. */
        drawAt: async (address: string, element: ReactNode) => {
            const router = createMemoryRouter([{ path: '*', element }], { initialEntries: [address] });
            const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
            await act(async () => {
                root.render(
                    <QueryClientProvider client={client}>
                        <RouterProvider router={router} />
                    </QueryClientProvider>,
                );
                await Promise.resolve();
            });
            return router;
        },
    };
    let root: Root;
    beforeEach(() => {
        vi.stubGlobal('IS_REACT_ACT_ENVIRONMENT', true);
        own.page = document.body.appendChild(document.createElement('div'));
        root = createRoot(own.page);
    });
    afterEach(() => {
        act(() => root.unmount());
        own.page.remove();
    });
    return own;
}
