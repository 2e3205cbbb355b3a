import { Box, chakra } from '@chakra-ui/react'
import type { PictureLengths } from '../api/types'
import { pictureWords } from '../messages/picture'

const words = pictureWords.measure

/** What is read from the marks: each length with its error, where that comes from, and what would help. */
export function Read({ lengths, shoal }: PictureLengths) {
    const first = lengths[0]
    return (
        <Box display="flex" flexDirection="column" gap="8px" aria-live="polite">
            {shoal !== null && (
                <chakra.p fontSize="19px" fontWeight={800}>
                    {shoal}
                </chakra.p>
            )}
            {lengths.map((one, i) => (
                <chakra.p key={i} {...(shoal === null ? { fontSize: '19px', fontWeight: 800 } : {})}>
                    {one.sentence}
                </chakra.p>
            ))}
            {first?.advice != null && <p>{first.advice}</p>}
            {first !== undefined && (
                <Box as="dl" aria-label={words.causes}>
                    <chakra.h3 fontWeight={800} borderBottom="1.4px solid" borderColor="ink">
                        {words.causes}
                    </chakra.h3>
                    {first.causes.map(({ cause, error, share }) => (
                        <Box
                            key={cause}
                            display="grid"
                            gridTemplateColumns="minmax(0, 1fr) 90px 62px"
                            columnGap="10px"
                            alignItems="center"
                            paddingBlock="4px"
                            borderBottom="1px solid"
                            borderColor="rule"
                        >
                            <chakra.dt>{cause}</chakra.dt>
                            <Box height="12px" border="1.2px solid" borderColor="edge" aria-hidden="true">
                                <Box height="100%" width={`${100 * share}%`} background="waterline" />
                            </Box>
                            <chakra.dd fontFamily="mono" textAlign="end">
                                ± {(100 * error).toFixed(1)} %
                            </chakra.dd>
                        </Box>
                    ))}
                </Box>
            )}
        </Box>
    )
}
