import { Box, Button, chakra } from '@chakra-ui/react'
import type { KindRequest, KindSheet } from '../api/types'
import { Section } from '../frame/Section'
import { useChange } from '../log/useChange'
import { kindWordsOf } from '../words/kinds'
import { shownValue, valueGroups } from './valueFields'

/** Every value with where it comes from; the keeper's own can be taken back one by one. */
export function KindValues({ sheet }: { sheet: KindSheet }) {
    return (
        <Section title={kindWordsOf.values}>
            <chakra.p color="ink2" paddingBlock="6px">{kindWordsOf.legend}</chakra.p>
            <Box display="grid" gridTemplateColumns={{ base: '1fr', md: '1fr 1fr' }} columnGap="28px">
                {valueGroups.map((group) => (
                    <Box key={group.title} paddingBottom="12px">
                        <chakra.h3 fontWeight={800} paddingBottom="2px">{group.title}</chakra.h3>
                        <dl>
                        {group.fields.map((one) => {
                            const value = one.type === 'records' ? '' : shownValue(sheet.description, one)
                            return value === '' ? null : (
                                <Box key={one.label} display="grid" gridTemplateColumns="minmax(0, 1fr) minmax(0, 1fr)" gap="8px" borderBottom="1px solid" borderColor="rule" paddingBlock="4px">
                                    <chakra.dt color="ink2">{one.label.replace(/ \(one a line.*/, '')}</chakra.dt>
                                    <chakra.dd fontWeight={600}>{value} <Source sheet={sheet} field={one.field} label={one.label} /></chakra.dd>
                                </Box>
                            )
                        })}
                        </dl>
                    </Box>
                ))}
            </Box>
        </Section>
    )
}

function Source({ sheet, field, label }: { sheet: KindSheet; field: string; label: string }) {
    const isOwn = sheet.edited.includes(field)
    if (isOwn) {
        return (
            <>
                <chakra.span color="unc" fontSize="15px">{kindWordsOf.own}</chakra.span>
                {sheet.is_shipped && <BackToShipped sheet={sheet} field={field} label={label} />}
            </>
        )
    }
    const isName = field === 'common_name' || field === 'scientific_name'
    return isName ? null : <chakra.span color="ink2" fontWeight={400} fontSize="15px">{sheet.sources[field] ?? kindWordsOf.memory}</chakra.span>
}

function BackToShipped({ sheet, field, label }: { sheet: KindSheet; field: string; label: string }) {
    const shipped: Record<string, unknown> = sheet.shipped
    const change = useChange<KindRequest>({
        path: `kinds/${sheet.kind.id}`,
        before: { description: sheet.description },
        said: kindWordsOf.saved(sheet.kind.common_name),
        onDone: () => undefined,
    })
    return (
        <Button variant="plain" fontSize="15px" aria-label={kindWordsOf.backToShipped(label)} onClick={() => change.save({ description: { ...sheet.description, [field]: shipped[field] } })}>
            as it came
        </Button>
    )
}
