/** The key that does the same as the button it stands on. */
export function Key({ name }: { name: string }) {
    return (
        <kbd className="rounded-lg border-2 border-current px-2 py-1 font-sans text-[1.25rem] leading-none opacity-90 max-lg:hidden">
            {name}
        </kbd>
    );
}
