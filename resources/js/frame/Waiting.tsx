import { Drawing } from './Drawing'
import { messages } from '../messages'
import { Box, Button } from '@chakra-ui/react'
import type { UseQueryResult } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { Refused } from '../api/refused'

interface Props<T> {
    query: UseQueryResult<T>
    /** A part of a sheet that is there already: nothing is said until it comes. */
    isQuiet?: boolean
    children: (data: T) => ReactNode
}

/** Draws what a query brings; until then says that it is coming, or why it does not come. */
export function Waiting<T>({ query, isQuiet = false, children }: Props<T>) {
    if (query.data !== undefined) {
        return children(query.data)
    }
    if (query.error !== null) {
        return (
            <Box padding="24px 10px" display="flex" flexDirection="column" gap="12px" alignItems="flex-start">
                <p role="alert">
                    {query.error instanceof Refused ? query.error.message : messages.frame.unread}
                </p>
                <Button onClick={() => void query.refetch()}>{messages.frame.tryAgain}</Button>
            </Box>
        )
    }
    return isQuiet ? null : <Drawing />
}
