import { Box, Button, chakra } from '@chakra-ui/react'
import type { FoodRow, FoodSheet } from '../api/types'
import { useKeeper } from '../frame/keeper'
import { Section } from '../frame/Section'
import { foodWords as words } from '../messages/food'
import { Help, Line } from '../settings/Columns'
import { money } from '../units/money'

/** What to buy, the first first. */
export function Shopping({ sheet, onBought }: { sheet: FoodSheet; onBought: (food: FoodRow) => void }) {
    const { currency } = useKeeper()
    const byId = new Map(sheet.foods.map((food) => [food.id, food]))
    const sum = sheet.shopping.reduce((all, one) => all + (one.price ?? 0), 0)
    return (
        <Section title={words.shopping}>
            {sheet.shopping.length === 0 && <Help>{words.shoppingNone}</Help>}
            <chakra.ul>
                {sheet.shopping.map((one) => {
                    const food = byId.get(one.food_id)
                    return (
                        <Line
                            key={one.food_id}
                            acts={
                                food !== undefined && (
                                    <Button
                                        aria-label={words.boughtLabel({ says: one.says })}
                                        onClick={() => onBought(food)}
                                    >
                                        {words.bought}
                                    </Button>
                                )
                            }
                        >
                            <chakra.span fontWeight={one.is_due ? 700 : 400}>{one.says}</chakra.span>{' '}
                            {one.price !== null && (
                                <chakra.span color="ink2">
                                    {words.about({ sum: money(one.price, currency) })}
                                </chakra.span>
                            )}
                        </Line>
                    )
                })}
            </chakra.ul>
            {sum > 0 && (
                <Box color="ink2" paddingTop="6px">
                    {words.sum({ sum: money(sum, currency) })}
                </Box>
            )}
        </Section>
    )
}
