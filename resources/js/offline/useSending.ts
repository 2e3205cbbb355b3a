import { useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect } from 'react'
import { changedBy } from '../api/keys'
import { ping } from '../api/send'
import { useNotices } from '../frame/notice'
import { offlineWords as words } from '../messages/offline'
import { keptKey, sendKept } from './outbox'

/** While nobody answers it is asked so often whether somebody does; the first time soon, for a gap between two rooms. */
const ASK_MS = 10_000

const ASK_FIRST_MS = 2_000

/** What could not be taken for a reason of the moment is tried again after so long. */
const AGAIN_MS = 30_000

interface Sending {
    keeper: number
    isDown: boolean
    /** How many wait to be sent. */
    waiting: number
}

/** Sends what waits as soon as somebody answers, and draws anew what is shown; returns a try at once. */
export function useSending({ keeper, isDown, waiting }: Sending): () => void {
    const client = useQueryClient()
    const { say } = useNotices()
    const send = useCallback(async (): Promise<void> => {
        const sent = await alone(() => sendKept(keeper))
        await client.invalidateQueries({ queryKey: keptKey })
        if (sent.length > 0) {
            say({ text: words.sent({ n: sent.length }) })
            await Promise.all(
                [...new Set(sent.map(({ path }) => path))].map((path) =>
                    client.invalidateQueries(changedBy(path)),
                ),
            )
        }
    }, [client, keeper, say])
    useEffect(() => {
        if (!isDown) {
            return
        }
        const ask = (): void => void ping()
        const first = setTimeout(ask, ASK_FIRST_MS)
        const asking = setInterval(ask, ASK_MS)
        window.addEventListener('online', ask)
        return () => {
            clearTimeout(first)
            clearInterval(asking)
            window.removeEventListener('online', ask)
            // What was written goes first: the keeper waits for that, and the pages show it then.
            void send().then(() => client.invalidateQueries())
        }
    }, [client, isDown, send])
    useEffect(() => {
        if (isDown || waiting === 0) {
            return
        }
        void send()
        const trying = setInterval(() => void send(), AGAIN_MS)
        return () => clearInterval(trying)
    }, [isDown, send, waiting])
    return useCallback(() => void ping().then(send), [send])
}

/** One window of the application sends at a time; where a browser cannot tell, the keys of the entries keep them from being written twice. */
async function alone<T>(act: () => Promise<T[]>): Promise<T[]> {
    const locks = (navigator as { locks?: LockManager }).locks
    return locks === undefined
        ? act()
        : locks.request('biomegas-kept', { ifAvailable: true }, (lock) => (lock === null ? [] : act()))
}
