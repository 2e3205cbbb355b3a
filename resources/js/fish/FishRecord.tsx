import { Box } from '@chakra-ui/react'
import type { FishSheet } from '../api/types'
import { GroupSection } from '../group/GroupSection'
import { Housing } from './Housing'
import { Lengths } from './Lengths'

/** Below the picture: its group, its lengths, its home by the rules. */
export const FishRecord = ({ sheet }: { sheet: FishSheet }) => (
    <>
        {sheet.fish.count > 0 && (
            <Box paddingInline={{ md: '10px' }} paddingBlock="16px">
                <GroupSection sheet={sheet} />
            </Box>
        )}
        <Lengths sheet={sheet} />
        {sheet.fish.count > 0 && <Housing sheet={sheet} />}
    </>
)
