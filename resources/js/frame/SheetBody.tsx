import type { BoxProps } from '@chakra-ui/react'
import { Box } from '@chakra-ui/react'

interface Props extends BoxProps {
    /** Beside each other on a desk; below each other on a phone. */
    columns: string
}

/** What stands below the head of a sheet, in one rhythm on all of them. */
export function SheetBody({ columns, ...more }: Props) {
    return (
        <Box
            display="grid"
            gridTemplateColumns={{ base: 'minmax(0, 1fr)', lg: columns }}
            gap="24px 34px"
            padding={{ base: '14px 2px 24px', md: '16px 10px 24px' }}
            alignItems="start"
            {...more}
        />
    )
}
