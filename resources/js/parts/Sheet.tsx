import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react';
import { useEffect, useRef, type ReactNode } from 'react';

interface Props {
    title: string;
    onClose: () => void;
    children: ReactNode;
    wide?: boolean;
}

/** A dialog: in the middle on wide screens, from the bottom on phones. Nothing at all while it is closed. */
export function Sheet({ open, ...opened }: Props & { open: boolean }) {
    return open ? <Opened {...opened} /> : null;
}

function Opened({ title, onClose, children, wide = false }: Props) {
    const content = useRef<HTMLDivElement>(null);
    useEffect(() => {
        // On its first field, where there is one: that is what it was opened for.
        const frame = requestAnimationFrame(() => {
            const field = content.current?.querySelector<HTMLElement>(
                'input:not([type="hidden"]):not(.hidden), select, textarea',
            );
            if (field && !content.current?.contains(document.activeElement)) {
                field.focus({ preventScroll: true });
            }
        });
        return () => cancelAnimationFrame(frame);
    }, []);
    return (
        <Dialog open onClose={onClose} className="relative z-40">
            <DialogBackdrop className="fixed inset-0 bg-shade" />
            <div className="fixed inset-0 flex items-end justify-center md:items-center md:p-6">
                <DialogPanel
                    className={`flex max-h-[92dvh] w-full flex-col rounded-t-2xl bg-paper md:rounded-2xl ${wide ? 'md:max-w-4xl' : 'md:max-w-lg'}`}
                >
                    <div className="flex items-center gap-4 px-5 pb-2 pt-4">
                        <DialogTitle className="mr-auto text-[1.3125rem]">{title}</DialogTitle>
                        <button className="button button-quiet" onClick={onClose}>
                            Close
                        </button>
                    </div>
                    <div
                        ref={content}
                        className="overflow-y-auto px-5 pb-5 pt-1"
                        tabIndex={0}
                        role="group"
                        aria-label={title}
                    >
                        {children}
                    </div>
                </DialogPanel>
            </div>
        </Dialog>
    );
}

/** Asks before something that cannot be undone, naming what is lost. */
export function Ask({
    title,
    children,
    yes,
    onYes,
    onClose,
}: {
    title: string;
    children: ReactNode;
    yes: string;
    onYes: () => void;
    onClose: () => void;
}) {
    return (
        <Sheet title={title} open onClose={onClose}>
            <p className="mb-5">{children}</p>
            <div className="flex flex-wrap justify-end gap-3">
                <button className="button" onClick={onClose} autoFocus>
                    Keep it
                </button>
                <button className="button button-main" onClick={onYes}>
                    {yes}
                </button>
            </div>
        </Sheet>
    );
}
