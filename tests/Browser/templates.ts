import { execFileSync } from 'node:child_process'
import { TEMPLATES } from './servers'

/** Makes the databases that the servers under test start with. */
export default function makeTemplates(): void {
    for (const [data, database] of Object.entries(TEMPLATES)) {
        execFileSync('bash', ['tests/Browser/template.sh', database, data], { stdio: 'inherit' })
    }
}
