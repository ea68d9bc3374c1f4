import { DropdownMenu, Popover } from 'radix-ui';
import {
    useId,
    useImperativeHandle,
    useRef,
    useState,
    type ComponentProps,
    type ReactNode,
    type Ref,
    type RefObject,
} from 'react';

type Taken = 'ref' | 'id' | 'type' | 'onClick' | 'onFocus' | 'onKeyDown' | 'onPointerEnter';
type Face = Omit<ComponentProps<'button'>, Taken> & { face: ReactNode };
type MenuContent = ComponentProps<typeof DropdownMenu.Content>;

// A sheet has dozens of buttons that open something, of which a person opens few. What places it and leads its keys is put
// together when the button is first reached for, by pointer or key: all of it at once was two thirds of opening a sheet.

/** A button that opens a menu: its items are the children. */
export function MenuButton({
    face,
    side,
    align,
    says,
    children,
    ...rest
}: Face & {
    side?: MenuContent['side'];
    align?: MenuContent['align'];
    /** What the menu is called; else it is called as the button is. */
    says?: string;
}) {
    const [open, setOpen] = useState(false);
    const { button, isReached, opens, opened } = useOpener('menu', open);
    return (
        <>
            <button
                {...rest}
                {...button}
                onPointerDown={(event) => {
                    rest.onPointerDown?.(event);
                    if (rest.disabled || event.button !== 0 || event.ctrlKey) return;
                    // The focus goes into the menu, and not to the button after it.
                    if (!open) event.preventDefault();
                    setOpen(!open);
                }}
                onKeyDown={(event) => {
                    if (!['ArrowDown', 'Enter', ' '].includes(event.key)) return;
                    event.preventDefault();
                    setOpen(event.key === 'ArrowDown' || !open);
                }}
            >
                {face}
            </button>
            {isReached && (
                <DropdownMenu.Root modal={false} open={open} onOpenChange={setOpen}>
                    <DropdownMenu.Trigger asChild>
                        <StandIn of={opens} />
                    </DropdownMenu.Trigger>
                    <DropdownMenu.Portal>
                        <DropdownMenu.Content
                            className="menu"
                            id={opened}
                            side={side}
                            align={align}
                            // What scrolls can be reached by key, also when no item has the focus yet (WCAG 2.2, 2.1.1).
                            tabIndex={0}
                            aria-label={says}
                            aria-labelledby={says ? undefined : button.id}
                        >
                            {children}
                        </DropdownMenu.Content>
                    </DropdownMenu.Portal>
                </DropdownMenu.Root>
            )}
        </>
    );
}

/** A button that opens a panel of fields: what stands in it are the children. */
export function PanelButton({
    face,
    panel,
    opened: said,
    onOpen,
    children,
    ...rest
}: Face & {
    panel: Omit<ComponentProps<typeof Popover.Content>, 'ref' | 'id'>;
    /** Whether it is open, where somebody else says so too. */
    opened?: boolean;
    onOpen?: (open: boolean) => void;
}) {
    const [own, setOwn] = useState(false);
    const open = said ?? own;
    const setOpen = onOpen ?? setOwn;
    const { button, isReached, opens, opened } = useOpener('dialog', open);
    return (
        <>
            <button {...rest} {...button} onClick={() => setOpen(!open)}>
                {face}
            </button>
            {isReached && (
                <Popover.Root open={open} onOpenChange={setOpen}>
                    <Popover.Trigger asChild>
                        <StandIn of={opens} />
                    </Popover.Trigger>
                    <Popover.Portal>
                        <Popover.Content {...panel} id={opened}>
                            {children}
                        </Popover.Content>
                    </Popover.Portal>
                </Popover.Root>
            )}
        </>
    );
}

/** What a button says of itself that opens something, and what that is called by. */
function useOpener(what: 'menu' | 'dialog', open: boolean) {
    const opens = useRef<HTMLButtonElement>(null);
    const [isReached, setReached] = useState(false);
    const id = useId();
    const opened = `${id}-${what}`;
    const reach = () => setReached(true);
    // Somebody else may open it: it gives the focus back as it shuts, so it does not go with that.
    if (open && !isReached) reach();
    return {
        opens,
        opened,
        isReached,
        button: {
            ref: opens,
            id,
            type: 'button' as const,
            'aria-haspopup': what,
            'aria-expanded': open,
            'aria-controls': open ? opened : undefined,
            'data-state': open ? 'open' : 'closed',
            onPointerEnter: reach,
            onFocus: reach,
        },
    };
}

/** Is placed beside, and given the focus back, in the name of a button that stands already. */
function StandIn({ of, ref }: { of: RefObject<HTMLButtonElement | null>; ref?: Ref<HTMLButtonElement | null> }) {
    useImperativeHandle<HTMLButtonElement | null, HTMLButtonElement | null>(ref, () => of.current, [of]);
    return null;
}
