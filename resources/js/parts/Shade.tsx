/**
 * What lies over the page behind a dialog, and takes the presses that miss it. The overlay that comes with dialogs would lock the
 * page against scrolling as well, by a style sheet of its own: all of the page is styled anew for it, and the page never scrolls.
 */
export function Shade() {
    return <div className="dialog-shade" />;
}
