import { useCallback } from 'react';
import { useNavigate } from 'react-router';
import { api } from '../../api/client';

/** Begins to lead a class and goes there; what stands against it is said. */
export function useStartLeading(classId: string, say: (words: string) => void): () => void {
    const navigate = useNavigate();
    return useCallback(() => {
        void api.make<{ id: number }>(`classes/${classId}/led`).then(
            (led) => navigate(`/led/${led.id}`),
            (problem: Error) => say(problem.message),
        );
    }, [classId, navigate, say]);
}
