/** Saves a drawing as a file that stands by itself: the colours and the font of the sheet are written into it. */
export function saveSvg(drawing: SVGSVGElement, name: string): void {
    const copy = drawing.cloneNode(true) as SVGSVGElement
    copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
    const sheet = getComputedStyle(document.body)
    const text = new XMLSerializer()
        .serializeToString(copy)
        .replace(/var\((--chakra-colors-[\w-]+)\)/g, (_, token: string) =>
            sheet.getPropertyValue(token).trim(),
        )
        .replace(/<svg /, `<svg font-family="sans-serif" style="background:${sheet.backgroundColor}" `)
    const link = document.createElement('a')
    link.href = URL.createObjectURL(new Blob([text], { type: 'image/svg+xml' }))
    link.download = name
    link.click()
    URL.revokeObjectURL(link.href)
}
