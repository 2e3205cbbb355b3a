import { queryOptions } from '@tanstack/react-query'
import { keptEntries, keptKey } from './outbox'

/** What waits on this device; read from it, never from the server. */
export const keptQuery = (keeper: number) =>
    queryOptions({ queryKey: [...keptKey, keeper], queryFn: () => keptEntries(keeper), retry: false })
