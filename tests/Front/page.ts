/** What the front end reads of the page that it stands on: its language. */
Object.assign(globalThis, { document: { documentElement: { lang: 'en' } } })
