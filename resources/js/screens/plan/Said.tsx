/** What the server had to say, until it is read. */
export function Said({ words, onRead }: { words: string; onRead: () => void }) {
    return (
        <p role="alert" className="mx-4 mt-1 flex items-center gap-3 rounded-xl bg-butter px-4 py-2">
            <span className="mr-auto">{words}</span>
            <button className="button min-h-9 py-1" onClick={onRead}>
                Good
            </button>
        </p>
    );
}
