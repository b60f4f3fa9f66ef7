import { useState } from 'react';
import { useClasses } from '../../api/queries';
import { Choice } from '../../parts/Field';
import { Sheet } from '../../parts/Sheet';
import { dayAndHour } from '../../parts/time';
import { Look } from './Look';

/** This class beside another one of hers. */
export function CompareSheet({
    classId,
    revision,
    onClose,
}: {
    classId: string;
    revision: number;
    onClose: () => void;
}) {
    const classes = useClasses();
    const others = classes.data?.classes.filter(({ id }) => String(id) !== classId) ?? [];
    const [chosen, setChosen] = useState('');
    const other = chosen || String(others[0]?.id ?? '');
    return (
        <Sheet title="Beside another class" open onClose={onClose} wide>
            {others.length === 0 ? (
                <p>There is no other class yet. The next one you plan can be looked at beside this one.</p>
            ) : (
                <>
                    <div className="mb-4">
                        <Choice
                            label="The other class"
                            value={other}
                            onChange={(event) => setChosen(event.target.value)}
                            options={others.map(
                                (row) =>
                                    [
                                        String(row.id),
                                        [row.title, row.startsAt ? dayAndHour(row.startsAt) : '']
                                            .filter(Boolean)
                                            .join(', '),
                                    ] as const,
                            )}
                        />
                    </div>
                    <Look
                        classId={classId}
                        question={{ other: Number(other), revision }}
                        names={['The other', 'This one']}
                    >
                        {() => null}
                    </Look>
                </>
            )}
        </Sheet>
    );
}
