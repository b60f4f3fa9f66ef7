import { MenuItem, MenuItems } from '@headlessui/react';
import type { Doing } from './actions';

/** What opens under or over a button that says that there is more to do. */
export function MenuChoices({ choices, anchor }: { choices: readonly Doing[]; anchor: 'top end' | 'bottom end' }) {
    return (
        <MenuItems
            anchor={anchor}
            className="z-30 w-64 rounded-2xl border-[1.5px] border-rule bg-white p-2 [--anchor-gap:6px] [--anchor-padding:8px]"
        >
            {choices.map(({ name, go }) => (
                <MenuItem key={name}>
                    <button
                        className="flex min-h-11 w-full items-center rounded-lg px-3 text-left data-focus:bg-channel"
                        onClick={go}
                    >
                        {name}
                    </button>
                </MenuItem>
            ))}
        </MenuItems>
    );
}
