import { chakra } from '@chakra-ui/react'
import type { ImportLine, ImportSheet } from '../api/types'
import { Sideways } from '../frame/Sideways'
import { settingsWords } from '../messages/settings'
import { Help } from './Columns'

const words = settingsWords.import

/** Letters from which a cell is broken into lines. */
const LONG = 24

const colours: Record<ImportLine['state'], string> = {
    good: 'ink2',
    written: 'ink2',
    doubtful: 'ink',
    refused: 'over',
}

/** Every row as it was read, with what stands against it; those that want a look first. */
export function ImportRows({ sheet: { headings, rows, total } }: { sheet: ImportSheet }) {
    return (
        <>
            {rows.length < total && rows.length > 0 && (
                <Help>{words.rowsHelp({ shown: rows.length, total })}</Help>
            )}
            <Sideways label={words.rows}>
                <chakra.table width="100%" borderCollapse="collapse" fontSize="text">
                    <thead>
                        <tr>
                            <Head>{words.line}</Head>
                            {headings.map((heading, i) => (
                                <Head key={i}>{heading}</Head>
                            ))}
                        </tr>
                    </thead>
                    {rows.map((row) => (
                        <Row key={row.line} row={row} columns={headings.length + 1} />
                    ))}
                </chakra.table>
            </Sideways>
        </>
    )
}

function Head({ children }: { children: string | undefined }) {
    return (
        <chakra.th
            scope="col"
            textAlign="start"
            color="ink2"
            fontWeight={600}
            padding="6px 10px 6px 0"
            borderBottom="1.6px solid"
            borderColor="ink"
            whiteSpace="nowrap"
        >
            {children}
        </chakra.th>
    )
}

function Row({ row, columns }: { row: ImportLine; columns: number }) {
    return (
        <tbody>
            <tr>
                <Cell>{String(row.line)}</Cell>
                {row.cells.map((cell, i) => (
                    <Cell key={i}>{cell}</Cell>
                ))}
            </tr>
            <tr>
                <chakra.td
                    colSpan={columns}
                    color={colours[row.state]}
                    fontWeight={row.state === 'refused' ? 600 : 400}
                    paddingBottom="8px"
                    borderBottom="1px solid"
                    borderColor="rule"
                >
                    {[words.states[row.state], ...row.sentences].join(': ')}
                </chakra.td>
            </tr>
        </tbody>
    )
}

function Cell({ children }: { children: string }) {
    return (
        <chakra.td
            padding="8px 10px 2px 0"
            verticalAlign="top"
            whiteSpace={children.length > LONG ? 'normal' : 'nowrap'}
        >
            {children}
        </chakra.td>
    )
}
