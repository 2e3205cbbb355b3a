import { messages } from '../messages'
import { doorWords } from '../messages/door'
import { Box, chakra } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import { DimensionLine } from '../drawing/DimensionLine'
import { FishSide } from '../drawing/FishSide'
import { ink } from '../theme/tokens'

/** The sheet before anybody is signed in: what this is, drawn to scale, and a form. */
export function Door({ title, comment, children }: { title: string; comment: string; children?: ReactNode }) {
    return (
        <Box
            as="main"
            minHeight="100dvh"
            display="flex"
            flexDirection={{ base: 'column-reverse', md: 'row' }}
            justifyContent={{ base: 'flex-end', md: 'flex-start' }}
        >
            <Box
                flex="1"
                borderInlineEnd={{ md: '1.6px solid' }}
                borderColor="ink"
                padding="24px"
                display="flex"
                alignItems="center"
                justifyContent="center"
            >
                <svg
                    viewBox="0 0 700 420"
                    width="100%"
                    style={{ maxWidth: '760px' }}
                    role="img"
                    aria-label={doorWords.idea}
                >
                    <rect
                        x="20"
                        y="60"
                        width="660"
                        height="280"
                        fill={ink('water')}
                        stroke={ink('ink')}
                        strokeWidth="2.2"
                    />
                    <FishSide form="deep" band={0} x={350} y={200} length={560} outlineOnly />
                    <FishSide form="deep" band={0} x={140} y={200} length={76} />
                    <DimensionLine x1={102} x2={178} y={252} label={doorWords.small} behind="fresh" />
                    <DimensionLine x1={70} x2={630} y={376} label={doorWords.grown} />
                </svg>
            </Box>
            <Box
                width={{ base: '100%', md: '440px' }}
                padding={{ base: '24px 16px', md: '64px 30px' }}
                display="flex"
                flexDirection="column"
                gap="16px"
            >
                <Box fontWeight={800} fontSize="part">
                    {messages.frame.product}
                </Box>
                <chakra.h1 fontSize="title" lineHeight="34px">
                    {title}
                </chakra.h1>
                <chakra.p color="ink2" fontSize="said" lineHeight="25px">
                    {comment}
                </chakra.p>
                {children}
            </Box>
        </Box>
    )
}
