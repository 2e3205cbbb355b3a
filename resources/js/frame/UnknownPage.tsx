import { Box } from '@chakra-ui/react'
import { Link } from '@tanstack/react-router'
import { messages } from '../messages'
import { SheetHead } from './SheetHead'

/** An address that leads nowhere, with a way on. */
export const UnknownPage = () => (
    <>
        <SheetHead sentence={messages.frame.unknownPage} />
        <Box padding="12px 10px">
            <Link to="/">{messages.frame.places.today}</Link>
        </Box>
    </>
)
