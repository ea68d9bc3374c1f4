/** How Debian's Chromium is started here: by the browser tests, the bench and the pictures. */
export const chromiumOptions = {
    executablePath: '/usr/bin/chromium',
    args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
    ],
};
