import { renderToStaticMarkup } from 'react-dom/server';
import { expect, test } from 'vitest';
import type { Shape } from '../api/types/figure';
import { FigureDrawing } from './FigureDrawing';

const shape = (role: Shape['role'], d: string, more: Partial<Shape> = {}): Shape => ({ role, d, ...more });

/** A figure as a page has it. */
const drawn = (...shapes: Shape[]) => {
    const page = document.createElement('div');
    page.innerHTML = renderToStaticMarkup(
        <>
            <FigureDrawing shapes={shapes} size={62} />
            <FigureDrawing shapes={shapes} size={600} />
        </>,
    );
    return [...page.querySelectorAll('svg')];
};
const paths = (from: Element | null | undefined) =>
    [...(from?.children ?? [])].filter(({ tagName }) => tagName === 'path').map((path) => path.getAttribute('d'));

test('what is seen closer is cut off by its ring, and nothing else is', () => {
    const figures = drawn(
        shape('body', 'M1 1'),
        shape('inset', 'M2 2'),
        shape('moving', 'M3 3', { halo: true }),
        shape('ring', 'M4 4', { line: 9 }),
        shape('inset', 'M5 5', { line: 30 }),
        shape('arrow', 'M6 6', { line: 20 }),
    );
    const clips = figures.map((figure) => {
        const closer = figure.querySelector('g');
        expect(paths(closer)).toEqual(['M2 2', 'M3 3']);
        expect(paths(figure)).toEqual(['M1 1', 'M4 4', 'M5 5', 'M6 6']);
        const clip = figure.querySelector('clipPath');
        expect(paths(clip)).toEqual(['M2 2']);
        expect(closer?.getAttribute('clip-path')).toBe(`url(#${clip?.id})`);
        return clip?.id;
    });
    expect(new Set(clips).size).toBe(2);
});

test('a figure without a closer look is not cut off, though its arrow has a ground', () => {
    const [figure] = drawn(
        shape('body', 'M1 1'),
        shape('inset', 'M5 5', { line: 30 }),
        shape('arrow', 'M6 6', { line: 20 }),
    );
    expect(figure?.querySelector('g')).toBeNull();
    expect(paths(figure)).toHaveLength(3);
});
