import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../../api/client';
import { queryClient } from '../../api/queries';
import type { BackupAnswer } from '../../api/types/answer-backup';
import { TextField } from '../../parts/Field';
import { Trouble, Waiting } from '../../parts/States';
import { dayAndHour } from '../../parts/time';
import { Said, useSend } from './You';

/** Backups of everything on this server: the passphrase that opens them, one now, and those made day by day. */
export function Backup() {
    const backup = useQuery({ queryKey: ['backups'], queryFn: () => api.get<BackupAnswer>('backups') });
    const [changing, setChanging] = useState(false);
    return (
        <section className="card space-y-3">
            <h2 className="text-[1.125rem]">Backup</h2>
            {backup.error && <Trouble error={backup.error} again={() => void backup.refetch()} />}
            {backup.isPending && <Waiting what="the backups" />}
            {backup.data && (
                <>
                    <p className="text-ink-soft">
                        One encrypted file with everything on this server. Keep a copy on another device. Whoever looks
                        after this computer can bring it back from the file, here or on a new one.
                    </p>
                    {backup.data.hasPassphrase && !changing ? (
                        <div className="flex flex-wrap gap-2">
                            <a className="button button-main" href="/api/backups/file">
                                Save a backup now
                            </a>
                            <button className="button button-quiet px-3" onClick={() => setChanging(true)}>
                                Change the passphrase
                            </button>
                        </div>
                    ) : (
                        <PassphraseForm
                            least={backup.data.leastLetters}
                            changes={backup.data.hasPassphrase}
                            onDone={() => setChanging(false)}
                        />
                    )}
                    <h3 className="pt-1 text-[1rem]">Made by itself, day by day</h3>
                    {backup.data.daily.length === 0 ? (
                        <p className="text-ink-soft">
                            None yet. The first is made once a page of today has been opened.
                        </p>
                    ) : (
                        <ul className="text-[0.9375rem]">
                            {backup.data.daily.map((one) => (
                                <li
                                    key={one.madeAt}
                                    className="flex flex-wrap justify-between gap-x-4 border-b border-hair py-1.5 last:border-b-0"
                                >
                                    <span>{dayAndHour(one.madeAt)}</span>
                                    <span className="text-ink-soft">
                                        {one.opensWithPassphrase
                                            ? 'opens with the passphrase'
                                            : 'opens only with the key on this machine'}
                                    </span>
                                </li>
                            ))}
                        </ul>
                    )}
                    <p className="text-[0.9375rem] text-ink-soft">
                        The last {backup.data.keeps} are kept in <code className="break-all">{backup.data.folder}</code>
                        .
                    </p>
                </>
            )}
        </section>
    );
}

function PassphraseForm({ least, changes, onDone }: { least: number; changes: boolean; onDone: () => void }) {
    const [problem, setProblem] = useState<string>();
    const form = useSend(async (given) => {
        if (given.passphrase !== given.again) {
            setProblem('The two differ. Please write the same one twice.');
            throw new Error('');
        }
        setProblem(undefined);
        queryClient.setQueryData(
            ['backups'],
            await api.put<BackupAnswer>('backups/passphrase', { passphrase: given.passphrase }),
        );
        onDone();
        return undefined;
    }, 'Set.');
    return (
        <form className="space-y-3 rounded-xl bg-list p-4" noValidate onSubmit={form.submit}>
            <p>
                {changes
                    ? 'Backups made from now on open with the new passphrase; earlier ones with the one before.'
                    : 'First choose a passphrase. Whoever has it and the file can open it, on any machine. Nobody can open it without: please write it down in a safe place.'}
            </p>
            <TextField
                label={`Passphrase, ${least} letters or more`}
                name="passphrase"
                type="password"
                autoComplete="new-password"
                hint="Four plain words do well."
                error={form.fields.passphrase}
            />
            <TextField
                label="The same passphrase again"
                name="again"
                type="password"
                autoComplete="new-password"
                error={problem}
            />
            <div className="flex items-center gap-3">
                <Said words={form.said} />
                <button className="button button-main" disabled={form.busy}>
                    Set the passphrase
                </button>
            </div>
        </form>
    );
}
