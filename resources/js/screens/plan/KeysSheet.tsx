import { Sheet } from '../../parts/Sheet';

const keys: [string, string][] = [
    ['Up, Down', 'previous, next movement'],
    ['Shift+Up, Shift+Down', 'choose neighbouring movements as well'],
    ['S, R', 'make the chosen ones a set, a round'],
    ['Left, Right', 'choose the left side, both, the right side'],
    ['+, −', 'one more, one fewer, on the chosen side or on both'],
    ['M', 'make both sides equal'],
    ['Alt+Up, Alt+Down', 'move the movement'],
    ['Enter', 'add after this one'],
    ['Delete', 'take out'],
    ['W', 'go to who does what'],
    ['1, 2, 3', 'settle that finding'],
    ['Ctrl+Z, Ctrl+Shift+Z', 'undo, redo'],
    ['P, L', 'print the cue sheet, lead this class'],
    ['?', 'this list'],
];

export function KeysSheet({ open, onClose }: { open: boolean; onClose: () => void }) {
    return (
        <Sheet title="Keys for this screen" open={open} onClose={onClose}>
            <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-2">
                {keys.map(([key, does]) => (
                    <div key={key} className="contents">
                        <dt className="font-bold">{key}</dt>
                        <dd>{does}</dd>
                    </div>
                ))}
            </dl>
        </Sheet>
    );
}
