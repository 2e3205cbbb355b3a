import { useArrival } from './arrival'
import { Box, chakra } from '@chakra-ui/react'

/** The one sentence of a sheet and its comment. */
export function SheetHead({ sentence, comment }: { sentence: string; comment?: string }) {
    const heading = useArrival<HTMLHeadingElement>()
    return (
        <Box padding={{ base: '12px 2px 0', md: '14px 10px 0' }}>
            <chakra.h1
                ref={heading}
                tabIndex={-1}
                outline="none"
                fontSize={{ base: 'narrowTitle', md: 'title' }}
                lineHeight={{ base: '30px', md: '34px' }}
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
