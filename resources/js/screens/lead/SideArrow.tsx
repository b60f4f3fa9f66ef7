import type { LeadEntry } from '../../api/types/answer-lead';

/** Which way the side goes: what the group does, and what the teacher shows them. */
export function SideArrow({
    side,
    teacherSide,
    mirrors,
    sides,
}: {
    side: 'left' | 'right' | null;
    teacherSide: 'left' | 'right' | null;
    mirrors: boolean;
    sides: LeadEntry['sides'];
}) {
    if (!side || !teacherSide) {
        return (
            <p className="flex h-[min(84px,21cqh)] max-w-[48.75rem] items-center rounded-[22px] bg-glow px-8 text-[min(46px,12cqh)] font-bold leading-none text-night">
                {sides === 'midline'
                    ? 'Everyone together'
                    : sides === 'together'
                      ? 'Everyone, both sides'
                      : 'Both sides in turn'}
            </p>
        );
    }
    // Facing the group, their left is to the teacher's right: the arrow points to where everybody goes.
    const pointsRight = mirrors ? side === 'left' : side === 'right';
    const point = mirrors
        ? pointsRight
            ? 'M3 22a19 19 0 0 1 19-19H732L777 46L732 89H22a19 19 0 0 1-19-19z'
            : 'M777 22a19 19 0 0 0-19-19H48L3 46L48 89H758a19 19 0 0 0 19-19z'
        : 'M22 3H758a19 19 0 0 1 19 19V70a19 19 0 0 1-19 19H22a19 19 0 0 1-19-19V22a19 19 0 0 1 19-19z';
    const filled =
        pointsRight || !mirrors
            ? 'M3 22a19 19 0 0 1 19-19H368L396 46L368 89H22a19 19 0 0 1-19-19z'
            : 'M777 22a19 19 0 0 0-19-19H412L384 46L412 89H758a19 19 0 0 0 19-19z';
    const they = (
        <span key="they" className="flex-1 text-night">
            They: {side}
        </span>
    );
    const you = (
        <span key="you" className="flex-1 text-cream">
            You: {teacherSide}
        </span>
    );
    return (
        <div className="relative h-[min(84px,21cqh)] max-w-[48.75rem]">
            <svg
                viewBox="0 0 780 92"
                className="absolute inset-0 h-full w-full"
                preserveAspectRatio="none"
                aria-hidden="true"
            >
                <path d={point} fill="none" stroke="var(--glow)" strokeWidth="5" strokeLinejoin="round" />
                <path d={filled} fill="var(--glow)" stroke="var(--glow)" strokeWidth="5" strokeLinejoin="round" />
            </svg>
            <p
                className={`relative flex h-full items-center text-[min(46px,12cqh,3.6cqw)] font-bold leading-none ${pointsRight || !mirrors ? 'pl-8' : 'pl-14'}`}
                data-side
            >
                {pointsRight || !mirrors ? [they, you] : [you, they]}
            </p>
        </div>
    );
}
