import { Box, chakra } from '@chakra-ui/react'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { Refused } from '../api/refused'
import type { SitterHome } from '../api/types'
import { momentNow } from '../entry/timeNow'
import { messages } from '../messages'
import { sitterWords as words } from '../messages/sitter'
import { keepPicture, keptTicksQuery, sentOrKept } from './keptTicks'
import { sendPicture } from './queries'

/** A picture from the phone: the camera opens, it is sent, it stands in the log. */
export function PictureButton({ home }: { home: SitterHome }) {
    const client = useQueryClient()
    const picture = useMutation({
        mutationFn: (file: File) => {
            const pictured = { system: home.system_id, picture: file, at: momentNow() }
            return sentOrKept(sendPicture(pictured), () => keepPicture(pictured))
        },
        onSuccess: () => client.invalidateQueries({ queryKey: keptTicksQuery.queryKey }),
    })
    return (
        <Box
            display="flex"
            flexWrap="wrap"
            alignItems="center"
            gap="10px"
            paddingTop="6px"
            _print={{ display: 'none' }}
        >
            <chakra.label
                display="inline-flex"
                alignItems="center"
                minHeight="48px"
                color="accent"
                fontWeight={700}
                textDecoration="underline"
                textUnderlineOffset="4px"
                cursor="pointer"
                _focusWithin={{ outline: '3px solid', outlineColor: 'accent', outlineOffset: '3px' }}
            >
                {words.picture}
                <chakra.input
                    type="file"
                    accept="image/*"
                    capture="environment"
                    aria-label={words.pictureOf({ home: home.name })}
                    position="absolute"
                    width="1px"
                    height="1px"
                    opacity={0}
                    onChange={(event) => {
                        const file = event.target.files?.[0]
                        event.target.value = ''
                        if (file !== undefined) {
                            picture.mutate(file)
                        }
                    }}
                />
            </chakra.label>
            <span aria-live="polite">
                {picture.isPending && words.sending}
                {picture.isSuccess && (picture.data === 'kept' ? words.pictureKept : words.pictureSent)}
            </span>
            {picture.error !== null && (
                <chakra.span role="alert" color="over" fontWeight={600}>
                    {picture.error instanceof Refused ? picture.error.message : messages.frame.unreachable}
                </chakra.span>
            )}
        </Box>
    )
}
