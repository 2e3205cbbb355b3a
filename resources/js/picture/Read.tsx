import { Box, chakra } from '@chakra-ui/react'
import type { PictureLengths } from '../api/types'
import { pictureWords } from '../messages/picture'

const words = pictureWords.measure

/** What is behind the length in the headline: those of all that are marked, where the error comes from, and what would help. */
export function Read({ lengths, shoal }: PictureLengths) {
    const first = lengths[0]
    return (
        <Box display="flex" flexDirection="column" gap="8px" aria-live="polite">
            {shoal !== null && lengths.map((one, i) => <p key={i}>{one.sentence}</p>)}
            {first?.advice != null && <chakra.p fontWeight={700}>{first.advice}</chakra.p>}
            {first !== undefined && (
                <Box as="dl" aria-label={words.causes}>
                    <chakra.h3 fontWeight={800} borderBottom="1.4px solid" borderColor="ink">
                        {words.causes}
                    </chakra.h3>
                    {first.causes.map(({ cause, error, share }) => (
                        <Box
                            key={cause}
                            display="grid"
                            gridTemplateColumns="minmax(0, 1fr) 84px 76px"
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
                            <chakra.dd fontFamily="mono" textAlign="end" whiteSpace="nowrap">
                                ± {(100 * error).toFixed(1)} %
                            </chakra.dd>
                        </Box>
                    ))}
                </Box>
            )}
        </Box>
    )
}
