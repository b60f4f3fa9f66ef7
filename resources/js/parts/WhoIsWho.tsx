import type { WhoIsWho as Asked } from '../api/types/answer-who-is-who';

type Like = Asked['people'][number]['like'];

const groupsOf = (groups: string[]) => (groups.length > 0 ? `in ${groups.join(', ')}` : 'in no group');

/** Whether somebody in a file is somebody who is here already: a question that only the teacher can answer. */
export function SamePerson({
    name,
    like,
    value,
    onChange,
}: {
    name: string;
    like: Like;
    value: number | null;
    onChange: (id: number | null) => void;
}) {
    return (
        <select
            className="field"
            aria-label={`Who ${name} in the file is`}
            value={value ?? ''}
            onChange={(event) => onChange(event.target.value === '' ? null : Number(event.target.value))}
        >
            {like.map((one) => (
                <option key={one.id} value={one.id}>
                    {one.sameName ? 'The same person' : `The same person as ${one.name}`}, {groupsOf(one.groups)}
                </option>
            ))}
            <option value="">Somebody else, new here</option>
        </select>
    );
}

/** Who is probably meant: somebody of the same name; with another name, nobody. */
export const probably = (like: Like): number | null => like.find((one) => one.sameName)?.id ?? null;
