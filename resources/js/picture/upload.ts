import type { Written } from '../api/client'
import { writeOrKeep } from '../api/client'
import type { PictureRow } from '../api/types'
import { momentNow } from '../entry/timeNow'
import type { PicturesOf } from './queries'

/** What can be chosen; HEIC is refused with a sentence that says what to do. */
export const READABLE = 'image/jpeg,image/png,image/webp,image/heic,image/heif'

const ADDRESS = '/api/v1/pictures'

/** A picture that is sent again is the same one, of the same moment. */
const added = new WeakMap<File, string>()

/**
 * Sends one picture; sent again after it broke off it is kept once.
 *
 * @param signal stops it half-way
 * @throws Refused, Unreachable, KeptHere when it waits on the device
 */
export function upload(file: File, of: PicturesOf, signal?: AbortSignal): Promise<PictureRow> {
    const at = added.get(file) ?? momentNow()
    added.set(file, at)
    return writeOrKeep<PictureRow>(
        {
            method: 'POST',
            path: ADDRESS,
            named: {},
            body: { picture: file, ...fieldsOf(of), at },
        },
        signal,
    )
}

const fieldsOf = (of: PicturesOf): Record<string, string | number> => {
    if ('fish' in of) {
        return { fish_id: of.fish }
    }
    return 'system' in of ? { system_id: of.system } : of
}

/** Is it a picture of these? */
export const isOf = ({ path, body }: Pick<Written, 'path' | 'body'>, of: PicturesOf): boolean =>
    path === ADDRESS &&
    Object.entries(fieldsOf(of)).every(([field, value]) => (body as Record<string, unknown>)[field] === value)
