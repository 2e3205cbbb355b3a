import type { Query } from '@tanstack/react-query'
import { useQueryClient } from '@tanstack/react-query'
import { useCallback, useSyncExternalStore } from 'react'
import { keptAges } from '../api/connection'
import { isKept } from './answers'

/** Of nothing that changes from day to day. */
const AGELESS: ReadonlySet<unknown> = new Set(['session', 'treatment-products'])

const ageOf = ({ queryHash, state }: Query): number => keptAges.get(queryHash) ?? state.dataUpdatedAt

/** When the oldest of what is on the screen was known, in milliseconds; null: nothing that ages is shown. */
export function useShownAge(): number | null {
    const cache = useQueryClient().getQueryCache()
    const subscribe = useCallback((changed: () => void) => cache.subscribe(changed), [cache])
    return useSyncExternalStore(subscribe, () => {
        const shown = cache
            .findAll({ type: 'active' })
            .filter((one) => one.state.data !== undefined && isKept(one) && !AGELESS.has(one.queryKey[0]))
        return shown.length === 0 ? null : Math.min(...shown.map(ageOf))
    })
}
