import { useBreakpointValue } from '@chakra-ui/react'

/** As on a phone: one column, and what is not wanted daily is folded. */
export const useIsNarrow = (): boolean =>
    useBreakpointValue({ base: true, lg: false }, { ssr: false }) === true
