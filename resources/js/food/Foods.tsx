import { Box, Button, Table } from '@chakra-ui/react'
import type { FoodRow } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { Section } from '../frame/Section'
import { foodWords as words } from '../messages/food'
import { money } from '../units/money'
import { amountWords } from './amounts'
import { lastsWords } from './StorePicture'
import { useMayKeep } from './useMayKeep'

interface Props {
    foods: readonly FoodRow[]
    today: string
    onWrite: (food: FoodRow) => void
    onChange: (food: FoodRow | 'new') => void
}

/** Every food of the place in figures: those that are fed first. */
export function Foods({ foods, today, onWrite, onChange }: Props) {
    const { units, currency } = useKeeper()
    const mayKeep = useMayKeep()
    const { name, left, perDay, lasts, protein, price } = words.foodColumns
    const rows = [...foods].sort((a, b) => Number(b.per_day > 0) - Number(a.per_day > 0))
    return (
        <Section
            title={words.foods}
            aside={
                mayKeep && (
                    <Button variant="plain" onClick={() => onChange('new')}>
                        {words.add}
                    </Button>
                )
            }
        >
            <Box overflowX="auto">
                <Table.Root>
                    <Table.Header>
                        <Table.Row>
                            {[name, left, perDay, lasts, protein, price, ''].map((column) => (
                                <Table.ColumnHeader key={column}>{column}</Table.ColumnHeader>
                            ))}
                        </Table.Row>
                    </Table.Header>
                    <Table.Body>
                        {rows.map((food) => (
                            <Table.Row key={food.id}>
                                <Table.Cell>
                                    <b>{food.name}</b>, {words.form.forms[food.form]}
                                    {food.is_forbidden && <Box color="over">{words.forbidden}</Box>}
                                    {food.doubt !== null && (
                                        <Box color="close" maxWidth="340px">
                                            {food.doubt}
                                        </Box>
                                    )}
                                </Table.Cell>
                                <Table.Cell whiteSpace="nowrap">
                                    {food.left === null ? '' : amountWords(food.left, food.unit, units)}
                                </Table.Cell>
                                <Table.Cell whiteSpace="nowrap">
                                    {food.per_day > 0 ? amountWords(food.per_day, food.unit, units) : ''}
                                </Table.Cell>
                                <Table.Cell>{food.per_day > 0 ? lastsWords(food, today) : ''}</Table.Cell>
                                <Table.Cell whiteSpace="nowrap">{food.protein_percent} %</Table.Cell>
                                <Table.Cell whiteSpace="nowrap">
                                    {food.price === null || food.pack === null
                                        ? ''
                                        : words.perPack({
                                              price: money(food.price, currency),
                                              pack: amountWords(food.pack, food.unit, units),
                                          })}
                                </Table.Cell>
                                <Table.Cell whiteSpace="nowrap" textAlign="end">
                                    <Button
                                        variant="plain"
                                        aria-label={words.recordLabel({ name: food.name })}
                                        onClick={() => onWrite(food)}
                                    >
                                        {words.record}
                                    </Button>
                                    {mayKeep && (
                                        <Button
                                            variant="plain"
                                            aria-label={words.changeLabel({ name: food.name })}
                                            onClick={() => onChange(food)}
                                        >
                                            {words.change}
                                        </Button>
                                    )}
                                </Table.Cell>
                            </Table.Row>
                        ))}
                    </Table.Body>
                </Table.Root>
            </Box>
        </Section>
    )
}
