import { useQuery } from '@tanstack/react-query';
import { api } from '../../api/client';
import { signOut } from '../../api/session';
import type { AccountAnswer } from '../../api/types/answer-account';
import { PageTitle } from '../../parts/Shell';
import { Trouble, Waiting } from '../../parts/States';
import { Backup } from './Backup';
import { EraseAll, OtherTeachers, Sessions } from './Care';
import { OwnPace } from './OwnPace';
import { Teaching } from './Teaching';
import { Password, You } from './You';

export default function Account() {
    const account = useQuery({ queryKey: ['account'], queryFn: () => api.get<AccountAnswer>('account') });
    if (account.error) {
        return <Trouble error={account.error} again={() => void account.refetch()} />;
    }
    if (!account.data) {
        return <Waiting what="your account" />;
    }
    const { data } = account;
    return (
        <>
            <PageTitle title="Account" below={data.isDemo ? 'The demo: everything in it is made up' : data.email}>
                <button className="button md:hidden" onClick={() => void signOut()}>
                    Sign out
                </button>
            </PageTitle>
            <div className="grid items-start gap-5 lg:grid-cols-2">
                <div className="space-y-5">
                    <You account={data} />
                    <Teaching />
                    <OwnPace />
                    {!data.isDemo && <Password />}
                    <Sessions account={data} />
                    <section className="card">
                        <h2 className="mb-1 text-[1.125rem]">Take everything with you</h2>
                        <p className="mb-3 text-ink-soft">
                            Classes with all their earlier plans, people, places, movements and the log, as open files
                            in one archive. It is not encrypted: mind where you put it.
                        </p>
                        <a className="button" href="/api/account/file">
                            Save all my data
                        </a>
                    </section>
                    <EraseAll account={data} />
                </div>
                {data.isKeeper && (
                    <div className="space-y-5">
                        <Backup />
                        <OtherTeachers account={data} />
                    </div>
                )}
            </div>
        </>
    );
}
