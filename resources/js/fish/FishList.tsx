import { messages } from '../messages'
import { leavingColour, leavingWords, nameWithCount, nextWords } from './sentences'
import { Box, Button, chakra, Table } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Link } from '@tanstack/react-router'
import { fishListQuery } from '../api/queries'
import type { FishRow } from '../api/types'
import { longestReach } from '../drawing/reach'
import { SideToScale } from '../drawing/SideToScale'
import { MarkIcon } from '../drawing/SurveyMark'
import { useKeeper, useUnit } from '../frame/keeper'
import { AsTable } from '../frame/AsTable'
import { SheetHead } from '../frame/SheetHead'
import { useNameSheet } from '../frame/sheetTitle'
import { Waiting } from '../frame/Waiting'
import { shortDay } from '../units/day'
import { projected } from '../units/length'

const bySoonest = (a: FishRow, b: FishRow): number =>
    (a.leaves ?? '9999').localeCompare(b.leaves ?? '9999') || a.name.localeCompare(b.name)

/** All fish, soonest to leave its home first. */
export function FishList() {
    useNameSheet(messages.fish.listTitle)
    return (
        <Waiting query={useQuery(fishListQuery)}>
            {(fish) =>
                fish.length === 0 ? (
                    <>
                        <SheetHead sentence={messages.fish.none} comment={messages.fish.noneHelp} />
                        <AddFish />
                    </>
                ) : (
                    <>
                        <SheetHead
                            sentence={messages.fish.listHeadline({
                                n: fish.length,
                                outgrown: fish.filter((one) => one.has_to_go).length,
                            })}
                            comment={messages.fish.listComment}
                        />
                        <AddFish />
                        <FishTable fish={[...fish].sort(bySoonest)} />
                    </>
                )
            }
        </Waiting>
    )
}

function AddFish() {
    return (
        <Box
            padding={{ base: '12px 2px 0', md: '12px 10px 0' }}
            display="flex"
            flexWrap="wrap"
            gap="6px 16px"
            alignItems="center"
        >
            <Button asChild textDecoration="none">
                <Link to="/fish/add">{messages.fish.add}</Link>
            </Button>
            <Link to="/fish/add" hash="many">
                {messages.fish.manyLengths}
            </Link>
            <Link to="/fish/former">{messages.fish.former}</Link>
            <AsTable table="fish" />
        </Box>
    )
}

/** On a phone only what matters on the way: name, home and when it outgrows it. */
const desk = { base: 'none', lg: 'table-cell' } as const

function FishTable({ fish }: { fish: FishRow[] }) {
    const { today } = useKeeper()
    const unit = useUnit()
    const columns = messages.fish.columns
    const reach = longestReach(fish.map(({ form, length_mm }) => ({ form, mm: length_mm.likely })))
    return (
        <Box padding={{ base: '12px 0 24px', md: '12px 10px 24px' }}>
            <Table.Root css={{ '& td': { verticalAlign: 'middle' } }}>
                <Table.Header>
                    <Table.Row>
                        <Table.ColumnHeader>{columns.name}</Table.ColumnHeader>
                        <Table.ColumnHeader display={desk}>{columns.toScale}</Table.ColumnHeader>
                        <Table.ColumnHeader display={desk}>{columns.length}</Table.ColumnHeader>
                        <Table.ColumnHeader display={desk}>{columns.species}</Table.ColumnHeader>
                        <Table.ColumnHeader>{columns.home}</Table.ColumnHeader>
                        <Table.ColumnHeader>{columns.outgrows}</Table.ColumnHeader>
                        <Table.ColumnHeader display={desk}>{columns.next}</Table.ColumnHeader>
                        <Table.ColumnHeader display={desk}>{columns.measure}</Table.ColumnHeader>
                    </Table.Row>
                </Table.Header>
                <Table.Body>
                    {fish.map((one) => (
                        <Table.Row key={one.id}>
                            <Table.Cell>
                                <MarkIcon band={one.band} />{' '}
                                <Link to="/fish/$id" params={{ id: one.id }}>
                                    {nameWithCount(one)}
                                </Link>
                                <Box display={{ base: 'block', lg: 'none' }}>
                                    <ToScale fish={one} reach={reach} />
                                </Box>
                            </Table.Cell>
                            <Table.Cell paddingBlock="2px" display={desk}>
                                <ToScale fish={one} reach={reach} />
                            </Table.Cell>
                            <Table.Cell display={desk}>{projected(one.length_mm.likely, unit)}</Table.Cell>
                            <Table.Cell display={desk}>{one.species}</Table.Cell>
                            <Table.Cell>{one.home.name}</Table.Cell>
                            <Table.Cell>
                                <chakra.span fontWeight={600} color={leavingColour(one)}>
                                    {leavingWords(one, today)}
                                </chakra.span>
                            </Table.Cell>
                            <Table.Cell display={desk}>{nextWords(one, today)}</Table.Cell>
                            <Table.Cell display={desk}>
                                {one.measure_on === null ? '' : shortDay(one.measure_on, today)}
                            </Table.Cell>
                        </Table.Row>
                    ))}
                </Table.Body>
            </Table.Root>
        </Box>
    )
}

const ToScale = ({ fish: { form, band, length_mm }, reach }: { fish: FishRow; reach: number }) => (
    <SideToScale form={form} band={band} mm={length_mm.likely} reach={reach} />
)
