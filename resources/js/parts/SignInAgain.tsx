import { useEffect, useState } from 'react';
import { onLapsed, signInHere, type Lapsed } from '../api/session';
import { TextField } from './Field';
import { Sheet } from './Sheet';

/** Over whatever page is open: the session has ended, the work has not. */
export function SignInAgain() {
    const [lapsed, setLapsed] = useState<Lapsed | null>(null);
    const [problem, setProblem] = useState<string>();
    const [busy, setBusy] = useState(false);
    useEffect(() => onLapsed(setLapsed), []);
    if (!lapsed) {
        return null;
    }
    const enter = async (path: '/sign-in' | '/sign-in/demo', body?: { email: string; password: string }) => {
        setBusy(true);
        const wrong = await signInHere(path, body);
        setBusy(false);
        setProblem(wrong ?? undefined);
        if (wrong === null) {
            lapsed.done(true);
        }
    };
    return (
        <Sheet title="Please sign in again" open onClose={() => lapsed.done(false)}>
            <p className="mb-4">
                You have been signed out. Everything you typed is safe on this device and is kept as soon as you are
                back.
            </p>
            {lapsed.demo && (
                <button
                    className="button button-main mb-4 w-full"
                    disabled={busy}
                    onClick={() => void enter('/sign-in/demo')}
                >
                    Open the demo again
                </button>
            )}
            <form
                className="space-y-4"
                noValidate
                onSubmit={(event) => {
                    event.preventDefault();
                    const given = new FormData(event.currentTarget);
                    void enter('/sign-in', {
                        email: String(given.get('email')),
                        password: String(given.get('password')),
                    });
                }}
            >
                <TextField label="E-mail" name="email" type="email" autoComplete="username" autoFocus={!lapsed.demo} />
                <TextField
                    label="Password"
                    name="password"
                    type="password"
                    autoComplete="current-password"
                    error={problem}
                />
                <div className="flex flex-wrap justify-end gap-3">
                    <button type="button" className="button" onClick={() => lapsed.done(false)}>
                        Not now
                    </button>
                    <button className={`button ${lapsed.demo ? '' : 'button-main'}`} disabled={busy}>
                        Sign in
                    </button>
                </div>
            </form>
        </Sheet>
    );
}
