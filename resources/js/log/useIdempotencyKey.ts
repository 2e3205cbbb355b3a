import { useRef } from 'react'
import { newKey } from '../api/client'

/**
 * Names a write by what is written: the same entry sent again keeps its key,
 * so that it is recorded once; after success the next one gets a new key.
 */
export function useIdempotencyKey(): { keyFor: (entry: string) => string; forget: () => void } {
    const last = useRef({ entry: '', key: '' })
    return {
        keyFor: (entry) => {
            if (last.current.entry !== entry) {
                last.current = { entry, key: newKey() }
            }
            return last.current.key
        },
        forget: () => {
            last.current = { entry: '', key: '' }
        },
    }
}
