import { useRef, useState, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { api, Refusal } from '../../api/client';
import { refresh } from '../../api/queries';
import type { ClassInfo } from '../../api/types/answer-class';
import type { WhoIsWho } from '../../api/types/answer-who-is-who';
import { OpenFile, type Decided } from './OpenFile';

/** Opens a class that was saved as a file, and asks who is who where people in it are known by name. */
export function useOpenFile(onProblem: (words: string | null) => void): { choose: () => void; parts: ReactNode } {
    const navigate = useNavigate();
    const file = useRef<HTMLInputElement>(null);
    const [asking, setAsking] = useState<{ name: string; text: string; asked: WhoIsWho } | null>(null);
    const take = async (from: { name: string; text: string }, people: Decided = {}) => {
        try {
            const made = await api.make<ClassInfo>('classes/import', { file: from.text, people });
            await refresh('classes', 'groups');
            void navigate(`/classes/${made.id}/plan`);
        } catch (error) {
            if (error instanceof Refusal && error.status === 409) {
                setAsking({ ...from, asked: error.body as unknown as WhoIsWho });
            } else {
                setAsking(null);
                onProblem(`${from.name} was not opened, and nothing was changed. ${(error as Error).message}`);
            }
        }
    };
    const open = async (chosen: File | undefined) => {
        onProblem(null);
        if (chosen) {
            await take({ name: chosen.name, text: await chosen.text() });
        }
    };
    return {
        choose: () => file.current?.click(),
        parts: (
            <>
                <input
                    ref={file}
                    type="file"
                    accept=".json,application/json"
                    className="sr-only"
                    aria-label="Class file"
                    tabIndex={-1}
                    onChange={(event) => void open(event.target.files?.[0]).then(() => (event.target.value = ''))}
                />
                {asking && (
                    <OpenFile
                        asked={asking.asked}
                        onClose={() => setAsking(null)}
                        onDecided={(people) => void take(asking, people)}
                    />
                )}
            </>
        ),
    };
}
