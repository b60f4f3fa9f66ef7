/** Keys and what they do. */
export function KeyList({ keys }: { keys: [string, string][] }) {
    return (
        <dl className="grid grid-cols-[minmax(6rem,auto)_1fr] gap-x-5 gap-y-2">
            {keys.map(([key, does]) => (
                <div key={key} className="contents">
                    <dt className="font-bold">{key}</dt>
                    <dd>{does}</dd>
                </div>
            ))}
        </dl>
    );
}
