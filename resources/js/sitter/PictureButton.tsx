import { Box, chakra } from '@chakra-ui/react'
import { useMutation } from '@tanstack/react-query'
import { Refused } from '../api/refused'
import type { SitterHome } from '../api/types'
import { messages } from '../messages'
import { sitterWords as words } from '../messages/sitter'
import { sendPicture } from './queries'

/** A picture from the phone: the camera opens, it is sent, it stands in the log. */
export function PictureButton({ home }: { home: SitterHome }) {
    const picture = useMutation({ mutationFn: (file: File) => sendPicture(home.system_id, file) })
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
                {picture.isSuccess && words.pictureSent}
            </span>
            {picture.error !== null && (
                <chakra.span role="alert" color="over" fontWeight={600}>
                    {picture.error instanceof Refused ? picture.error.message : messages.frame.unreachable}
                </chakra.span>
            )}
        </Box>
    )
}
