import { Box } from '@chakra-ui/react'
import { messages } from '../messages'

/** A sheet that is on its way. */
export const Drawing = () => (
    <Box padding="24px 10px" color="ink2" role="status">
        {messages.frame.loading}
    </Box>
)
