import { Box, Table } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Link } from '@tanstack/react-router'
import { formerFishQuery } from '../api/queries'
import type { FormerFish } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { SheetHead } from '../frame/SheetHead'
import { useNameSheet } from '../frame/sheetTitle'
import { Waiting } from '../frame/Waiting'
import { messages } from '../messages'
import { addFishWords } from '../messages/addFish'
import { shortDay } from '../units/day'
import { SurvivalPicture } from './SurvivalPicture'

const words = addFishWords.former

function howGone({ how, joined }: FormerFish): string {
    if (joined !== null) {
        return words.joined({ shoal: joined })
    }
    return how === null ? words.notFound : messages.labels.losses[how]
}

/** Those who are gone, the last first; their sheets stay. */
export function FormerFishPage() {
    const { today } = useKeeper()
    useNameSheet(words.title)
    return (
        <Waiting query={useQuery(formerFishQuery)}>
            {(fish) => (
                <>
                    <SheetHead sentence={words.headline({ n: fish.length })} comment={words.comment} />
                    <Box padding={{ base: '12px 0', md: '12px 10px' }}>
                        <SurvivalPicture />
                    </Box>
                    {fish.length > 0 && (
                        <Box padding={{ base: '12px 0 24px', md: '12px 10px 24px' }}>
                            <Table.Root>
                                <Table.Header>
                                    <Table.Row>
                                        <Table.ColumnHeader>{addFishWords.name}</Table.ColumnHeader>
                                        <Table.ColumnHeader>{words.came}</Table.ColumnHeader>
                                        <Table.ColumnHeader>{words.gone}</Table.ColumnHeader>
                                        <Table.ColumnHeader>{words.how}</Table.ColumnHeader>
                                    </Table.Row>
                                </Table.Header>
                                <Table.Body>
                                    {fish.map((one) => (
                                        <Table.Row key={one.id}>
                                            <Table.Cell>
                                                <Link to="/fish/$id" params={{ id: one.id }}>
                                                    {one.name}
                                                </Link>
                                                <Box color="ink2" fontSize="note">
                                                    {one.species}
                                                </Box>
                                            </Table.Cell>
                                            <Table.Cell>{shortDay(one.arrived_on, today)}</Table.Cell>
                                            <Table.Cell>
                                                {one.gone_on === null ? '' : shortDay(one.gone_on, today)}
                                            </Table.Cell>
                                            <Table.Cell>{howGone(one)}</Table.Cell>
                                        </Table.Row>
                                    ))}
                                </Table.Body>
                            </Table.Root>
                        </Box>
                    )}
                </>
            )}
        </Waiting>
    )
}
