import { Box, Button, chakra } from '@chakra-ui/react'
import { useState } from 'react'
import type { FishSheet } from '../api/types'
import { PaperDialog } from '../frame/PaperDialog'
import { Section } from '../frame/Section'
import { groupWords as words } from '../messages/group'
import { longDay } from '../units/day'
import { Counts } from './Counts'
import { GroupPicture } from './GroupPicture'
import { Joining } from './Joining'
import { MakeupForm } from './MakeupForm'
import { PartForm } from './PartForm'
import { sexesSentence } from './sexesSentence'
import { WhoIsMissing } from './WhoIsMissing'

/** A shoal and who makes it up, or a fish among its like: said, drawn to scale, and changed. */
export function GroupSection({ sheet }: { sheet: FishSheet }) {
    const { fish, group } = sheet
    if (fish.count === 1 && group.others.length === 0) {
        return null
    }
    return (
        <>
            <TheGroup sheet={sheet} />
            {fish.is_shoal && <Counts sheet={sheet} />}
        </>
    )
}

function TheGroup({ sheet }: { sheet: FishSheet }) {
    const { fish, group } = sheet
    return (
        <Section title={words.title}>
            <Box paddingTop="8px" display="flex" flexDirection="column" gap="8px">
                <p>
                    {sexesSentence(group)} {group.ratio !== null && !group.is_pair && group.ratio}{' '}
                    {group.others.length > 0 && words.together({ names: group.others.join(', ') })}{' '}
                    {group.seen_on !== null && (
                        <chakra.span color="ink2">
                            {(group.sizes.length > 0 ? words.sizesSeen : words.seen)({
                                day: longDay(group.seen_on, sheet.today),
                            })}
                        </chakra.span>
                    )}
                </p>
                <WhoIsMissing sheet={sheet} />
                {fish.count > 1 && <GroupPicture sheet={sheet} />}
                <Acts sheet={sheet} />
            </Box>
        </Section>
    )
}

function Acts({ sheet }: { sheet: FishSheet }) {
    const [slip, openSlip] = useState<'makeup' | 'part' | null>(null)
    const close = (): void => openSlip(null)
    const { name, count, is_shoal } = sheet.fish
    return (
        <Box display="flex" flexWrap="wrap" gap="10px">
            {is_shoal && <Button onClick={() => openSlip('makeup')}>{words.say}</Button>}
            {count > 1 && <Button onClick={() => openSlip('part')}>{words.part}</Button>}
            <Joining sheet={sheet} />
            <PaperDialog
                title={slip === 'part' ? words.partTitle({ name }) : words.sayTitle({ name })}
                open={slip !== null}
                onClose={close}
            >
                {slip === 'makeup' && <MakeupForm sheet={sheet} onDone={close} />}
                {slip === 'part' && <PartForm fish={sheet.fish} onDone={close} />}
            </PaperDialog>
        </Box>
    )
}
