import { Box, chakra } from '@chakra-ui/react'
import { Link } from '@tanstack/react-router'
import type { CompanySheet, CompanyFish, PairRow } from '../api/types'
import { MarkIcon } from '../drawing/SurveyMark'
import { useUnit } from '../frame/keeper'
import { nameWithCount } from '../fish/sentences'
import { companyWords as words } from '../messages/company'
import { projected } from '../units/length'
import { cellWords } from './sentences'
import { VerdictBar } from './VerdictBar'

const COLOUR = { good: 'fit', watch: 'close', avoid: 'over' } as const

interface Props {
    sheet: CompanySheet
    chosen: PairRow | undefined
    onChoose: (pair: PairRow) => void
}

/** A cell for every two: below the diagonal, so that each stands once. */
export function Grid({ sheet, chosen, onChoose }: Props) {
    const pairs = new Map(sheet.pairs.map((pair) => [`${pair.one}/${pair.other}`, pair]))
    return (
        <Box overflowX="auto">
            <chakra.p color="ink2" fontSize="note" paddingBottom="6px">
                {words.bar}
            </chakra.p>
            <chakra.table borderCollapse="collapse">
                <tbody>
                    {sheet.fish.map((fish, row) => (
                        <tr key={fish.id}>
                            <Head fish={fish} />
                            {sheet.fish.slice(0, row).map((other) => {
                                const pair = pairs.get(`${fish.id}/${other.id}`)
                                return pair === undefined ? (
                                    <td key={other.id} />
                                ) : (
                                    <Cell
                                        key={other.id}
                                        pair={pair}
                                        names={[fish.name, other.name]}
                                        sheet={sheet}
                                        isChosen={pair === chosen}
                                        onChoose={onChoose}
                                    />
                                )
                            })}
                            <chakra.th
                                scope="col"
                                textAlign="start"
                                paddingInline="8px"
                                fontSize="note"
                                fontWeight={700}
                                whiteSpace="nowrap"
                                verticalAlign="bottom"
                            >
                                {fish.name}
                            </chakra.th>
                        </tr>
                    ))}
                </tbody>
            </chakra.table>
        </Box>
    )
}

function Head({ fish }: { fish: CompanyFish }) {
    const unit = useUnit()
    return (
        <chakra.th
            scope="row"
            textAlign="start"
            paddingInlineEnd="10px"
            fontWeight={400}
            whiteSpace="nowrap"
            position="sticky"
            left="0"
            background="paper"
            zIndex={1}
        >
            <Box display="flex" alignItems="center" gap="8px">
                <MarkIcon band={fish.band} />
                <Box>
                    {fish.id > 0 ? (
                        <Link to="/fish/$id" params={{ id: fish.id }}>
                            {nameWithCount(fish)}
                        </Link>
                    ) : (
                        nameWithCount(fish)
                    )}
                    <Box color="ink2" fontSize="note">
                        {projected(fish.length_mm, unit)}
                    </Box>
                </Box>
            </Box>
        </chakra.th>
    )
}

interface CellProps {
    pair: PairRow
    names: readonly [string, string]
    sheet: CompanySheet
    isChosen: boolean
    onChoose: (pair: PairRow) => void
}

function Cell({ pair, names: [one, other], sheet, isChosen, onChoose }: CellProps) {
    const { verdict, when } = cellWords(pair)
    return (
        <chakra.td border="1px solid" borderColor="rule" padding="0">
            <chakra.button
                type="button"
                onClick={() => onChoose(pair)}
                aria-pressed={isChosen}
                aria-label={words.pairName({ one, other, said: `${verdict} ${when}`.trim() })}
                display="block"
                width="112px"
                minHeight="64px"
                padding="6px 8px"
                textAlign="start"
                cursor="pointer"
                outline={isChosen ? '3px solid' : undefined}
                outlineColor="accent"
                outlineOffset="-3px"
                border="none"
                background={isChosen ? 'fresh' : 'transparent'}
                color="ink"
                font="inherit"
                _focusVisible={{ outline: '3px solid', outlineColor: 'accent', outlineOffset: '-3px' }}
            >
                <chakra.span display="block" fontWeight={700} color={COLOUR[pair.verdict]}>
                    {verdict}{' '}
                </chakra.span>
                <chakra.span display="block" fontSize="note" color="ink2" minHeight="18px">
                    {when}
                </chakra.span>
                <VerdictBar spans={pair.spans} from={sheet.today} until={sheet.until} />
            </chakra.button>
        </chakra.td>
    )
}
