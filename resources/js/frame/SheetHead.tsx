import { useArrival } from './arrival'
import { Box, chakra } from '@chakra-ui/react'

/** One that is longer than this would fill half of a phone in the size of a title. */
const LONG = 140

/** The one sentence of a sheet and its comment. */
export function SheetHead({ sentence, comment }: { sentence: string; comment?: string }) {
    const heading = useArrival<HTMLHeadingElement>()
    const isLong = sentence.length > LONG
    return (
        <Box padding={{ base: '12px 2px 0', md: '14px 10px 0' }}>
            <chakra.h1
                ref={heading}
                tabIndex={-1}
                outline="none"
                fontSize={{ base: isLong ? 'part' : 'narrowTitle', md: 'title' }}
                lineHeight={{ base: isLong ? '25px' : '30px', md: '34px' }}
                maxWidth="1000px"
            >
                {sentence}
            </chakra.h1>
            {comment !== undefined && comment !== '' && (
                <chakra.p color="ink2" fontSize="said" lineHeight="25px" marginTop="6px">
                    {comment}
                </chakra.p>
            )}
        </Box>
    )
}
