import { Box, Button, chakra, Table } from '@chakra-ui/react'
import type { FoodRow } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { Fold } from '../frame/Fold'
import { Sideways } from '../frame/Sideways'
import { foodWords as words } from '../messages/food'
import { Help } from '../settings/Columns'
import { money } from '../units/money'
import { amountWords } from './amounts'
import { lastsWords } from './StorePicture'
import { useMayKeep } from './useMayKeep'

interface Props {
    foods: readonly FoodRow[]
    /** Of which cultures give. */
    bred: ReadonlySet<number>
    today: string
    onWrite: (food: FoodRow) => void
    onChange: (food: FoodRow | 'new') => void
}

/** Every food of the place in figures: those that are fed first. */
export function Foods({ foods, onChange, ...rest }: Props) {
    const mayKeep = useMayKeep()
    const others = foods.filter((food) => food.per_day <= 0)
    return (
        <Fold
            title={words.foods}
            aside={
                mayKeep && (
                    <Button variant="plain" onClick={() => onChange('new')}>
                        {words.add}
                    </Button>
                )
            }
        >
            <FoodTable {...rest} onChange={onChange} foods={foods.filter((food) => food.per_day > 0)} />
            {others.length > 0 && (
                <chakra.details open={others.length === foods.length}>
                    <chakra.summary minHeight="44px" paddingBlock="12px" cursor="pointer" fontWeight={700}>
                        {words.others({ n: others.length })}
                    </chakra.summary>
                    <FoodTable {...rest} onChange={onChange} foods={others} />
                </chakra.details>
            )}
            <Help>{words.shipped}</Help>
        </Fold>
    )
}

function FoodTable({ foods, bred, today, onWrite, onChange }: Props) {
    const { name, left, perDay, lasts, protein, price } = words.foodColumns
    return foods.length === 0 ? null : (
        <Sideways label={words.foods}>
            <Table.Root>
                <Table.Header>
                    <Table.Row>
                        {[name, left, perDay, lasts, protein, price, ''].map((column) => (
                            <Table.ColumnHeader key={column}>{column}</Table.ColumnHeader>
                        ))}
                    </Table.Row>
                </Table.Header>
                <Table.Body>
                    {foods.map((food) => (
                        <Row
                            key={food.id}
                            food={food}
                            isBred={bred.has(food.id)}
                            today={today}
                            onWrite={onWrite}
                            onChange={onChange}
                        />
                    ))}
                </Table.Body>
            </Table.Root>
        </Sideways>
    )
}

type RowProps = Pick<Props, 'today' | 'onWrite' | 'onChange'> & { food: FoodRow; isBred: boolean }

function Row({ food, isBred, today, onWrite, onChange }: RowProps) {
    const { units, currency } = useKeeper()
    const mayKeep = useMayKeep()
    const amount = (of: number): string => amountWords(of, food.unit, units)
    const lasts = isBred && food.left === null ? words.bredHere : lastsWords(food, today)
    return (
        <Table.Row>
            <Table.Cell>
                <b>{food.name}</b>, {words.form.forms[food.form]}
                {food.is_forbidden && <Box color="over">{words.forbidden}</Box>}
                {food.doubt !== null && (
                    <Box color="close" maxWidth="340px">
                        {food.doubt}
                    </Box>
                )}
            </Table.Cell>
            <Table.Cell whiteSpace="nowrap">{food.left === null ? '' : amount(food.left)}</Table.Cell>
            <Table.Cell whiteSpace="nowrap">{food.per_day > 0 ? amount(food.per_day) : ''}</Table.Cell>
            <Table.Cell>{food.per_day > 0 ? lasts : ''}</Table.Cell>
            <Table.Cell whiteSpace="nowrap">{food.protein_percent} %</Table.Cell>
            <Table.Cell whiteSpace="nowrap">
                {food.price === null || food.pack === null
                    ? ''
                    : words.perPack({ price: money(food.price, currency), pack: amount(food.pack) })}
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
    )
}
