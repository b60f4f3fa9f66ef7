import { Menu, MenuButton } from '@headlessui/react';
import { useState, type ReactNode } from 'react';
import { NavLink, Outlet, useNavigate } from 'react-router';
import { signOut } from '../api/session';
import { FindEverywhere } from './FindEverywhere';
import { MenuChoices } from './MenuChoices';
import { useTitle } from './useTitle';

/** The sign of the application: a head, a back, a seat. */
export function Sign({ size = 30 }: { size?: number }) {
    return (
        <svg viewBox="0 0 30 32" width={size} height={size} aria-hidden="true">
            <path
                d="M5 3v26M5 19h17a3 3 0 0 1 3 3v7"
                fill="none"
                stroke="currentColor"
                strokeWidth="5"
                strokeLinecap="round"
            />
            <path d="M13 12a5 5 0 1 1 9 0z" fill="var(--color-sun)" />
        </svg>
    );
}

const icon = (path: string) => (
    <svg
        viewBox="0 0 24 24"
        width="24"
        height="24"
        fill="none"
        stroke="currentColor"
        strokeWidth="1.9"
        strokeLinecap="round"
        strokeLinejoin="round"
        aria-hidden="true"
    >
        <path d={path} />
    </svg>
);

const places: [string, string, ReactNode][] = [
    ['/', 'Classes', icon('M4 17h16M6 17v4M18 17v4M5 13h6v4H5zM12 10h7v7h-7z')],
    [
        '/people',
        'People',
        icon(
            'M9 11a3.5 3.5 0 1 0 0-7a3.5 3.5 0 0 0 0 7zM3 20c0-4 3-6 6-6s6 2 6 6M16 5a3 3 0 0 1 0 6M18 14c2 .6 3.500 2.600 3.500 6',
        ),
    ],
    ['/places', 'Places', icon('M4 20V9l8-5l8 5v11M4 20h16M10 20v-6h4v6')],
    [
        '/movements',
        'Movements',
        icon('M12 6.500a2.500 2.500 0 1 0 0-5a2.500 2.500 0 0 0 0 5zM3 9l9 1l9-5M12 10v6l-5 5M12 16l5 5'),
    ],
    ['/log', 'Log', icon('M5 3h11l3 3v15H5zM9 9h6M9 13h6M9 17h3')],
];

const signs = {
    account: icon('M12 12a4 4 0 1 0 0-8a4 4 0 0 0 0 8zM4 21c0-4 3.600-6 8-6s8 2 8 6'),
    find: icon('M10.500 17a6.500 6.500 0 1 0 0-13a6.500 6.500 0 0 0 0 13zM15.500 15.500L21 21'),
    help: icon(
        'M12 21a9 9 0 1 0 0-18a9 9 0 0 0 0 18zM9.500 9.500a2.500 2.500 0 1 1 3.500 2.300c-.700.400-1 .900-1 1.700M12 16.800v.200',
    ),
    out: icon('M10 4H5v16h5M14 8l4 4l-4 4M18 12H9'),
    more: icon('M4 7h16M4 12h16M4 17h16'),
};

const inRail =
    'min-h-16 min-w-11 flex-1 flex-col items-center justify-center gap-1 whitespace-nowrap px-0.5 text-[0.875rem] md:min-h-14 md:flex-none md:px-1 md:text-[0.9375rem]';
const shade = (isActive: boolean) => (isActive ? 'bg-channel font-bold' : 'text-ink-soft hover:bg-list hover:text-ink');

/** The frame of every screen but Plan and Lead: a rail on wide screens, a bar below on phones. */
export function Shell() {
    const [finding, setFinding] = useState(false);
    const navigate = useNavigate();
    return (
        <div className="min-h-screen md:pl-24">
            <a href="#main" className="button absolute left-2 top-2 z-50 -translate-y-24 focus:translate-y-0">
                To the page
            </a>
            <nav
                aria-label="Places"
                className="fixed inset-x-0 bottom-0 z-20 flex border-t border-hair bg-white md:inset-y-0 md:right-auto md:w-24 md:flex-col md:overflow-y-auto md:border-r md:border-t-0"
            >
                <span className="hidden justify-center py-3 md:flex">
                    <Sign />
                </span>
                {places.map(([to, name, sign]) => (
                    <NavLink
                        key={to}
                        to={to}
                        end={to === '/'}
                        className={({ isActive }) => `${inRail} flex ${shade(isActive)}`}
                    >
                        {sign}
                        {name}
                    </NavLink>
                ))}
                <NavLink to="/account" className={({ isActive }) => `${inRail} hidden md:flex ${shade(isActive)}`}>
                    {signs.account}
                    Account
                </NavLink>
                <button
                    onClick={() => setFinding(true)}
                    aria-keyshortcuts="/"
                    className={`${inRail} hidden md:flex ${shade(false)}`}
                >
                    {signs.find}
                    Find
                </button>
                <NavLink to="/help" className={({ isActive }) => `${inRail} mt-auto hidden md:flex ${shade(isActive)}`}>
                    {signs.help}
                    Help
                </NavLink>
                <button onClick={() => void signOut()} className={`${inRail} hidden md:flex ${shade(false)}`}>
                    {signs.out}
                    Sign out
                </button>
                <Menu>
                    <MenuButton className={`${inRail} flex md:hidden ${shade(false)}`}>
                        {signs.more}
                        More
                    </MenuButton>
                    <MenuChoices
                        anchor="top end"
                        choices={[
                            { name: 'Find', go: () => setFinding(true) },
                            { name: 'Account', go: () => void navigate('/account') },
                            { name: 'Help', go: () => void navigate('/help') },
                            { name: 'Sign out', go: () => void signOut() },
                        ]}
                    />
                </Menu>
            </nav>
            <FindEverywhere open={finding} setOpen={setFinding} />
            <main id="main" className="mx-auto max-w-6xl px-4 pb-28 pt-6 md:px-8 md:pb-12">
                <Outlet />
            </main>
        </div>
    );
}

export function PageTitle({ title, children, below }: { title: string; children?: ReactNode; below?: ReactNode }) {
    useTitle(title);
    return (
        <header className="mb-6 flex flex-wrap items-center gap-x-4 gap-y-3">
            <div className="mr-auto">
                <h1 className="text-[1.75rem] leading-tight">{title}</h1>
                {below && <div className="text-ink-soft">{below}</div>}
            </div>
            {children}
        </header>
    );
}
