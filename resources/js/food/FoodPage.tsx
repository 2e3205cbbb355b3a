import { Box, Button } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Link } from '@tanstack/react-router'
import { useState } from 'react'
import type { FoodRow, FoodSheet } from '../api/types'
import { Section } from '../frame/Section'
import { SheetHead } from '../frame/SheetHead'
import { useNameSheet } from '../frame/sheetTitle'
import { useWidth } from '../frame/useWidth'
import { Waiting } from '../frame/Waiting'
import { SheetBody } from '../frame/SheetBody'
import { foodWords as words } from '../messages/food'
import { longDay } from '../units/day'
import { Help } from '../settings/Columns'
import { Cultures } from './Cultures'
import { FoodDialog } from './FoodDialog'
import { Foods } from './Foods'
import { foodQuery } from './queries'
import { Shopping } from './Shopping'
import { StockDialog } from './StockDialog'
import { StorePicture } from './StorePicture'

/** The store: how long each food lasts, what to buy, what is bred. */
export function FoodPage() {
    useNameSheet(words.title)
    return <Waiting query={useQuery(foodQuery)}>{(sheet) => <Sheet sheet={sheet} />}</Waiting>
}

function Sheet({ sheet }: { sheet: FoodSheet }) {
    const [box, width] = useWidth<HTMLDivElement>()
    const [written, setWritten] = useState<FoodRow | null>(null)
    const [changed, setChanged] = useState<FoodRow | 'new' | null>(null)
    const fed = sheet.foods.filter((food) => food.per_day > 0)
    const bred = new Set(sheet.cultures.map((culture) => culture.food_id))
    // What is bred does not run out on a day: its culture tells of it.
    const kept = fed.filter((food) => !bred.has(food.id) || food.left !== null)
    return (
        <>
            <SheetHead
                sentence={headline(sheet, kept)}
                comment={fed.length === 0 ? words.comment : words.headComment({ n: fed.length })}
            />
            <SheetBody
                columns="minmax(0, 11fr) minmax(0, 9fr)"
                gridTemplateAreas={{
                    base: '"store" "buy" "bred" "all"',
                    lg: '"store buy" "bred buy" "all all"',
                }}
            >
                <Box ref={box} gridArea="store" minWidth="0">
                    <Section title={words.store}>
                        {width > 0 && (
                            <StorePicture
                                foods={kept}
                                shopping={sheet.shopping}
                                today={sheet.date}
                                width={width}
                                onChoose={setWritten}
                            />
                        )}
                        {kept.length > 0 && <Help>{words.storeHelp}</Help>}
                    </Section>
                </Box>
                <Box gridArea="bred" minWidth="0">
                    <Cultures sheet={sheet} />
                </Box>
                <Box gridArea="buy" display="flex" flexDirection="column" gap="24px" minWidth="0">
                    <Shopping sheet={sheet} onBought={setWritten} />
                    <Button asChild textDecoration="none">
                        <Link to="/food/costs">{words.costs.open}</Link>
                    </Button>
                </Box>
                <Box gridArea="all" minWidth="0">
                    <Foods
                        foods={sheet.foods}
                        bred={bred}
                        today={sheet.date}
                        onWrite={setWritten}
                        onChange={setChanged}
                    />
                </Box>
            </SheetBody>
            <StockDialog food={written} onClose={() => setWritten(null)} />
            <FoodDialog food={changed} onClose={() => setChanged(null)} />
        </>
    )
}

function headline(sheet: FoodSheet, kept: readonly FoodRow[]): string {
    const first = sheet.shopping[0]
    if (first !== undefined) {
        return first.says
    }
    const ends = kept.flatMap((food) => food.runs_out?.early ?? []).sort()
    return ends[0] === undefined
        ? words.headline.nothing
        : words.headline.lasts({ day: longDay(ends[0], sheet.date) })
}
