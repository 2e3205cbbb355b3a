import { chakra } from '@chakra-ui/react'

/** A box to tick with its words. */
export function CheckField({
    label,
    checked,
    onChange,
}: {
    label: string
    checked: boolean
    onChange: (checked: boolean) => void
}) {
    return (
        <chakra.label display="flex" gap="10px" alignItems="center" minHeight="44px">
            <chakra.input
                type="checkbox"
                width="22px"
                height="22px"
                flex="none"
                accentColor="accent"
                checked={checked}
                onChange={(event) => onChange(event.target.checked)}
            />
            {label}
        </chakra.label>
    )
}
