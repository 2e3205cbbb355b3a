import { Box, Button, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import type { CultureEntryKind, CultureRow, FoodSheet } from '../api/types'
import { Fold } from '../frame/Fold'
import { useWidth } from '../frame/useWidth'
import { joined } from '../messages/joined'
import { foodWords } from '../messages/food'
import { Help } from '../settings/Columns'
import { CultureDialog } from './CultureDialog'
import { CultureEntryDialog } from './CultureEntryDialog'
import { CulturePicture } from './CulturePicture'
import { useMayKeep } from './useMayKeep'

const words = foodWords.culture

/** What is bred to be fed: how it stands, how much it can give, what follows. */
export function Cultures({ sheet }: { sheet: FoodSheet }) {
    const [written, setWritten] = useState<[CultureRow, CultureEntryKind] | null>(null)
    const [changed, setChanged] = useState<CultureRow | 'new' | null>(null)
    const mayKeep = useMayKeep()
    // What holds for all is said once.
    const shared = (sheet.cultures[0]?.cautions ?? []).filter((one) =>
        sheet.cultures.every(({ cautions }) => cautions.includes(one)),
    )
    return (
        <Fold
            title={foodWords.cultures}
            says={
                sheet.cultures.length === 0
                    ? foodWords.culturesNone
                    : joined(sheet.cultures.map(({ name }) => name))
            }
            aside={
                mayKeep && (
                    <Button variant="plain" onClick={() => setChanged('new')}>
                        {words.add}
                    </Button>
                )
            }
        >
            {sheet.cultures.length === 0 && <Help>{foodWords.culturesNone}</Help>}
            {sheet.cultures.map((culture) => (
                <Culture
                    key={culture.id}
                    culture={culture}
                    cautions={culture.cautions.filter((one) => !shared.includes(one))}
                    today={sheet.date}
                    onWrite={(kind) => setWritten([culture, kind])}
                    onChange={mayKeep ? () => setChanged(culture) : null}
                />
            ))}
            {shared.map((caution) => (
                <Help key={caution}>{caution}</Help>
            ))}
            <CultureEntryDialog written={written} onClose={() => setWritten(null)} />
            <CultureDialog culture={changed} foods={sheet.foods} onClose={() => setChanged(null)} />
        </Fold>
    )
}

interface Props {
    culture: CultureRow
    /** That do not hold for all others too. */
    cautions: readonly string[]
    today: string
    onWrite: (kind: CultureEntryKind) => void
    onChange: (() => void) | null
}

function Culture({ culture, cautions, today, onWrite, onChange }: Props) {
    const [box, width] = useWidth<HTMLDivElement>()
    return (
        <Box borderBottom="1px solid" borderColor="rule" paddingBlock="10px 12px">
            <Box>
                <b>{culture.name}</b>, {words.kinds[culture.kind]}.{' '}
                <chakra.span color={culture.is_due ? 'over' : 'ink'} fontWeight={culture.is_due ? 700 : 400}>
                    {culture.says}
                </chakra.span>
            </Box>
            <Box ref={box} paddingBlock="6px">
                {width > 0 && <CulturePicture culture={culture} today={today} width={width} />}
            </Box>
            <Box color="ink2">
                {words.figures({
                    now: culture.now,
                    low: culture.steady_low,
                    high: culture.steady_high,
                    taken: Math.round(culture.taken),
                    later: Math.round(culture.taken_in_a_year),
                    weeks: culture.weeks_to_start,
                })}
            </Box>
            {cautions.map((caution) => (
                <Box key={caution} color="ink2">
                    {caution}
                </Box>
            ))}
            <Box display="flex" flexWrap="wrap" gap="8px" paddingTop="8px">
                <Button
                    aria-label={words.countLabel({ name: culture.name })}
                    onClick={() => onWrite('counted')}
                >
                    {words.count}
                </Button>
                <Button
                    aria-label={words.harvestLabel({ name: culture.name })}
                    onClick={() => onWrite('harvested')}
                >
                    {words.harvest}
                </Button>
                {onChange !== null && (
                    <Button
                        variant="plain"
                        aria-label={words.change({ name: culture.name })}
                        onClick={onChange}
                    >
                        {foodWords.change}
                    </Button>
                )}
            </Box>
        </Box>
    )
}
