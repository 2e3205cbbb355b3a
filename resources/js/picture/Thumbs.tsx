import { chakra } from '@chakra-ui/react'
import { useState } from 'react'
import type { PictureRow } from '../api/types'
import { useKeeper, useUnit } from '../frame/keeper'
import { PaperDialog } from '../frame/PaperDialog'
import { pictureWords as words } from '../messages/picture'
import { longDay, shortDay } from '../units/day'
import { measured } from '../units/length'
import { addressOf } from './addressOf'
import { PictureSheet } from './PictureSheet'

/** Pictures as small prints with their day; each opens. */
export function Thumbs({ pictures, name }: { pictures: readonly PictureRow[]; name: string }) {
    const { today } = useKeeper()
    const unit = useUnit()
    const [open, setOpen] = useState<PictureRow | null>(null)
    return (
        <>
            <chakra.ul
                listStyleType="none"
                padding="0"
                display="grid"
                gridTemplateColumns="repeat(auto-fill, minmax(132px, 1fr))"
                gap="10px"
            >
                {pictures.map((one) => (
                    <li key={one.id}>
                        <chakra.button
                            type="button"
                            onClick={() => setOpen(one)}
                            display="block"
                            width="100%"
                            padding="6px"
                            background="fresh"
                            border="1.4px solid"
                            borderColor="edge"
                            color="ink"
                            textAlign="start"
                            cursor="pointer"
                        >
                            <chakra.img
                                src={addressOf(one.id, 'thumb')}
                                alt={words.of({ name, day: longDay(one.date, today) })}
                                width="100%"
                                aspectRatio="4 / 3"
                                objectFit="cover"
                                display="block"
                                loading="lazy"
                            />
                            <chakra.span display="block" fontSize="note" paddingTop="4px">
                                {shortDay(one.date, today)}
                                {one.length_mm !== null && `, ${measured(one.length_mm, unit)}`}
                            </chakra.span>
                        </chakra.button>
                    </li>
                ))}
            </chakra.ul>
            <PaperDialog
                title={open === null ? '' : words.of({ name, day: longDay(open.date, today) })}
                open={open !== null}
                onClose={() => setOpen(null)}
            >
                {open !== null && <PictureSheet picture={open} name={name} onDone={() => setOpen(null)} />}
            </PaperDialog>
        </>
    )
}
