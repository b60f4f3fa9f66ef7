/** A sign to say nothing now; its place is kept while somebody speaks, so that nothing moves. */
export const Quiet = ({ isShown }: { isShown: boolean }) => (
    <span
        className={`shrink-0 rounded-full border-2 border-mist px-3 text-[1rem] leading-[1.5] font-normal text-mist md:text-[1.25rem] ${isShown ? '' : 'invisible'}`}
        data-quiet={isShown || undefined}
    >
        quiet
    </span>
);
