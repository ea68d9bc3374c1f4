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

type Face = Omit<ComponentProps<'button'>, 'ref' | 'id' | 'type'> & { face: ReactNode };
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
    const { button, id, open, setOpen, isReached, reaching } = useOpener();
    const toggle = (now: boolean) => (event: { preventDefault: () => void }) => {
        setOpen(now);
        // The focus goes into the menu, and not to the button after it.
        if (now) event.preventDefault();
    };
    return (
        <>
            <button
                {...rest}
                {...reaching}
                ref={button}
                id={id}
                type="button"
                aria-haspopup="menu"
                aria-expanded={open}
                aria-controls={open ? `${id}-menu` : undefined}
                data-state={open ? 'open' : 'closed'}
                onPointerDown={(event) => {
                    rest.onPointerDown?.(event);
                    if (!rest.disabled && event.button === 0 && !event.ctrlKey) toggle(!open)(event);
                }}
                onKeyDown={(event) => {
                    if (event.key === 'ArrowDown') toggle(true)(event);
                    else if (event.key === 'Enter' || event.key === ' ') {
                        event.preventDefault();
                        toggle(!open)(event);
                    }
                }}
            >
                {face}
            </button>
            {isReached && (
                <DropdownMenu.Root modal={false} open={open} onOpenChange={setOpen}>
                    <DropdownMenu.Trigger asChild>
                        <StandIn of={button} />
                    </DropdownMenu.Trigger>
                    <DropdownMenu.Portal>
                        <DropdownMenu.Content
                            className="menu"
                            id={`${id}-menu`}
                            side={side}
                            align={align}
                            // What scrolls can be reached by key, also when no item has the focus yet (WCAG 2.2, 2.1.1).
                            tabIndex={0}
                            {...(says ? { 'aria-labelledby': undefined, 'aria-label': says } : { 'aria-labelledby': id })}
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
    opened,
    onOpen,
    children,
    ...rest
}: Face & {
    panel: Omit<ComponentProps<typeof Popover.Content>, 'ref' | 'id'>;
    /** Whether it is open, where somebody else says so too. */
    opened?: boolean;
    onOpen?: (open: boolean) => void;
}) {
    const { button, id, open: own, setOpen: setOwn, isReached, reaching } = useOpener();
    const open = opened ?? own;
    const setOpen = (now: boolean) => {
        setOwn(now);
        onOpen?.(now);
    };
    return (
        <>
            <button
                {...rest}
                {...reaching}
                ref={button}
                id={id}
                type="button"
                aria-haspopup="dialog"
                aria-expanded={open}
                aria-controls={open ? `${id}-panel` : undefined}
                data-state={open ? 'open' : 'closed'}
                onClick={() => setOpen(!open)}
            >
                {face}
            </button>
            {(isReached || open) && (
                <Popover.Root open={open} onOpenChange={setOpen}>
                    <Popover.Trigger asChild>
                        <StandIn of={button} />
                    </Popover.Trigger>
                    <Popover.Portal>
                        <Popover.Content {...panel} id={`${id}-panel`}>
                            {children}
                        </Popover.Content>
                    </Popover.Portal>
                </Popover.Root>
            )}
        </>
    );
}

function useOpener() {
    const button = useRef<HTMLButtonElement>(null);
    const [open, setOpen] = useState(false);
    const [isReached, setReached] = useState(false);
    const reach = () => setReached(true);
    return { button, id: useId(), open, setOpen, isReached, reaching: { onPointerEnter: reach, onFocus: reach } };
}

/** Is placed beside, and given the focus back, in the name of a button that stands already. */
function StandIn({ of, ref }: { of: RefObject<HTMLButtonElement | null>; ref?: Ref<HTMLButtonElement | null> }) {
    useImperativeHandle<HTMLButtonElement | null, HTMLButtonElement | null>(ref, () => of.current, [of]);
    return null;
}
