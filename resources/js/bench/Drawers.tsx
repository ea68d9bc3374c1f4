export type Drawer = 'outline' | 'tray' | null;

/** Where there is little room, the sheet has it: the outline and the tray come when they are asked for. */
export function Drawers({ open, onOpen }: { open: Drawer; onOpen: (drawer: Drawer) => void }) {
    const press = (drawer: 'outline' | 'tray', words: string) => (
        <button
            type="button"
            className={`h-6 rounded-md px-2 ${open === drawer ? 'bg-damson-soft text-damson' : 'hover:bg-ground'}`}
            aria-expanded={open === drawer}
            onClick={() => onOpen(open === drawer ? null : drawer)}
        >
            {words}
        </button>
    );
    return (
        <div role="group" aria-label="More of the Bench" className="flex items-center gap-2 border-t border-hair bg-panel px-2">
            {press('outline', 'Outline')}
            {press('tray', 'Format')}
            <span className="min-w-0 flex-1 truncate text-right text-[11.5px] text-quiet">
                A wider window shows both beside the sheet.
            </span>
        </div>
    );
}
