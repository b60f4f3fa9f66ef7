import { Tab, TabGroup, TabList, TabPanel, TabPanels } from '@headlessui/react';
import { useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { api } from '../../api/client';
import { refresh, useLibrary, usePlaces } from '../../api/queries';
import type { PlaceRow } from '../../api/types/answer-places';
import type { PlaceForm } from '../../api/types/place';
import { useAutosave } from '../../parts/autosave';
import { TextField } from '../../parts/Field';
import { NeverChosen } from '../../parts/NeverChosen';
import { Ask } from '../../parts/Sheet';
import { NothingHere } from '../../parts/NothingHere';
import { PageTitle } from '../../parts/Shell';
import { Trouble, Waiting } from '../../parts/States';
import type { ChangePlace } from './change';
import { ChairFit } from './ChairFit';
import { RoomPlan } from './RoomPlan';

/** What is stored of a place in one go. */
interface Named {
    place: PlaceForm;
    name: string;
}

export default function PlacePage() {
    const { placeId } = useParams();
    const places = usePlaces();
    const found = places.data?.places.find((one) => one.id === Number(placeId));
    if (places.error) {
        return <Trouble error={places.error} again={() => void places.refetch()} />;
    }
    if (!places.data) {
        return <Waiting what="this place" />;
    }
    return found ? <Place key={found.id} row={found} /> : <NothingHere what="This place" />;
}

function Place({ row }: { row: PlaceRow }) {
    const library = useLibrary();
    const navigate = useNavigate();
    const [autosave, { state, problem }] = useAutosave<Named>({
        name: `place:${row.id}`,
        wait: 600,
        send: (document) => api.put<PlaceRow>(`places/${row.id}`, document),
        onStored: (_, isNewest) => isNewest && void refresh('places', 'classes', 'matrix'),
    });
    const [{ place, name }, setShown] = useState<Named>(() => autosave.pending ?? { place: row.place, name: row.name });
    const newest = useRef<Named>({ place, name });
    const [removing, setRemoving] = useState(false);
    const changeAll = (next: Named) => {
        newest.current = next;
        setShown(next);
        autosave.change(next);
    };
    const change: ChangePlace = (by) => changeAll({ ...newest.current, place: by(newest.current.place) });

    const kit = place.kit ?? {};
    return (
        <>
            <Link to="/places" className="mb-2 inline-flex min-h-11 items-center underline underline-offset-4">
                All places
            </Link>
            <PageTitle
                title={name}
                below={
                    <span data-saved={state}>
                        {state === 'saved' ? 'Saved' : state === 'failed' ? 'Not saved yet' : 'Saving'}
                    </span>
                }
            >
                <button className="button" onClick={() => setRemoving(true)}>
                    Remove this place
                </button>
            </PageTitle>
            <div className="mb-4 max-w-md">
                <TextField
                    label="Name of the place"
                    value={name}
                    maxLength={80}
                    onChange={(event) => changeAll({ ...newest.current, name: event.target.value })}
                />
            </div>
            {problem && (
                <div className="mb-4">
                    <Trouble error={problem} again={() => void autosave.flush()} />
                </div>
            )}
            <TabGroup>
                <TabList className="mb-4 flex flex-wrap gap-2">
                    {['Room and seats', 'Chair fit', 'Kit', 'House rules'].map((words) => (
                        <Tab
                            key={words}
                            className="button data-selected:border-2 data-selected:border-ink data-selected:font-bold"
                        >
                            {words}
                        </Tab>
                    ))}
                </TabList>
                <TabPanels>
                    <TabPanel>
                        <RoomPlan placeId={row.id} place={place} change={change} />
                    </TabPanel>
                    <TabPanel>
                        <ChairFit place={place} change={change} />
                    </TabPanel>
                    <TabPanel className="max-w-xl space-y-4">
                        <p className="text-ink-soft">
                            What is here. Nobody is offered a version that needs something that is not.
                        </p>
                        {library.data?.props.map((prop) => (
                            <TextField
                                key={prop.id}
                                label={prop.name}
                                hint={`In its place: ${prop.standIns.join(', ')}`}
                                type="number"
                                min={0}
                                max={200}
                                value={kit[prop.id] ?? ''}
                                placeholder="not counted"
                                onChange={(event) =>
                                    change((one) => {
                                        const counted = Object.fromEntries(
                                            Object.entries({
                                                ...one.kit,
                                                [prop.id]: Number(event.target.value),
                                            }).filter(([id]) => id !== prop.id || event.target.value !== ''),
                                        );
                                        return { ...one, kit: counted };
                                    })
                                }
                            />
                        ))}
                    </TabPanel>
                    <TabPanel className="space-y-4">
                        <p className="text-ink-soft">
                            What is never done here, whoever comes. Everyone is then offered something else.
                        </p>
                        <NeverChosen
                            never={(place.never ?? []) as string[]}
                            onChange={(never) => change((one) => ({ ...one, never: never as PlaceForm['never'] }))}
                        />
                    </TabPanel>
                </TabPanels>
            </TabGroup>
            {removing && (
                <Ask
                    title={`Remove ${name}?`}
                    yes="Remove it"
                    onClose={() => setRemoving(false)}
                    onYes={() =>
                        void api
                            .delete(`places/${row.id}`)
                            .then(() => refresh('places', 'classes').then(() => navigate('/places')))
                    }
                >
                    Its room, seats, kit and house rules will be gone. Classes planned for it stay.
                </Ask>
            )}
        </>
    );
}
