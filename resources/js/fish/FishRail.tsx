import { Box } from '@chakra-ui/react'
import type { FishRow, FishSheet } from '../api/types'
import { WriteDown } from '../entry/WriteDown'
import { FishFeeding } from '../food/FishFeeding'
import { Fold } from '../frame/Fold'
import { useCalledFor } from '../frame/useCalledFor'
import { LogPart } from '../log/LogPart'
import { messages } from '../messages'
import { Health } from '../moves/Health'
import { Pictures } from '../picture/Pictures'
import { Facts } from './Facts'
import { RecordLength } from './RecordLength'

/** Beside the picture: the board, what is known of it, and what else is written down of it. */
export function FishRail({ sheet, all }: { sheet: FishSheet; all: readonly FishRow[] }) {
    const { fish, today } = sheet
    const isThere = fish.count > 0
    return (
        <>
            {isThere && <Board fish={fish} />}
            <Facts sheet={sheet} />
            {isThere && (
                <>
                    <WriteDown
                        kinds={
                            fish.is_shoal
                                ? ['incident', 'loss', 'move', 'count']
                                : ['incident', 'loss', 'move']
                        }
                        all={all}
                        fish={fish}
                        today={today}
                    />
                    <FishFeeding fish={fish} system={fish.home.system_id} />
                    <Health fish={fish.id} name={fish.name} />
                </>
            )}
            <Pictures of={{ fish: fish.id }} name={fish.name} />
            <LogPart of={{ fish: fish.id }} />
        </>
    )
}

/** Where a length is written down: open at once where the page is opened for it. */
const Board = ({ fish }: { fish: FishRow }) => (
    <Fold title={messages.fish.record} beginsOpen={useCalledFor('record')}>
        <Box paddingTop="12px">
            <RecordLength fish={fish} />
        </Box>
    </Fold>
)
