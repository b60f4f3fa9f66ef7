import { useEffect, useState } from 'react';

/** Draws anew with every frame of the screen: for what follows a clock of its own. */
export function useEveryFrame(): void {
    const [, draw] = useState(0);
    useEffect(() => {
        let frame = 0;
        const tick = () => {
            draw((count) => count + 1);
            frame = requestAnimationFrame(tick);
        };
        frame = requestAnimationFrame(tick);
        return () => cancelAnimationFrame(frame);
    }, []);
}
