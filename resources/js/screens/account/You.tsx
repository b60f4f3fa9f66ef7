import { useState } from 'react';
import { api } from '../../api/client';
import { queryClient } from '../../api/queries';
import type { AccountAnswer } from '../../api/types/answer-account';
import { TextField } from '../../parts/Field';
import { useSubmit } from '../../parts/useSubmit';

/** Sends a form once, and tells what is wrong with which field, or that it worked. */
export function useSend(send: (given: Record<string, string>) => Promise<AccountAnswer | undefined>, worked: string) {
    const [said, setSaid] = useState<string | null>(null);
    const { errors, problem, busy, onSubmit } = useSubmit(async (_, form) => {
        setSaid(null);
        // As it was typed: a password may begin with a space.
        const answer = await send(Object.fromEntries(new FormData(form)) as Record<string, string>);
        if (answer) {
            queryClient.setQueryData(['account'], answer);
        }
        form.querySelectorAll<HTMLInputElement>('input[type="password"]').forEach((field) => (field.value = ''));
        setSaid(worked);
    });
    return { fields: errors, said: problem ?? said, busy, submit: onSubmit };
}

export function Said({ words }: { words: string | null }) {
    return (
        <p role="status" className="min-h-6 flex-1 text-[0.9375rem] text-ink-soft">
            {words}
        </p>
    );
}

export function You({ account }: { account: AccountAnswer }) {
    const [email, setEmail] = useState(account.email);
    const form = useSend((given) => api.put<AccountAnswer>('account', given), 'Kept.');
    return (
        <form className="card space-y-4" noValidate onSubmit={form.submit}>
            <h2 className="text-[1.125rem]">You</h2>
            <TextField
                label="The name you teach under"
                name="name"
                defaultValue={account.name}
                maxLength={100}
                autoComplete="name"
                error={form.fields.name}
            />
            <TextField
                label="E-mail"
                name="email"
                type="email"
                value={email}
                onChange={(event) => setEmail(event.target.value)}
                autoComplete="username"
                readOnly={account.isDemo}
                hint={account.isDemo ? 'The demo is found by this address.' : 'You sign in with it.'}
                error={form.fields.email}
            />
            {email.trim().toLowerCase() !== account.email && !account.isDemo && (
                <TextField
                    label="Your password, to change the address"
                    name="password"
                    type="password"
                    autoComplete="current-password"
                    error={form.fields.password}
                />
            )}
            <div className="flex items-center gap-3">
                <Said words={form.said} />
                <button className="button" disabled={form.busy}>
                    Keep
                </button>
            </div>
        </form>
    );
}

export function Password() {
    const form = useSend(
        (given) => api.put<AccountAnswer>('account/password', given),
        'Changed. Everywhere else you are signed out.',
    );
    return (
        <form className="card space-y-4" noValidate onSubmit={form.submit}>
            <h2 className="text-[1.125rem]">Password</h2>
            <TextField
                label="Your present password"
                name="present"
                type="password"
                autoComplete="current-password"
                error={form.fields.present}
            />
            <TextField
                label="A new one, ten letters or more"
                name="password"
                type="password"
                autoComplete="new-password"
                hint="Three plain words do well."
                error={form.fields.password}
            />
            <div className="flex items-center gap-3">
                <Said words={form.said} />
                <button className="button" disabled={form.busy}>
                    Change the password
                </button>
            </div>
        </form>
    );
}
