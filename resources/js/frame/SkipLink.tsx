import { chakra } from '@chakra-ui/react'
import { messages } from '../messages'

/** For the keyboard: past the tape of places to the page. */
export const SkipLink = () => (
    <chakra.a
        href="#page"
        position="absolute"
        insetInlineStart="14px"
        top="-60px"
        padding="10px 14px"
        background="paper"
        fontWeight={700}
        zIndex="skipNav"
        _focus={{ top: '8px' }}
    >
        {messages.frame.skip}
    </chakra.a>
)
