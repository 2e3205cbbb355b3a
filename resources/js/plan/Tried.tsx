import { Box, Button, chakra } from '@chakra-ui/react'
import type { Trial } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { useWrite } from '../entry/useWrite'
import { planWords } from '../messages/plan'
import { money } from '../units/money'
import type { DraftHistory } from './useDraft'
import type { TrialAnswer } from './useTrial'

const words = planWords.tried

/** What comes of what is tried, with a way back and a way to keep it. */
export function Tried({
    history,
    body,
    answer: { sentences, supposed, costsMore, error, isWaiting },
    isCarrying,
    onKept,
}: {
    history: DraftHistory
    body: Trial
    /** Of what is tried, or of what is carried just now. */
    answer: TrialAnswer
    /** A hand carries a fish, and may go to the lanes behind it. */
    isCarrying: boolean
    onKept: (plan: number) => void
}) {
    const { currency } = useKeeper()
    const keep = useWrite(
        'POST',
        '/api/v1/plans/by-hand',
        {},
        { notice: () => words.kept, onDone: ({ id }) => (history.clear(), onKept(id)) },
    )
    return (
        <Box
            as="section"
            aria-label={words.title}
            className="no-print"
            margin={{ base: '8px 2px', md: '8px 10px' }}
            padding="8px 12px"
            border="2px dashed"
            borderColor="accent"
            borderRadius="3px"
            background="paper"
            position="sticky"
            // Always in sight: above the foot while the lanes are, at the top below them.
            bottom={{ base: '66px', md: '64px' }}
            top="8px"
            maxHeight="45vh"
            overflowY="auto"
            zIndex={2}
            pointerEvents={isCarrying ? 'none' : undefined}
            opacity={isCarrying ? 0.92 : 1}
        >
            <Box role="status" minHeight="48px">
                <b>{words.title}. </b>
                {supposed.map((what) => (
                    <chakra.span key={what} color="ink2">
                        {words.supposed({ what })}{' '}
                    </chakra.span>
                ))}
                {error === undefined ? (
                    <span>
                        {isWaiting && sentences.length === 0 ? words.waiting : sentences.join(' ')}
                        {Math.abs(costsMore) >= 1 &&
                            ` ${(costsMore > 0 ? words.dearer : words.cheaper)({ sum: money(Math.abs(costsMore), currency) })}`}
                    </span>
                ) : (
                    <chakra.span color="over" fontWeight={600}>
                        {error}
                    </chakra.span>
                )}
            </Box>
            <Box display={history.steps === 0 ? 'none' : 'flex'} gap="10px" flexWrap="wrap" paddingTop="6px">
                <Button onClick={history.undo}>{words.undo}</Button>
                <Button
                    disabled={keep.isSaving || error !== undefined}
                    onClick={() => keep.save(body)}
                    variant="solid"
                >
                    {words.keep}
                </Button>
                <Button variant="plain" onClick={history.clear}>
                    {words.clear}
                </Button>
            </Box>
            {keep.error !== undefined && (
                <chakra.p role="alert" color="over" fontWeight={600}>
                    {keep.error}
                </chakra.p>
            )}
        </Box>
    )
}
