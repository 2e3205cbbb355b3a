import { keyOf, forgetKey } from '../api/idempotency'
import { Refused, Unreachable } from '../api/refused'
import { send } from '../api/send'
import type { PictureRow, Problem } from '../api/types'
import { messages } from '../messages'
import type { PicturesOf } from './queries'

/** What can be chosen; HEIC is refused with a sentence that says what to do. */
export const READABLE = 'image/jpeg,image/png,image/webp,image/heic,image/heif'

/** From here on the server has failed, and whether it kept the picture is not known: the same key asks again. */
const FAILED_THERE = 500

/**
 * Sends one picture; sent again after it broke off it is kept once.
 *
 * @param signal stops it half-way
 */
export async function upload(file: File, of: PicturesOf, signal?: AbortSignal): Promise<PictureRow> {
    const what = `picture ${file.name} ${file.size} ${file.lastModified} ${JSON.stringify(of)}`
    const form = new FormData()
    form.append('picture', file)
    for (const [name, value] of Object.entries(fieldsOf(of))) {
        form.append(name, String(value))
    }
    const answer = await send(
        new Request('/api/v1/pictures', {
            method: 'POST',
            body: form,
            signal: signal ?? null,
            credentials: 'same-origin',
            headers: { Accept: 'application/json', 'Idempotency-Key': keyOf(what) },
        }),
    ).catch(() => {
        throw new Unreachable(messages.frame.unreachable)
    })
    if (answer.status < FAILED_THERE) {
        forgetKey(what)
    }
    const told: unknown = await answer.json().catch(() => undefined)
    if (!answer.ok) {
        throw new Refused(answer.status, problemOf(told, answer.status))
    }
    return told as PictureRow
}

const fieldsOf = (of: PicturesOf): Record<string, string | number> => {
    if ('fish' in of) {
        return { fish_id: of.fish }
    }
    return 'system' in of ? { system_id: of.system } : of
}

const problemOf = (told: unknown, status: number): Problem =>
    typeof told === 'object' && told !== null && 'message' in told
        ? (told as Problem)
        : { message: messages.frame.serverAnswered({ status }) }
