import { Button } from '@chakra-ui/react'
import { write } from '../api/client'
import type { FishSheet } from '../api/types'
import { useWrite } from '../entry/useWrite'
import { groupWords as words } from '../messages/group'

/** The way of one that was parted back into a shoal of its species in its home. */
export function Joining({ sheet: { fish, group } }: { sheet: FishSheet }) {
    const join = useWrite(
        'POST',
        '/api/v1/fish/{fish}/joins',
        { fish: fish.id },
        {
            notice: (_, { into }) =>
                words.joined({
                    name: fish.name,
                    shoal: group.may_join.find(({ id }) => id === into)?.name ?? '',
                }),
            undo: ({ id }) => write('DELETE', '/api/v1/shoal-joins/{join}', { join: id }),
        },
    )
    return group.may_join.map(({ id, name }) => (
        <Button key={id} disabled={join.isSaving} onClick={() => join.save({ into: id })}>
            {words.join({ name })}
        </Button>
    ))
}
