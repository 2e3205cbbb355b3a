import { Box, chakra } from '@chakra-ui/react'
import { Section } from '../frame/Section'
import { SheetHead } from '../frame/SheetHead'
import { useNameSheet } from '../frame/sheetTitle'
import { SheetBody } from '../frame/SheetBody'
import { termWords } from '../messages/terms'
import { byGroup } from './terms'

/** Every word of the trade with what it means, to be looked up. */
export function WordsPage() {
    useNameSheet(termWords.title)
    return (
        <>
            <SheetHead sentence={termWords.title} comment={termWords.comment} />
            <SheetBody columns="repeat(2, minmax(0, 1fr))">
                {byGroup.map(([group, names]) => (
                    <Section key={group} title={termWords.groups[group]}>
                        <dl>
                            {names.map((name) => (
                                <Box
                                    key={name}
                                    id={name}
                                    borderBottom="1px solid"
                                    borderColor="rule"
                                    padding="8px 0"
                                    _target={{ background: 'fresh' }}
                                >
                                    <chakra.dt fontWeight={800}>{termWords.words[name].name}</chakra.dt>
                                    <chakra.dd color="ink2">{termWords.words[name].means}</chakra.dd>
                                </Box>
                            ))}
                        </dl>
                    </Section>
                ))}
            </SheetBody>
        </>
    )
}
