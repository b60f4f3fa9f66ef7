import type { ReactNode } from 'react';
import { Link, useNavigate } from 'react-router';
import { everywhereKeys, leadKeys, planKeys } from '../../parts/keys';
import { KeyList } from '../../parts/KeyList';
import { keep, TOUR } from '../../parts/kept';
import { marks, MarkSign, markWords } from '../../parts/MarkSign';
import { PageTitle } from '../../parts/Shell';
import { zoneNames } from '../../parts/BodyFigure';
import { ZoneShape } from '../../parts/ZoneShape';
import { Device } from './Device';

const meaning: Record<(typeof marks)[number], string> = {
    fully: 'does it as it is planned',
    adapted: 'does another version of it, or holds it to their own range',
    rests: 'has something else to do meanwhile: imagine it, breathe it, move the other end of the body',
    none: 'has nothing to do yet; choose another movement, or a version for them',
};

function Part({ title, id, children }: { title: string; id: string; children: ReactNode }) {
    return (
        <section id={id} className="card space-y-3 scroll-mt-4">
            <h2 className="text-[1.25rem]">{title}</h2>
            {children}
        </section>
    );
}

/** How to begin, what every sign means, every key, and what Kind Chair does not do. */
export default function Help() {
    const navigate = useNavigate();
    return (
        <>
            <PageTitle
                title="Help"
                below="How to begin, what the signs mean, the keys, and how this device shows things"
            />
            <div className="grid gap-4 lg:grid-cols-2">
                <Part title="How to begin" id="begin">
                    <ol className="list-decimal space-y-1 pl-5">
                        <li>
                            <Link to="/people" className="underline underline-offset-4">
                                Note who comes
                            </Link>
                            : initials are enough. Or plan for nobody in particular.
                        </li>
                        <li>
                            <Link to="/" className="underline underline-offset-4">
                                Make a class
                            </Link>
                            : day, place, minutes.
                        </li>
                        <li>
                            Add movements. The bench at the top fills with minutes; both sides are held against each
                            other.
                        </li>
                        <li>Settle what wants settling: each sentence has a button that says what it does.</li>
                        <li>Ask before class who is dizzy, tired or in pain today.</li>
                        <li>Lead it: by the clock, or step by step at your own time.</li>
                        <li>
                            The{' '}
                            <Link to="/log" className="underline underline-offset-4">
                                log
                            </Link>{' '}
                            keeps what was done, and your notes for next time.
                        </li>
                    </ol>
                    <button
                        className="button"
                        onClick={() => {
                            keep('first-steps-skipped', null);
                            keep(TOUR, null);
                            void navigate('/');
                        }}
                    >
                        Show the first steps with your classes
                    </button>
                </Part>
                <Part title="What the signs mean" id="signs">
                    <ul className="space-y-2">
                        {marks.map((mark) => (
                            <li key={mark} className="flex gap-3">
                                <span className="mt-1">
                                    <MarkSign mark={mark} size={18} />
                                </span>
                                <span>
                                    <strong>{markWords[mark]}</strong>: {meaning[mark]}
                                </span>
                            </li>
                        ))}
                    </ul>
                    <p>A shape and a colour stand for a part of the body:</p>
                    <ul className="flex flex-wrap gap-x-5 gap-y-2">
                        {zoneNames.map(([zone, name]) => (
                            <li key={zone} className="flex items-center gap-2">
                                <ZoneShape zone={zone} size={20} /> {name}
                            </li>
                        ))}
                        <li className="flex items-center gap-2">
                            <ZoneShape zone={null} size={20} /> Breath and stillness
                        </li>
                    </ul>
                    <p>
                        On Plan the bar to the left is the time on the left side, the bar to the right that on the
                        right. A dashed gap is a side that is missing; a kink in the line is a movement out of order. A
                        number in a drop belongs to the sentence above with the same number.
                    </p>
                </Part>
                <Part title="What Kind Chair does not do" id="not">
                    <ul className="list-disc space-y-1 pl-5">
                        <li>
                            It knows no diagnosis and gives no medical advice. Clinicians and the rules of your house go
                            first.
                        </li>
                        <li>
                            It sees nobody. What somebody says and shows on the day counts more than what is noted here.
                        </li>
                        <li>
                            It sends nothing about your people anywhere. What is noted stays on this computer,
                            encrypted.
                        </li>
                        <li>Its times are those of the book until it has learned yours from classes you led.</li>
                    </ul>
                    <p>
                        <Link to="/precautions" className="underline underline-offset-4">
                            What it minds for each condition, and why
                        </Link>
                    </p>
                </Part>
                <Part title="This device" id="device">
                    <Device />
                </Part>
                <Part title="Keys everywhere" id="keys">
                    <KeyList keys={everywhereKeys} />
                </Part>
                <Part title="Keys on Plan" id="plan-keys">
                    <p className="text-ink-soft">While a movement of the class has the focus.</p>
                    <KeyList keys={planKeys} />
                </Part>
                <Part title="Keys while leading" id="lead-keys">
                    <p className="text-ink-soft">A presenter’s remote works as well: it sends the page keys.</p>
                    <KeyList keys={leadKeys} />
                </Part>
            </div>
        </>
    );
}
