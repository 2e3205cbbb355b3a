import { useKeeper } from '../frame/keeper'
import { messages } from '../messages'
import { Box, chakra } from '@chakra-ui/react'
import type { Method } from '../api/types'

interface Props {
    value: Method
    onChange: (method: Method) => void
}

/** How a length was taken, with the error that goes with it. */
export function MethodChoice({ value, onChange }: Props) {
    const { method_errors } = useKeeper()
    return (
        <Box
            as="fieldset"
            border="1.4px solid"
            borderColor="edge"
            borderRadius="3px"
            padding="0"
            display="grid"
            gridTemplateColumns="0.8fr 0.95fr 1.4fr 0.9fr"
        >
            <chakra.legend srOnly>{messages.fish.method}</chakra.legend>
            {(Object.keys(messages.labels.methods) as Method[]).map((method, i) => (
                <chakra.label
                    key={method}
                    position="relative"
                    textAlign="center"
                    fontSize="text"
                    lineHeight="20px"
                    padding="6px 2px 6px"
                    minHeight="50px"
                    cursor="pointer"
                    borderInlineStart={i === 0 ? 'none' : '1.4px solid'}
                    borderColor="edge"
                    background={method === value ? 'ink' : 'transparent'}
                    color={method === value ? 'paper' : 'ink'}
                    fontWeight={method === value ? 700 : 400}
                    _focusWithin={{
                        outline: '3px solid',
                        outlineColor: 'accent',
                        outlineOffset: '3px',
                        zIndex: 1,
                    }}
                >
                    <chakra.input
                        type="radio"
                        name="method"
                        value={method}
                        checked={method === value}
                        onChange={() => onChange(method)}
                        position="absolute"
                        opacity={0}
                        inset={0}
                        cursor="pointer"
                    />
                    {messages.labels.methods[method]}
                    <Box fontSize="note" lineHeight="17px" color={method === value ? 'paper' : 'ink2'}>
                        {messages.fish.error({ share: method_errors[method] })}
                    </Box>
                </chakra.label>
            ))}
        </Box>
    )
}
