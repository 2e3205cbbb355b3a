/** By what is written: the key of a write that has not been answered yet. */
const pending = new Map<string, string>()

/** Names one write; sent again with the same key it is recorded once. Works outside secure contexts too. */
export function keyOf(what: string): string {
    const key = pending.get(what) ?? newKey()
    pending.set(what, key)
    return key
}

/** It has been answered: the same content again is another entry. */
export const forgetKey = (what: string): boolean => pending.delete(what)

/** For a write that is another one than before. */
export const newKey = (): string =>
    Array.from(crypto.getRandomValues(new Uint8Array(16)), (byte) => byte.toString(16).padStart(2, '0')).join(
        '',
    )
