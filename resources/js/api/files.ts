/** Files among what is sent; what comes out of a browser's store may have lost its name. */
export const filesIn = (body: unknown): Blob[] =>
    typeof body === 'object' && body !== null ? Object.values(body).filter(isFile) : []

const isFile = (value: unknown): value is Blob => value instanceof Blob

/** A body with files goes as a form; every other stays as it is. */
export function formOf(body: unknown): unknown {
    if (filesIn(body).length === 0) {
        return body
    }
    const form = new FormData()
    for (const [field, value] of Object.entries(body as object)) {
        form.append(field, isFile(value) ? value : String(value))
    }
    return form
}

/** Of JSON.stringify: tells one file from another by what is known without reading it. */
export const namedFile = (_: string, value: unknown): unknown =>
    value instanceof File ? `${value.name} ${value.size} ${value.lastModified}` : value
