import { Box, Button, chakra } from '@chakra-ui/react'
import { write } from '../api/client'
import type { FishSheet } from '../api/types'
import { useWrite } from '../entry/useWrite'
import { groupWords as words } from '../messages/group'

/** Somebody is gone and nobody wrote down who: said, and with one tap told. */
export function WhoIsMissing({ sheet }: { sheet: FishSheet }) {
    const { fish, group, today } = sheet
    const tell = useWrite(
        'POST',
        '/api/v1/fish/{fish}/makeups',
        { fish: fish.id },
        {
            notice: () => words.missingSaved({ name: fish.name }),
            undo: ({ id }) => write('DELETE', '/api/v1/makeups/{makeup}', { makeup: id }),
        },
    )
    if (group.missing_said === null) {
        return null
    }
    const left = (males: number, females: number) => () => tell.save({ date: today, males, females })
    return (
        <Box>
            <chakra.p color="close" fontWeight={600}>
                {group.missing_said} {group.missing === 1 && words.whoIsMissing}
            </chakra.p>
            {group.missing === 1 && (
                <Box display="flex" flexWrap="wrap" gap="10px" paddingTop="6px">
                    {group.males > 0 && (
                        <Button disabled={tell.isSaving} onClick={left(group.males - 1, group.females)}>
                            {words.aMale}
                        </Button>
                    )}
                    {group.females > 0 && (
                        <Button disabled={tell.isSaving} onClick={left(group.males, group.females - 1)}>
                            {words.aFemale}
                        </Button>
                    )}
                    {group.unknown > 0 && (
                        <Button disabled={tell.isSaving} onClick={left(group.males, group.females)}>
                            {words.notSexed}
                        </Button>
                    )}
                </Box>
            )}
        </Box>
    )
}
