import { Box } from '@chakra-ui/react'
import { Link } from '@tanstack/react-router'
import { systemsWords } from '../messages/systems'
import type { SystemSheetName } from './sheets'
import { SYSTEM_SHEETS } from './sheets'

interface Props {
    system: { id: number; name: string }
    shown: SystemSheetName
}

/** The sheets of a home, like the tabs of a file. */
export function SheetTabs({ system: { id, name }, shown }: Props) {
    return (
        <Box
            as="nav"
            aria-label={systemsWords.sheetsOf({ name })}
            className="no-print"
            display="flex"
            flexWrap="wrap"
            columnGap="4px"
            borderBottom="1px solid"
            borderColor="rule"
            paddingInline={{ base: 0, md: '6px' }}
        >
            {SYSTEM_SHEETS.map((sheet) => (
                <Box
                    key={sheet}
                    asChild
                    display="flex"
                    alignItems="center"
                    minHeight="44px"
                    paddingInline={{ base: '8px', md: '12px' }}
                    color={sheet === shown ? 'ink' : 'accent'}
                    fontWeight={sheet === shown ? 800 : 600}
                    textDecoration="none"
                    borderBottom="2.6px solid"
                    borderColor={sheet === shown ? 'ink' : 'transparent'}
                >
                    <Link
                        to="/systems/$id"
                        params={{ id }}
                        search={sheet === 'plan' ? {} : { sheet }}
                        aria-current={sheet === shown ? 'page' : undefined}
                    >
                        {systemsWords.sheets[sheet]}
                    </Link>
                </Box>
            ))}
        </Box>
    )
}
