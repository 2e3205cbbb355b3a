import { Box, Button, chakra } from '@chakra-ui/react'
import { useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { changedBy } from '../api/keys'
import { KeptHere, Refused } from '../api/refused'
import { useNotices } from '../frame/notice'
import { messages } from '../messages'
import { pictureWords as words } from '../messages/picture'
import { keptKey } from '../offline/outbox'
import type { PicturesOf } from './queries'
import { READABLE, upload } from './upload'
import { WaitingPictures } from './WaitingPictures'

interface Failed {
    file: File
    why: string
}

/** Takes pictures with the camera or from files, one after the other; what could not be sent can be sent again. */
export function AddPictures({ of }: { of: PicturesOf }) {
    const client = useQueryClient()
    const { say } = useNotices()
    const [at, setAt] = useState<{ name: string; at: number; n: number } | null>(null)
    const [failed, setFailed] = useState<readonly Failed[]>([])
    const stop = useRef<AbortController>(null)
    const add = async (files: readonly File[]): Promise<void> => {
        const refused: Failed[] = []
        let kept = 0
        const stopping = new AbortController()
        stop.current = stopping
        for (const [i, file] of files.entries()) {
            if (stopping.signal.aborted) {
                refused.push({ file, why: words.stopped })
                continue
            }
            setAt({ name: file.name, at: i + 1, n: files.length })
            await upload(file, of, stopping.signal).catch((error: unknown) => {
                if (error instanceof KeptHere) {
                    kept++
                } else {
                    refused.push({ file, why: whyOf(error, stopping.signal) })
                }
            })
        }
        setAt(null)
        setFailed(refused)
        await client.invalidateQueries(changedBy('/api/v1/pictures'))
        if (kept > 0) {
            say({ text: messages.frame.keptHere })
            await client.invalidateQueries({ queryKey: keptKey })
        } else if (refused.length < files.length) {
            say({ text: words.sent({ n: files.length - refused.length }) })
        }
    }
    return (
        <Box display="flex" flexDirection="column" gap="8px">
            <Box display="flex" flexWrap="wrap" gap="10px">
                <FilesButton
                    label={words.take}
                    isBusy={at !== null}
                    capture
                    onFiles={(files) => void add(files)}
                />
                <FilesButton label={words.choose} isBusy={at !== null} onFiles={(files) => void add(files)} />
            </Box>
            <WaitingPictures of={of} />
            <p aria-live="polite">{at === null ? '' : words.sending(at)}</p>
            {at !== null && <Button onClick={() => stop.current?.abort()}>{words.stop}</Button>}
            {failed.map(({ file, why }) => (
                <chakra.p
                    key={`${file.name} ${file.lastModified}`}
                    role="alert"
                    color="over"
                    fontWeight={600}
                >
                    {words.failed({ name: file.name, why })}
                </chakra.p>
            ))}
            {failed.length > 0 && (
                <Button onClick={() => void add(failed.map(({ file }) => file))}>{words.retry}</Button>
            )}
        </Box>
    )
}

function whyOf(error: unknown, { aborted }: AbortSignal): string {
    if (aborted) {
        return words.stopped
    }
    return error instanceof Refused ? error.message : messages.frame.unreachable
}

interface ButtonProps {
    label: string
    isBusy: boolean
    /** With the camera of a phone. */
    capture?: boolean
    onFiles: (files: readonly File[]) => void
}

function FilesButton({ label, isBusy, capture = false, onFiles }: ButtonProps) {
    const input = useRef<HTMLInputElement>(null)
    return (
        <>
            <Button flex="1" disabled={isBusy} onClick={() => input.current?.click()}>
                {label}
            </Button>
            <chakra.input
                ref={input}
                type="file"
                hidden
                aria-label={label}
                accept={READABLE}
                multiple={!capture}
                {...(capture ? { capture: 'environment' as const } : {})}
                onChange={(event) => {
                    const files = [...(event.target.files ?? [])]
                    event.target.value = ''
                    if (files.length > 0) {
                        onFiles(files)
                    }
                }}
            />
        </>
    )
}
