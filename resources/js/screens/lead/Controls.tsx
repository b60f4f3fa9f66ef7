import { Key } from './Key';
import type { Action } from './useLeading';

const CONTROL =
    'flex min-h-[max(48px,min(88px,10.5vh))] [@media(max-height:640px)]:lg:min-h-12 items-center justify-center gap-4 rounded-[22px] bg-night-2 text-[min(33px,4.4vh)] font-bold md:max-xl:gap-2 md:max-xl:text-[min(24px,4vh)] hover:bg-night-3 max-md:min-h-14 max-md:rounded-2xl max-md:text-[1.25rem] max-md:leading-tight';

interface Props {
    act: (action: Action) => void;
    isPaused: boolean;
    hasBegun: boolean;
    /** whether the teacher goes from step to step herself */
    own: boolean;
}

export function Controls({ act, isPaused, hasBegun, own }: Props) {
    const begins = isPaused && !hasBegun;
    return (
        <div
            data-controls
            className="sticky bottom-0 mt-3 grid shrink-0 bg-night pb-4 grid-cols-[1fr_1.800fr_1.500fr_1fr_1.300fr] gap-3.5 max-lg:-mx-4 max-lg:p-4 max-md:grid-cols-4 max-md:gap-2 max-md:p-3"
        >
            <button className={CONTROL} onClick={() => act(own ? 'stepBack' : 'back')}>
                <Key name={own ? '←' : 'B'} /> Back
            </button>
            <button
                className={`${CONTROL} border-[3px] border-cream bg-night-3 max-md:order-first max-md:col-span-4`}
                onClick={() => act(own ? 'next' : 'toggle')}
                aria-pressed={own ? undefined : isPaused}
            >
                <Key name="Space" /> {begins ? 'Begin' : isPaused ? 'Go on' : own ? 'Next step' : 'Pause'}
            </button>
            <button className={CONTROL} onClick={() => act('hold')}>
                <Key name="H" />
                <span className="leading-[1.05]">
                    Hold longer
                    <span className="block text-[1.25rem] font-normal text-mist max-lg:hidden [@media(max-height:760px)]:hidden">
                        one more breath
                    </span>
                </span>
            </button>
            <button className={CONTROL} onClick={() => act('skip')}>
                <Key name="S" /> Skip
            </button>
            <button className={CONTROL} onClick={() => act('own')} aria-pressed={own}>
                <Key name="T" />
                <span className="text-left text-[min(24px,3.2vh)] md:max-xl:text-[1.25rem] leading-[1.1] max-md:text-center max-md:text-[1.25rem]">
                    {own ? 'My own time' : 'By the clock'}
                    <span className="block text-[1.25rem] font-normal text-mist max-lg:hidden [@media(max-height:760px)]:hidden">
                        {own ? 'or by the clock' : 'or step by step'}
                    </span>
                </span>
            </button>
        </div>
    );
}
