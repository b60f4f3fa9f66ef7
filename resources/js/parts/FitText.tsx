import { useLayoutEffect, useRef } from 'react';

/** Words as large as the room they are given allows: nothing is cut, whatever the words, the window or the letters. */
export function FitText({
    words,
    most,
    least = 15,
    className = '',
}: {
    words: string;
    /** pixels */
    most: number;
    least?: number;
    className?: string;
}) {
    const box = useRef<HTMLParagraphElement>(null);
    useLayoutEffect(() => {
        const element = box.current;
        if (!element) {
            return;
        }
        const fit = () => {
            let [low, high] = [least, most];
            while (high - low > 1) {
                const size = Math.floor((low + high) / 2);
                element.style.fontSize = `${size}px`;
                const fits =
                    element.scrollHeight <= element.clientHeight + 1 && element.scrollWidth <= element.clientWidth + 1;
                [low, high] = fits ? [size, high] : [low, size];
            }
            element.style.fontSize = `${low}px`;
        };
        fit();
        const observer = new ResizeObserver(fit);
        observer.observe(element);
        return () => observer.disconnect();
    }, [words, most, least]);
    return (
        <p ref={box} className={`h-full overflow-hidden ${className}`} data-cue>
            {words}
        </p>
    );
}
