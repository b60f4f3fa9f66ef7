import { changeSettings, useSettings, type DeviceSettings } from '../../parts/settings';

function Choose<K extends keyof DeviceSettings>({
    name,
    field,
    options,
}: {
    name: string;
    field: K;
    options: [DeviceSettings[K], string][];
}) {
    const now = useSettings();
    return (
        <fieldset>
            <legend className="mb-1 font-semibold">{name}</legend>
            <div className="flex flex-wrap gap-2">
                {options.map(([value, words]) => (
                    <button
                        key={words}
                        type="button"
                        aria-pressed={now[field] === value}
                        className={`button ${now[field] === value ? 'border-2 border-ink bg-channel' : ''}`}
                        onClick={() => changeSettings({ [field]: value })}
                    >
                        {words}
                    </button>
                ))}
            </div>
        </fieldset>
    );
}

/** Letters, light and keys, for this device alone. */
export function Device() {
    return (
        <div className="space-y-4">
            <Choose
                name="Size of letters"
                field="letters"
                options={[
                    [100, 'As the device has them'],
                    [115, 'Larger'],
                    [130, 'Largest'],
                ]}
            />
            <Choose
                name="Light"
                field="light"
                options={[
                    ['device', 'As the device has it'],
                    ['light', 'Light'],
                    ['dark', 'Dark'],
                ]}
            />
            <Choose
                name="Single keys, such as + or L"
                field="keys"
                options={[
                    [true, 'Do something'],
                    [false, 'Do nothing'],
                ]}
            />
            <Choose
                name="While leading, a screen reader says"
                field="cues"
                options={[
                    [true, 'each cue and change of side'],
                    [false, 'only what I ask for'],
                ]}
            />
        </div>
    );
}
