import { Box, Button } from '@chakra-ui/react'
import { Link, useRouter } from '@tanstack/react-router'
import { messages } from '../messages'

/** A place that could not be drawn: the others still stand. */
export function PlaceFailed({ reset }: { reset: () => void }) {
    const router = useRouter()
    const tryAgain = (): void => {
        reset()
        void router.invalidate()
    }
    return (
        <Box padding="24px 10px" display="flex" flexDirection="column" gap="12px" alignItems="flex-start">
            <p role="alert">
                <b>{messages.frame.page.failed}</b> {messages.frame.page.failedHelp}
            </p>
            <Button onClick={tryAgain}>{messages.frame.tryAgain}</Button>
            <Link to="/">{messages.frame.places.today}</Link>
        </Box>
    )
}
