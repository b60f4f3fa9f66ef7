import { useLibrary } from '../api/queries';
import { Toggles } from './Toggles';

interface Props {
    never: string[];
    onChange: (never: string[]) => void;
}

/** What is never done: all that a movement may ask, by area, to be pressed. */
export function NeverChosen({ never, onChange }: Props) {
    const library = useLibrary();
    return (
        <div className="space-y-3">
            {library.data?.demands.map(({ area, demands }) => (
                <Toggles
                    key={area}
                    title={area}
                    all={demands.map(({ demand, name }) => [demand, name] as const)}
                    chosen={never.filter((one) => demands.some(({ demand }) => demand === one))}
                    onChange={(chosen) =>
                        onChange([...never.filter((one) => demands.every(({ demand }) => demand !== one)), ...chosen])
                    }
                    chosenWord="Never: "
                />
            ))}
        </div>
    );
}
