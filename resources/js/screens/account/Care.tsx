import { useState } from 'react';
import { api } from '../../api/client';
import { queryClient } from '../../api/queries';
import type { AccountAnswer } from '../../api/types/answer-account';
import { TextField } from '../../parts/Field';
import { Sheet } from '../../parts/Sheet';
import { plural } from '../../parts/time';
import { dayAndHour } from '../../parts/time';
import { Said, useSend } from './You';

/** Also where the browser has no clipboard of its own to offer, as without https. */
async function copy(words: string): Promise<boolean> {
    try {
        await navigator.clipboard.writeText(words);
        return true;
    } catch {
        document.querySelector<HTMLInputElement>('[data-link] input')?.select();
        return document.execCommand('copy');
    }
}

const take = (answer: AccountAnswer) => queryClient.setQueryData(['account'], answer);

/** Where one is signed in, each to be signed out. */
export function Sessions({ account }: { account: AccountAnswer }) {
    const [problem, setProblem] = useState<string | null>(null);
    const end = (path: string) =>
        void api.delete<AccountAnswer>(path).then(take, (error: Error) => setProblem(error.message));
    const others = account.sessions.filter((one) => !one.isThis);
    return (
        <section className="card">
            <h2 className="mb-2 text-[1.125rem]">Where you are signed in</h2>
            <ul>
                {account.sessions.map((one) => (
                    <li
                        key={one.id}
                        className="flex min-h-14 items-center gap-3 border-b border-hair py-1.5 last:border-b-0"
                    >
                        <span className="mr-auto leading-snug">
                            {one.device}
                            <span className="block text-[0.9375rem] text-ink-soft">
                                {one.isThis ? 'Here, now' : `${dayAndHour(one.lastSeen)}, from ${one.address}`}
                            </span>
                        </span>
                        {!one.isThis && (
                            <button
                                className="button button-quiet px-3"
                                onClick={() => end(`account/sessions/${one.id}`)}
                            >
                                Sign out<span className="sr-only"> {one.device}</span>
                            </button>
                        )}
                    </li>
                ))}
            </ul>
            {others.length > 1 && (
                <button className="button mt-3" onClick={() => end('account/sessions')}>
                    Sign out everywhere else
                </button>
            )}
            {problem && (
                <p role="alert" className="mt-2 rounded-xl bg-butter px-4 py-2">
                    {problem}
                </p>
            )}
        </section>
    );
}

/** One more teacher, by a link that works once. */
export function OtherTeachers({ account }: { account: AccountAnswer }) {
    const [link, setLink] = useState<{ link: string; days: number } | null>(null);
    const [said, setSaid] = useState<string | null>(null);
    const [busy, setBusy] = useState(false);
    const others = account.teachers.length - 1;
    const invite = () => {
        setBusy(true);
        api.make<{ link: string; days: number }>('account/invitations').then(
            (made) => {
                setLink(made);
                void queryClient.invalidateQueries({ queryKey: ['account'] });
                setBusy(false);
            },
            (error: Error) => {
                setSaid(error.message);
                setBusy(false);
            },
        );
    };
    return (
        <section className="card space-y-3">
            <h2 className="text-[1.125rem]">Another teacher</h2>
            <p className="text-ink-soft">
                {others === 0
                    ? 'So far you are the only one here.'
                    : `${plural(others, 'other teacher has', 'other teachers have')} an account here: ${account.teachers.slice(1).join(', ')}.`}{' '}
                Each sees only their own people, classes and log.
            </p>
            {link ? (
                <>
                    <div data-link>
                        <TextField
                            label="Give them this link"
                            value={link.link}
                            readOnly
                            onFocus={(event) => event.target.select()}
                            hint={`It makes one account, once, within ${link.days} days. It is not shown again.`}
                        />
                    </div>
                    <button
                        className="button"
                        onClick={() =>
                            void copy(link.link).then((copied) =>
                                setSaid(copied ? 'Copied.' : 'Please copy it by hand: press Ctrl and C in the field.'),
                            )
                        }
                    >
                        Copy the link
                    </button>
                </>
            ) : (
                <button className="button" onClick={invite} disabled={busy}>
                    Make a link
                </button>
            )}
            {account.openInvitations > 0 && (
                <button
                    className="button button-quiet px-3"
                    onClick={() =>
                        void api.delete<AccountAnswer>('account/invitations').then((answer) => {
                            take(answer);
                            setLink(null);
                            setSaid('No open link works any more.');
                        })
                    }
                >
                    Take back {plural(account.openInvitations, 'open link', 'open links')}
                </button>
            )}
            {said && <Said words={said} />}
        </section>
    );
}

/** Everything gone, after writing the name of the account. */
export function EraseAll({ account }: { account: AccountAnswer }) {
    const [asking, setAsking] = useState(false);
    const form = useSend(async (given) => {
        await api.delete('account', given);
        window.location.assign('/');
        return undefined;
    }, 'Erased.');
    return (
        <section className="card">
            <h2 className="mb-1 text-[1.125rem]">Erase everything</h2>
            <p className="mb-3 text-ink-soft">Your account with all people, classes, places, movements and the log.</p>
            <button className="button" onClick={() => setAsking(true)}>
                Erase everything
            </button>
            {asking && (
                <Sheet title="Erase everything?" open onClose={() => setAsking(false)}>
                    <form className="space-y-4" noValidate onSubmit={form.submit}>
                        <p>
                            All you have here will be gone and cannot be brought back
                            {account.teachers.length > 1
                                ? '; other teachers keep theirs. Daily backups hold it for seven more days'
                                : ', the daily backups too'}
                            . Save all your data first if you may want it again.
                        </p>
                        <TextField
                            label={`To erase, write the name of the account: ${account.name}`}
                            name="named"
                            autoComplete="off"
                            error={form.fields.named}
                            autoFocus
                        />
                        {!account.isDemo && (
                            <TextField
                                label="Your password"
                                name="password"
                                type="password"
                                autoComplete="current-password"
                                error={form.fields.password}
                            />
                        )}
                        <Said words={form.said} />
                        <div className="flex flex-wrap justify-end gap-3">
                            <button type="button" className="button" onClick={() => setAsking(false)}>
                                Keep everything
                            </button>
                            <button className="button button-main" disabled={form.busy}>
                                Erase everything
                            </button>
                        </div>
                    </form>
                </Sheet>
            )}
        </section>
    );
}
