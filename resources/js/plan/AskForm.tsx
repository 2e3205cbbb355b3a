import { Box, Button, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import type { Aim, Supposed } from '../api/types'
import { Fold } from '../frame/Fold'
import { CheckField } from '../entry/CheckField'
import { ChoiceField, optionsOf } from '../entry/fields'
import { useWrite } from '../entry/useWrite'
import { planWords } from '../messages/plan'
import { Locks } from './Locks'
import type { Lock } from './locks'
import { asBody } from './locks'

const words = planWords.ask
const MONTHS = [6, 12, 24, 36]

export const ASKED_AT = 'ask-for-a-plan'

/** Scrolls to what can be asked, unfolded, with the first of it at hand. */
export function goToAsking(): void {
    const form = document.getElementById(ASKED_AT)
    form?.querySelector<HTMLElement>('[aria-expanded=false]')?.click()
    requestAnimationFrame(() => {
        form?.scrollIntoView({ block: 'center' })
        form?.querySelector<HTMLElement>('select')?.focus({ preventScroll: true })
    })
}

/** What matters, how far to look, and off it goes. */
export function AskForm({
    locks,
    onLocks,
    supposed,
    hasPlan,
    onAsked,
}: {
    supposed: readonly Supposed[]
    hasPlan: boolean
    onAsked: (plan: number) => void
    locks: readonly Lock[]
    onLocks: (locks: readonly Lock[]) => void
}) {
    const [aim, setAim] = useState<Aim>('fewest-moves')
    const [months, setMonths] = useState('24')
    const [mayBuild, setMayBuild] = useState(true)
    const ask = useWrite('POST', '/api/v1/plans', {}, { onDone: ({ id }) => onAsked(id) })
    return (
        <Fold key={String(hasPlan)} title={words.title} beginsOpen={!hasPlan}>
            <Box display="flex" flexDirection="column" gap="12px" paddingTop="10px">
                <ChoiceField
                    label={words.aim}
                    value={aim}
                    onChange={(value) => setAim(value as Aim)}
                    options={optionsOf(planWords.aims)}
                    error={ask.fieldError('aim')}
                />
                <ChoiceField
                    label={words.months}
                    value={months}
                    onChange={setMonths}
                    options={MONTHS.map((count) => ({
                        value: String(count),
                        text: words.monthsOf({ count }),
                    }))}
                    error={ask.fieldError('months')}
                />
                <CheckField label={words.build} checked={mayBuild} onChange={setMayBuild} />
                <Locks locks={locks} onLocks={onLocks} />
                <Button
                    variant={hasPlan ? 'outline' : 'solid'}
                    disabled={ask.isSaving}
                    onClick={() =>
                        ask.save({
                            aim,
                            months: Number(months),
                            may_build: mayBuild,
                            locks: locks.map(asBody),
                            supposed: [...supposed],
                        })
                    }
                >
                    {hasPlan ? words.better : words.propose}
                </Button>
                {ask.error !== undefined && (
                    <chakra.p role="alert" color="over" fontWeight={600}>
                        {ask.error}
                    </chakra.p>
                )}
            </Box>
        </Fold>
    )
}
