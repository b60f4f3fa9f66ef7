import { useId, type ComponentProps, type ReactNode } from 'react';

export function Labelled({
    label,
    hint,
    error,
    children,
}: {
    label: string;
    hint?: string;
    error?: string;
    children: (props: { id: string; 'aria-invalid': boolean; 'aria-describedby': string | undefined }) => ReactNode;
}) {
    const id = useId();
    return (
        <div>
            <label htmlFor={id} className="mb-1 block font-semibold">
                {label}
            </label>
            {children({
                id,
                'aria-invalid': error !== undefined,
                'aria-describedby': error || hint ? `${id}-hint` : undefined,
            })}
            {(error ?? hint) && (
                <p
                    id={`${id}-hint`}
                    className={`mt-1 text-[0.9375rem] ${error ? 'font-semibold' : 'text-ink-soft'}`}
                    role={error ? 'alert' : undefined}
                >
                    {error ?? hint}
                </p>
            )}
        </div>
    );
}

export function TextField({
    label,
    hint,
    error,
    ...rest
}: { label: string; hint?: string; error?: string } & ComponentProps<'input'>) {
    return (
        <Labelled label={label} hint={hint} error={error}>
            {(field) => <input className="field" {...rest} {...field} />}
        </Labelled>
    );
}

export function Choice({
    label,
    hint,
    options,
    ...rest
}: { label: string; hint?: string; options: readonly (readonly [string, string])[] } & ComponentProps<'select'>) {
    return (
        <Labelled label={label} hint={hint}>
            {(field) => (
                <select className="field" {...rest} {...field}>
                    {options.map(([value, words]) => (
                        <option key={value} value={value}>
                            {words}
                        </option>
                    ))}
                </select>
            )}
        </Labelled>
    );
}

/** One thing that is so or not. */
export function Tick({ children, ...input }: ComponentProps<'input'>) {
    return (
        <label className="flex min-h-11 items-center gap-3">
            <input type="checkbox" className="h-6 w-6 shrink-0 accent-ink" {...input} />
            <span>{children}</span>
        </label>
    );
}
