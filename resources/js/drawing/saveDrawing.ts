export type DrawingKind = 'svg' | 'png'

const SVG = 'http://www.w3.org/2000/svg'

/** Sharp on paper, too. */
const PNG_SCALE = 2

/**
 * Saves a drawing as a file that stands by itself: the colours and the font of the sheet are written into it.
 *
 * @param parts side by side, from the left
 */
export async function saveDrawing(
    parts: readonly SVGSVGElement[],
    name: string,
    kind: DrawingKind,
): Promise<void> {
    const text = standingAlone(parts)
    offer(kind === 'svg' ? new Blob([text], { type: 'image/svg+xml' }) : await pngOf(text), `${name}.${kind}`)
}

function standingAlone(parts: readonly SVGSVGElement[]): string {
    const file = document.createElementNS(SVG, 'svg')
    let [width, height] = [0, 0]
    for (const part of parts) {
        const copy = part.cloneNode(true) as SVGSVGElement
        copy.setAttribute('x', String(width))
        file.append(copy)
        width += part.clientWidth
        height = Math.max(height, part.clientHeight)
    }
    file.setAttribute('width', String(width))
    file.setAttribute('height', String(height))
    file.setAttribute('font-family', 'sans-serif')
    file.style.background = getComputedStyle(document.documentElement).backgroundColor
    file.prepend(hatchesOf(file))
    const sheet = getComputedStyle(document.body)
    return new XMLSerializer()
        .serializeToString(file)
        .replace(/var\((--chakra-colors-[\w-]+)\)/g, (_, token: string) =>
            sheet.getPropertyValue(token).trim(),
        )
}

/** What it refers to and does not hold: the hatches stand once on the page. */
function hatchesOf(file: SVGSVGElement): Element {
    const referred = new Set([...file.outerHTML.matchAll(/url\(#([\w-]+)\)/g)].map(([, id = '']) => id))
    const hatches = document.createElementNS(SVG, 'defs')
    for (const id of referred) {
        const hatch = document.querySelector(`pattern[id="${id}"]`)
        if (hatch !== null && file.querySelector(`[id="${id}"]`) === null) {
            hatches.append(hatch.cloneNode(true))
        }
    }
    return hatches
}

async function pngOf(text: string): Promise<Blob> {
    const picture = new Image()
    // A page of ours may load pictures from data, and from nowhere else.
    picture.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(text)}`
    await picture.decode()
    const canvas = document.createElement('canvas')
    canvas.width = PNG_SCALE * picture.naturalWidth
    canvas.height = PNG_SCALE * picture.naturalHeight
    canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height)
    return new Promise((resolve, reject) =>
        canvas.toBlob(
            (blob) => (blob === null ? reject(new Error('no picture')) : resolve(blob)),
            'image/png',
        ),
    )
}

function offer(blob: Blob, name: string): void {
    const link = document.createElement('a')
    link.href = URL.createObjectURL(blob)
    link.download = name
    link.click()
    URL.revokeObjectURL(link.href)
}
