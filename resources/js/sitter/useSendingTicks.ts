import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { keepAnswers } from '../offline/answers'
import { install } from '../offline/install'
import { keptTicksQuery, sendTicks } from './keptTicks'
import { sitterRoundQuery } from './queries'

const TRY_MS = 10_000

/** The page opens without a network from its second time on, and sends what waits as soon as somebody answers. */
export function useSendingTicks(): void {
    const client = useQueryClient()
    const isWaiting = useQuery(keptTicksQuery).data?.some(({ refusal }) => refusal === undefined) === true
    useEffect(() => {
        install()
        return keepAnswers(client)
    }, [client])
    useEffect(() => {
        if (!isWaiting) {
            return
        }
        const send = (): void =>
            void sendTicks().then((sent) => {
                void client.invalidateQueries({ queryKey: keptTicksQuery.queryKey })
                return sent > 0
                    ? client.invalidateQueries({ queryKey: sitterRoundQuery.queryKey })
                    : undefined
            })
        const trying = setInterval(send, TRY_MS)
        window.addEventListener('online', send)
        return () => {
            clearInterval(trying)
            window.removeEventListener('online', send)
        }
    }, [client, isWaiting])
}
