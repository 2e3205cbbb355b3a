/** What the front end reads of the page that it stands on: its language, and where its addresses begin. */
Object.assign(globalThis, { document: { documentElement: { lang: 'en' } } })

const AnyRequest = globalThis.Request

globalThis.Request = class extends AnyRequest {
    constructor(asked: RequestInfo | URL, options?: RequestInit) {
        super(typeof asked === 'string' ? new URL(asked, 'http://127.0.0.1') : asked, options)
    }
}
