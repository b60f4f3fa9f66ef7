import { useSyncExternalStore } from 'react';
import { keep, readKept } from './kept';

/** How this device shows things and listens to keys; every device its own. */
export interface DeviceSettings {
    /** whether single keys do something; arrows, Enter and Esc always do */
    keys: boolean;
    /** whether each cue and each change of side is said aloud while leading */
    cues: boolean;
    /** size of all letters, in hundredths */
    letters: 100 | 115 | 130;
    /** light or dark; as the device has it when nothing was chosen */
    light: 'device' | 'light' | 'dark';
}

const USUAL: DeviceSettings = { keys: true, cues: true, letters: 100, light: 'device' };
const NAME = 'settings';
const listeners = new Set<() => void>();
let now: DeviceSettings | null = null;

export const settings = (): DeviceSettings =>
    (now ??= { ...USUAL, ...readKept<Partial<DeviceSettings>>(NAME, 'device') });

export function changeSettings(change: Partial<DeviceSettings>): void {
    now = { ...settings(), ...change };
    keep(NAME, now);
    show();
    listeners.forEach((listener) => listener());
}

/** Puts letters and light on the page; before the first picture, so that nothing jumps. */
export function show(): void {
    const { letters, light } = settings();
    document.documentElement.dataset.letters = String(letters);
    // As the device has it: the style sheet knows itself.
    if (light === 'device') {
        delete document.documentElement.dataset.light;
    } else {
        document.documentElement.dataset.light = light;
    }
}

export const useSettings = () =>
    useSyncExternalStore((listener) => {
        listeners.add(listener);
        return () => listeners.delete(listener);
    }, settings);
