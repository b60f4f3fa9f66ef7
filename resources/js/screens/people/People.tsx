import { useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { api } from '../../api/client';
import { refresh, useFigures, useGroups, useLibrary, usePeople } from '../../api/queries';
import type { GroupsAnswer } from '../../api/types/answer-groups';
import { FigureDrawing } from '../../parts/FigureDrawing';
import { TextField } from '../../parts/Field';
import { FormSheet } from '../../parts/FormSheet';
import { Ask } from '../../parts/Sheet';
import type { Given } from '../../parts/useSubmit';
import { PageTitle } from '../../parts/Shell';
import { EmptyPlace, Trouble, Waiting } from '../../parts/States';
import { plural } from '../../parts/time';
import { OwnPrecautions } from './OwnPrecautions';
import { PeopleFile } from './PeopleFile';
import { PersonForm } from './PersonForm';
import { bases } from './personParts';

type GroupRow = GroupsAnswer['groups'][number];
type PersonRow = GroupRow['people'][number];

function NameForm({ group, onClose }: { group: GroupRow | null; onClose: (made?: GroupRow) => void }) {
    const send = async (given: Given) => {
        const body = { name: given('name') };
        const made = await (group ? api.put<GroupRow>(`groups/${group.id}`, body) : api.make<GroupRow>('groups', body));
        await refresh('groups', 'classes');
        onClose(made);
    };
    return (
        <FormSheet
            title={group ? 'Rename this group' : 'New group'}
            draft={`group:${group?.id ?? 'new'}`}
            state={null}
            send={send}
            keep="Keep"
            onClose={() => onClose()}
        >
            {(errors) => (
                <TextField
                    label="Name of the group"
                    name="name"
                    defaultValue={group?.name}
                    error={errors.name}
                    autoFocus
                />
            )}
        </FormSheet>
    );
}

export default function People() {
    const { groupId } = useParams();
    const [params, setParams] = useSearchParams();
    const navigate = useNavigate();
    const groups = useGroups();
    const library = useLibrary();
    const figures = useFigures(bases.map(([base]) => `rest/${base}`));
    const [editing, setEditing] = useState<PersonRow | 'new' | null>(null);
    const [naming, setNaming] = useState<GroupRow | 'new' | null>(null);
    const [reading, setReading] = useState(false);
    const [caring, setCaring] = useState(false);
    const everyone = usePeople();
    const [removing, setRemoving] = useState<GroupRow | null>(null);
    const error = groups.error ?? library.error;
    if (error) {
        return (
            <Trouble
                error={error}
                again={() => {
                    void groups.refetch();
                    void library.refetch();
                }}
            />
        );
    }
    if (!groups.data || !library.data) {
        return <Waiting what="your people" />;
    }
    const { precautions } = library.data;
    const all = groups.data.groups;
    const group = all.find((one) => one.id === Number(groupId)) ?? all[0];
    const others = (everyone.data?.people ?? []).filter((one) => group && !one.groups.includes(group.id));
    // Somebody who was found from elsewhere.
    const wanted = Number(params.get('person'));
    const found = all
        .flatMap((one) => one.people.map((row) => ({ group: one.id, row })))
        .find(({ row }) => row.id === wanted);
    const words = new Map(precautions.map((precaution) => [precaution.code, precaution.name]));
    return (
        <>
            <PageTitle
                title="People"
                below={group && `${group.name}: ${plural(group.people.length, 'person', 'people')}`}
            >
                <button className="button" onClick={() => setNaming('new')}>
                    New group
                </button>
                {group && (
                    <button className="button button-main" onClick={() => setEditing('new')}>
                        Add a person
                    </button>
                )}
            </PageTitle>
            {!group && (
                <EmptyPlace
                    title="Who comes to your class?"
                    example="“Tuesday group”: A. T., on a chair; M. K., in a wheelchair, sore wrists; J. S., lies flat."
                    action={
                        <button className="button button-main" onClick={() => setNaming('new')}>
                            New group
                        </button>
                    }
                >
                    Make a group and add its people: a name or initials, what they sit on, and what to be careful with.
                    Everything about health is stored encrypted.
                </EmptyPlace>
            )}
            {group && (
                <>
                    <div className="mb-5 flex flex-wrap items-center gap-2">
                        {all.length > 1 &&
                            all.map((one) => (
                                <Link
                                    key={one.id}
                                    to={`/people/${one.id}`}
                                    aria-current={one === group ? 'page' : undefined}
                                    className={`button ${one === group ? 'border-2 border-ink' : ''}`}
                                >
                                    {one.name}
                                </Link>
                            ))}
                        <span className="ml-auto" />
                        <button className="button button-quiet px-2" onClick={() => setReading(true)}>
                            From a file
                        </button>
                        {group.people.length > 0 && (
                            <a className="button button-quiet px-2" href={`/api/groups/${group.id}/people.csv`}>
                                Save as a table
                            </a>
                        )}
                        <button className="button button-quiet px-2" onClick={() => setCaring(true)}>
                            My precautions
                        </button>
                        <button className="button button-quiet px-2" onClick={() => setNaming(group)}>
                            Rename
                        </button>
                        <button className="button button-quiet px-2" onClick={() => setRemoving(group)}>
                            Remove group
                        </button>
                    </div>
                    {group.people.length === 0 && (
                        <EmptyPlace
                            title="Nobody here yet"
                            example="“M. K., wheelchair, sore wrists” already tells Kind Chair which versions to offer."
                            action={
                                <button className="button button-main" onClick={() => setEditing('new')}>
                                    Add a person
                                </button>
                            }
                        >
                            Initials are enough, with what somebody sits on and what to be careful with.
                        </EmptyPlace>
                    )}
                    {others.length > 0 && (
                        <select
                            className="field mb-3 max-w-md"
                            aria-label="Add someone from another group"
                            value=""
                            onChange={(event) =>
                                void api
                                    .put(`groups/${group.id}/people/${event.target.value}`, {})
                                    .then(() => refresh('groups', 'classes'))
                            }
                        >
                            <option value="">Add someone from another group</option>
                            {others.map((one) => (
                                <option key={one.id} value={one.id}>
                                    {one.person.name}
                                </option>
                            ))}
                        </select>
                    )}
                    <ul className="grid gap-3 lg:grid-cols-2">
                        {group.people.map((row) => (
                            <li key={row.id}>
                                <button
                                    onClick={() => setEditing(row)}
                                    className="flex h-full w-full items-center gap-4 rounded-2xl border-[1.5px] border-transparent bg-white px-4 py-3 text-left hover:border-ink"
                                >
                                    <span className="grid h-[4.75rem] w-[4.75rem] shrink-0 place-items-center rounded-2xl bg-paper">
                                        <FigureDrawing shapes={figures[`rest/${row.person.base}`]} size={68} />
                                    </span>
                                    <span className="min-w-0 leading-snug">
                                        <strong className="block text-[1.1875rem]">{row.person.name}</strong>
                                        <span className="block text-ink-soft">
                                            {[
                                                bases.find(([base]) => base === row.person.base)?.[1],
                                                row.person.age && row.person.age !== 'adult' ? row.person.age : null,
                                            ]
                                                .filter(Boolean)
                                                .join(', ')}
                                        </span>
                                        <span className="block text-[0.9375rem]">
                                            {(row.person.precautions ?? [])
                                                .map((noted) =>
                                                    [words.get(noted.code), noted.side].filter(Boolean).join(', '),
                                                )
                                                .join('; ') || 'No precautions noted'}
                                        </span>
                                    </span>
                                </button>
                            </li>
                        ))}
                    </ul>
                </>
            )}
            {found && !editing && (
                <PersonForm
                    key={found.row.id}
                    group={found.group}
                    row={found.row}
                    library={library.data}
                    onClose={() => setParams({}, { replace: true })}
                />
            )}
            {editing && group && (
                <PersonForm
                    group={group.id}
                    row={editing === 'new' ? null : editing}
                    library={library.data}
                    onClose={() => setEditing(null)}
                />
            )}
            {reading && group && <PeopleFile group={group.id} onClose={() => setReading(false)} />}
            {caring && <OwnPrecautions onClose={() => setCaring(false)} />}
            {naming && (
                <NameForm
                    group={naming === 'new' ? null : naming}
                    onClose={(made) => {
                        setNaming(null);
                        if (made) {
                            void navigate(`/people/${made.id}`);
                        }
                    }}
                />
            )}
            {removing && (
                <Ask
                    title={`Remove ${removing.name}?`}
                    yes="Remove the group"
                    onClose={() => setRemoving(null)}
                    onYes={() => {
                        void api
                            .delete(`groups/${removing.id}`)
                            .then(() => refresh('groups', 'classes').then(() => navigate('/people')));
                        setRemoving(null);
                    }}
                >
                    {removing.people.length > 0
                        ? `Its ${plural(removing.people.length, 'person', 'people')} and all you noted about them stay: add them to another group when you like.`
                        : 'It has nobody in it.'}{' '}
                    Classes planned for it stay, with nobody noted.
                </Ask>
            )}
        </>
    );
}
