const PIXELS = 1600;
const CANNOT = 'This browser cannot make a picture of it. Please save it as lines.';

/** Where a saved figure lies on its page, with room for arms and arrows that reach beyond it. */
const FRAME = [-120, -120, 1240, 1240] as const;

/** A drawing as a file of its own, on its own ground: every colour it takes from the page is written into it, by day or by night. */
function standalone(svg: SVGSVGElement): string {
    const copy = svg.cloneNode(true) as SVGSVGElement;
    const painted = svg.querySelectorAll('path');
    copy.querySelectorAll('path').forEach((path, index) => {
        const from = painted[index];
        if (from) {
            const style = getComputedStyle(from);
            path.setAttribute('fill', style.getPropertyValue('fill'));
            path.setAttribute('stroke', style.getPropertyValue('stroke'));
            path.removeAttribute('class');
        }
    });
    copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
    const ground = document.createElementNS('http://www.w3.org/2000/svg', 'rect');
    const [x, y, width, height] = FRAME;
    for (const [name, value] of Object.entries({
        x,
        y,
        width,
        height,
        fill: getComputedStyle(svg).getPropertyValue('--halo'),
    })) {
        ground.setAttribute(name, String(value));
    }
    copy.prepend(ground);
    copy.setAttribute('viewBox', FRAME.join(' '));
    copy.setAttribute('width', String(PIXELS));
    copy.setAttribute('height', String(PIXELS));
    for (const name of ['class', 'role', 'aria-label', 'aria-hidden']) {
        copy.removeAttribute(name);
    }
    return new XMLSerializer().serializeToString(copy);
}

function handOver(blob: Blob, name: string) {
    const link = document.createElement('a');
    link.href = URL.createObjectURL(blob);
    link.download = name;
    link.click();
    setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}

/** Saves a drawing to the device, as lines that stay sharp at any size or as a picture. */
export async function saveFigure(svg: SVGSVGElement, name: string, kind: 'svg' | 'png'): Promise<void> {
    const text = standalone(svg);
    const drawing = new Blob([text], { type: 'image/svg+xml' });
    if (kind === 'svg') {
        handOver(drawing, `${name}.svg`);
        return;
    }
    const picture = new Image();
    picture.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(text)}`;
    await picture.decode();
    const canvas = document.createElement('canvas');
    canvas.width = canvas.height = PIXELS;
    const paper = canvas.getContext('2d');
    if (!paper) {
        throw new Error(CANNOT);
    }
    paper.drawImage(picture, 0, 0);
    const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/png'));
    if (!blob) {
        throw new Error(CANNOT);
    }
    handOver(blob, `${name}.png`);
}
