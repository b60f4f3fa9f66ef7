import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api } from '../../api/client';
import { refresh, usePlaces } from '../../api/queries';
import type { PlaceRow } from '../../api/types/answer-places';
import { TextField } from '../../parts/Field';
import { FormSheet } from '../../parts/FormSheet';
import { PageTitle } from '../../parts/Shell';
import { EmptyPlace, Trouble, Waiting } from '../../parts/States';
import { plural } from '../../parts/time';

export default function Places() {
    const places = usePlaces();
    const navigate = useNavigate();
    const [naming, setNaming] = useState(false);
    if (places.error) {
        return <Trouble error={places.error} again={() => void places.refetch()} />;
    }
    if (!places.data) {
        return <Waiting what="your places" />;
    }
    const main = (
        <button className="button button-main" onClick={() => setNaming(true)}>
            New place
        </button>
    );
    return (
        <>
            <PageTitle title="Places" below="Where classes are held: the room, the chairs, the kit, the house rules">
                {places.data.places.length > 0 && main}
            </PageTitle>
            {places.data.places.length === 0 && (
                <EmptyPlace
                    title="Where do you teach?"
                    action={main}
                    example="“Parish hall, 8 by 11 m, door by the stage. Twelve chairs without arms, four blocks, six blankets. Nothing on the floor.”"
                >
                    Note a room with its doors, and Kind Chair sets chairs, wheelchairs and beds out with reach and
                    aisles. Note what is there, and it tells what to bring.
                </EmptyPlace>
            )}
            <ul className="grid gap-3 md:grid-cols-2">
                {places.data.places.map(({ id, name, place }) => (
                    <li key={id}>
                        <Link
                            to={`/places/${id}`}
                            className="block rounded-2xl border-[1.5px] border-transparent bg-white px-5 py-4 hover:border-ink"
                        >
                            <strong className="block font-slab text-[1.25rem]">{name}</strong>
                            <span className="text-ink-soft">
                                {[
                                    place.room &&
                                        `${(place.room.width / 1000).toFixed(1)} by ${(place.room.depth / 1000).toFixed(1)} m`,
                                    place.chairs?.length
                                        ? plural(place.chairs.length, 'kind of chair', 'kinds of chair')
                                        : null,
                                    place.kit &&
                                        plural(
                                            Object.values(place.kit).reduce((sum, count) => sum + count, 0),
                                            'prop',
                                            'props',
                                        ),
                                    place.never?.length
                                        ? plural(place.never.length, 'house rule', 'house rules')
                                        : null,
                                ]
                                    .filter(Boolean)
                                    .join(', ') || 'Nothing noted yet'}
                            </span>
                        </Link>
                    </li>
                ))}
            </ul>
            {naming && (
                <FormSheet
                    title="New place"
                    draft="place:new"
                    state={null}
                    keep="Keep"
                    onClose={() => setNaming(false)}
                    send={async (given) => {
                        const made = await api.make<PlaceRow>('places', { name: given('name') });
                        await refresh('places');
                        void navigate(`/places/${made.id}`);
                    }}
                >
                    {(errors) => <TextField label="Name of the place" name="name" error={errors.name} autoFocus />}
                </FormSheet>
            )}
        </>
    );
}
