import { Box } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useFormContext, useWatch } from 'react-hook-form'
import type { PictureRow } from '../api/types'
import { Chips } from '../entry/Chips'
import { fieldsOf } from '../entry/FieldForm'
import { optionsOf } from '../entry/fields'
import { useKeeper } from '../frame/keeper'
import { pictureWords } from '../messages/picture'
import { shortDay } from '../units/day'
import type { MeasureTyped } from './marks'
import { picturesQuery } from './queries'

const words = pictureWords.measure

const { Text, Choice } = fieldsOf<MeasureTyped>()

/** What is said beside the marks: sizes, distances, where the fish is and how it stands. */
export function MeasureFields({ picture }: { picture: PictureRow }) {
    const { setValue } = useFormContext<MeasureTyped>()
    const [view, way, depth, heading] = useWatch<MeasureTyped, ['view', 'way', 'depth', 'heading']>({
        name: ['view', 'way', 'depth', 'heading'],
    })
    return (
        <Box display="flex" flexDirection="column" gap="14px">
            <Chips
                label={words.view}
                options={optionsOf(words.views)}
                chosen={[view]}
                onToggle={(value) => setValue('view', value as MeasureTyped['view'])}
            />
            <Text
                name="scale"
                refusedAs="scale.length"
                label={words.scaleLength}
                help={words.scaleHelp[view]}
            />
            <Chips
                label={words.way}
                options={optionsOf(words.ways)}
                chosen={[way]}
                onToggle={(value) => setValue('way', value as MeasureTyped['way'])}
            />
            <Text
                name="distance"
                refusedAs="distance.length"
                label={way === 'seen' ? words.seenLength : words.distance[view]}
            />
            {way === 'seen' && <Text name="seenDepth" refusedAs="distance.depth" label={words.seenDepth} />}
            <Chips
                label={words.depth}
                options={optionsOf(words.depths[view])}
                chosen={[depth]}
                onToggle={(value) => setValue('depth', value as MeasureTyped['depth'])}
            />
            {depth === 'twice' && <Other picture={picture} />}
            <Chips
                label={words.heading}
                options={optionsOf(words.headings)}
                chosen={[heading]}
                onToggle={(value) => setValue('heading', value as MeasureTyped['heading'])}
            />
            <details>
                <summary>{words.more}</summary>
                <Box display="flex" flexDirection="column" gap="12px" paddingTop="10px">
                    {view === 'above' ? (
                        <Text name="rim" label={words.rim} />
                    ) : (
                        <Text name="glass" label={words.glass} />
                    )}
                    <Text name="room" label={words.room[view]} />
                </Box>
            </details>
        </Box>
    )
}

/** Those of the same fish or system that are marked. */
function Other({ picture }: { picture: PictureRow }) {
    const { today } = useKeeper()
    const of = picture.fish_id === null ? { system: picture.system_id ?? 0 } : { fish: picture.fish_id }
    const others = (useQuery(picturesQuery(of)).data ?? []).filter(
        ({ id, marks }) => id !== picture.id && marks !== null,
    )
    return (
        <Choice
            name="other"
            label={words.other}
            options={[
                { value: '', text: '–' },
                ...others.map(({ id, date, time }) => ({
                    value: String(id),
                    text: `${shortDay(date, today)}${time === null ? '' : ` ${time}`}, ${id}`,
                })),
            ]}
        />
    )
}
