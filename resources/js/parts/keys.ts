/** Every key there is, by the page it is for: for the list on Plan and for Help. */
export const planKeys: [string, string][] = [
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
    ['1, 2, 3', 'go to that finding'],
    ['Ctrl+Z, Ctrl+Shift+Z', 'undo, redo'],
    ['P, L', 'print the cue sheet, lead this class'],
    ['?', 'the list of these keys'],
];

export const leadKeys: [string, string][] = [
    ['Space', 'begin; go on or pause; at your own time, the next step'],
    ['Right, Page Down', 'the next movement; at your own time, the next step'],
    ['Left, Page Up', 'back'],
    ['T', 'you keep time, or it does'],
    ['P', 'pause'],
    ['H', 'hold: one more breath'],
    ['S', 'skip to the next movement'],
    ['B', 'back to the start of this movement'],
    ['D', 'who does it differently'],
    ['Esc, twice', 'end the class'],
];

export const everywhereKeys: [string, string][] = [
    ['/ or Ctrl+K', 'find anything by everyday words'],
    ['Enter', 'in a search: the first that was found'],
    ['Esc', 'close what is open; what you typed is kept'],
    ['Tab, Shift+Tab', 'on to the next, back to the one before'],
];
