import { useDeferredValue, useMemo, useRef, type KeyboardEvent as ReactKeyboardEvent } from 'react';
import type { Rect } from '@/api/client';
import type { SheetDetail, Window } from '@/api/types';
import { COLUMNS, ROWS, parse } from '@/grid/address';
import { inSight } from '@/grid/quadrant';
import { useTiles, type Tile } from '@/grid/useTiles';
import { ActiveCell } from './ActiveCell';
import { CellMenu } from './CellMenu';
import { ColumnHeads } from './ColumnHeads';
import { RowBrackets } from './PartMargin';
import { CellEditor } from './CellEditor';
import { Drawings, useDrawings } from './Drawings';
import { FreezeEdge } from './FreezeEdge';
import { GridLines } from './GridLines';
import { HeaderMenu } from './HeaderMenu';
import { Quadrant } from './Quadrant';
import { beginEntry } from '@/guard/draft';
import { ChoiceBox } from '@/guard/ChoiceBox';
import { selectionText, useBench } from '@/work/state';
import type { Acts } from '@/work/useActs';
import { RowNumbers } from './RowNumbers';
import { PageEnds } from '@/paper/PageEnds';
import { ScreenFrame } from './ScreenFrame';
import { useCellEdit } from './useCellEdit';
import { useEntryKeys } from './useEntryKeys';
import { useTruths } from '@/work/useTruths';
import { useGridKeys } from './useGridKeys';
import { useHeadKeys } from './useHeadKeys';
import { useGridPointer } from './useGridPointer';
import { LEFT, TOP, useGridView } from './useGridView';

interface Props {
    id: number;
    detail: SheetDetail;
    seen: string;
    /** The revision at which cells of the sheet were changed last. */
    dataRevision: number;
    preview: Window | null;
    acts: Acts;
    onView: (view: Rect) => void;
    /** Its cells are there to be seen, and take no texts. */
    still?: boolean;
    isProtected?: boolean;
}

export function Grid({ id, detail, seen, dataRevision, preview, acts, onView, still = false, isProtected = false }: Props) {
    const selection = useBench((state) => state.selection);
    const active = useBench((state) => state.active);
    const { scroller, view, look, rows, columns, lastRow, lastColumn, frozen, frozenHeight, frozenWidth } = useGridView(
        detail,
        onView,
    );
    const clips = useMemo(
        () => ({
            main: { top: frozen.row + 1, left: frozen.column + 1, bottom: ROWS, right: COLUMNS },
            top: { top: 1, left: frozen.column + 1, bottom: frozen.row, right: COLUMNS },
            left: { top: frozen.row + 1, left: 1, bottom: ROWS, right: frozen.column },
            corner: { top: 1, left: 1, bottom: frozen.row, right: frozen.column },
        }),
        [frozen.row, frozen.column],
    );
    const views = [view];
    if (frozen.row > 0) views.push({ top: 1, bottom: frozen.row, left: view.left, right: view.right });
    if (frozen.column > 0) views.push({ left: 1, right: frozen.column, top: view.top, bottom: view.bottom });
    if (frozen.row > 0 && frozen.column > 0) views.push({ top: 1, left: 1, bottom: frozen.row, right: frozen.column });
    const tiles = useTiles(id, detail.number, seen, views, { row: lastRow, column: lastColumn });
    // New tiles are painted in slices between frames, so that scrolling goes on meanwhile.
    const shown = useDeferredValue<Tile[]>(preview ? [{ key: 'preview', window: preview }] : tiles);

    const drawings = useDrawings(id, detail.number, dataRevision);
    const truths = useTruths(id, detail.number, seen);
    const notes = useMemo(() => truths.flatMap((note) => note.ranges.split(',').flatMap((text) => parse(text) ?? [])), [truths]);
    const framed = useBench((state) => state.screen);
    const pageEnds = useBench((state) => state.pageEnds);
    const screen = detail.screens.find((each) => each.name === framed);
    const handlers = useGridPointer(scroller, acts, {
        rows,
        columns,
        frozenHeight,
        frozenWidth,
        mirrored: detail.rightToLeft,
    });
    const lifted = useBench((state) => state.lifted);
    const { editing, typed, beginEdit, finishEdit, clear, copy, paste } = useCellEdit(id, detail, acts, lastRow, scroller);
    const moveByKey = useGridKeys({ rows: lastRow, columns: lastColumn, detail, page: Math.max(1, view.bottom - view.top - 2) });
    const entering = useEntryKeys(id, detail, isProtected && !still);
    /** Ctrl+Shift+V pastes values alone; the paste that follows the key does not say which it was. */
    const withLooks = useRef(true);
    /** The menu of the cells opens at the active one. */
    const openMenu = () => {
        const box = scroller.current;
        if (!box) return;
        const frame = box.getBoundingClientRect();
        const x = columns.start(active.column) - (active.column <= frozen.column ? 0 : box.scrollLeft);
        const y = rows.end(active.row) - (active.row <= frozen.row ? 0 : box.scrollTop);
        const along = LEFT + Math.max(0, x) + 12;
        const at = {
            clientX: detail.rightToLeft ? frame.right - along : frame.left + along,
            clientY: frame.top + TOP + Math.max(0, y),
        };
        box.dispatchEvent(new MouseEvent('contextmenu', { bubbles: true, cancelable: true, ...at }));
    };
    const onKeyDown = (event: ReactKeyboardEvent) => {
        if ((event.target as HTMLElement).getAttribute('role') !== 'grid') return;
        withLooks.current = !event.shiftKey;
        const plain = !event.ctrlKey && !event.metaKey && !event.altKey;
        if (!still && entering.takes(event)) return event.preventDefault();
        if (event.key === 'Escape' && lifted) useBench.setState({ lifted: null });
        else if (event.key === 'F2' && !still) beginEdit(null);
        else if (event.key === 'Delete' && !still) clear();
        else if (still && plain && event.key.length === 1) return moveByKey(event);
        else if (event.key === 'ContextMenu' || (event.key === 'F10' && event.shiftKey)) openMenu();
        else if (lifted && event.key === 'Enter')
            void acts.act('lay', {
                ranges: selectionText(useBench.getState().selection),
                block: lifted.block,
                widths: lifted.widths,
                conditions: lifted.conditions,
                from: lifted.from,
            });
        else if (plain && event.key.length === 1 && event.key !== ' ') beginEdit(event.key);
        else return moveByKey(event);
        event.preventDefault();
    };

    const width = columns.total;
    const height = rows.total;
    const quadrant = (clip: Rect) => (
        <Quadrant
            tiles={shown}
            clip={clip}
            sight={inSight(view, clip, frozen)}
            zoom={detail.zoom / 100}
            rows={rows}
            columns={columns}
            notes={notes}
            choices={detail.choices}
            selection={selection}
            active={active}
        />
    );
    const margin = useRef<HTMLDivElement>(null);
    const onRowKey = useHeadKeys('rows', margin, view.top);
    const stop = {
        row: active.row <= frozen.row || (active.row >= view.top && active.row <= view.bottom) ? active.row : view.top,
        column:
            active.column <= frozen.column || (active.column >= view.left && active.column <= view.right)
                ? active.column
                : view.left,
    };
    return (
        <CellMenu acts={acts} onEdit={() => beginEdit(null)} onClear={clear} onTakes={() => beginEntry(detail)}>
            <div
                ref={scroller}
                role="grid"
                aria-label={`Cells of ${detail.name}`}
                aria-rowcount={lastRow}
                aria-colcount={lastColumn}
                aria-activedescendant="active-cell"
                aria-multiselectable="true"
                aria-describedby="selection-address"
                tabIndex={0}
                className={`relative overflow-auto bg-white outline-offset-[-2px]! select-none ${lifted ? 'cursor-copy' : ''}`}
                data-mirrored={detail.rightToLeft || undefined}
                style={{ overflowAnchor: 'none' }}
                onScroll={look}
                onKeyDown={onKeyDown}
                onDoubleClick={(event) =>
                    !still && (event.target as HTMLElement).closest('.sheet') && !entering.isLocked() && beginEdit(null)
                }
                onContextMenuCapture={(event) => entering.reader && event.preventDefault()}
                onCopy={(event) => {
                    if ((event.target as HTMLElement).tagName === 'INPUT') return;
                    event.preventDefault();
                    copy();
                }}
                onPaste={(event) => {
                    if ((event.target as HTMLElement).tagName === 'INPUT') return;
                    event.preventDefault();
                    if (still) return;
                    paste(event.clipboardData.getData('text/plain'), event.clipboardData.getData('text/html'), withLooks.current);
                    withLooks.current = true;
                }}
            >
                <div role="presentation" className="relative" style={{ width: width + LEFT, height: height + TOP }}>
                    <div role="presentation" className="sticky top-0 z-20 bg-ground" style={{ height: TOP, width: width + LEFT }}>
                        <ColumnHeads
                            zoom={detail.zoom / 100}
                            detail={detail}
                            columns={columns}
                            frozen={frozen.column}
                            left={view.left}
                            right={view.right}
                            stop={stop.column}
                            selection={selection}
                            row={active.row}
                            handlers={handlers}
                            acts={acts}
                        />
                    </div>
                    <div role="row" className="sticky top-0 left-0 z-30" style={{ width: LEFT, height: TOP, marginTop: -TOP }}>
                        {!still && <FreezeEdge axis="columns" of={columns} frozen={frozen.column} acts={acts} />}
                        {!still && <FreezeEdge axis="rows" of={rows} frozen={frozen.row} acts={acts} />}
                        <div role="columnheader" className="h-full">
                            <button
                                type="button"
                                aria-label="Select the whole sheet"
                                className="block h-full w-full border-r border-b border-hair bg-ground"
                                onClick={() =>
                                    useBench.getState().select([{ top: 1, left: 1, bottom: ROWS, right: COLUMNS }], active, false)
                                }
                            />
                        </div>
                    </div>
                    <HeaderMenu axis="rows" acts={acts}>
                        <div
                            ref={margin}
                            role="presentation"
                            className="sticky left-0 z-10 bg-ground"
                            style={{ width: LEFT, height }}
                            onKeyDown={onRowKey}
                            {...handlers('rows')}
                        >
                            <RowNumbers
                                rows={rows}
                                view={view}
                                stop={stop.row}
                                selection={selection}
                                zoom={detail.zoom / 100}
                                acts={acts}
                            />
                            {!still && (
                                <RowBrackets tables={detail.tables} rows={rows} view={view} column={active.column} acts={acts} />
                            )}
                        </div>
                    </HeaderMenu>
                    <div
                        role="presentation"
                        className="sheet absolute overflow-hidden"
                        style={{ top: TOP, left: LEFT, width, height }}
                        {...handlers('cells')}
                    >
                        {detail.gridlines && <GridLines rows={rows} columns={columns} view={view} />}
                        {quadrant(clips.main)}
                        <ActiveCell detail={detail} tiles={shown} rows={rows} columns={columns} />
                        <Drawings id={id} sheet={detail.number} drawings={drawings} rows={rows} columns={columns} view={view} />
                    </div>
                    {pageEnds && !still && (
                        <div role="presentation" className="absolute" style={{ top: TOP, left: LEFT }}>
                            <PageEnds id={id} sheet={detail.number} seen={seen} rows={rows} columns={columns} view={view} />
                        </div>
                    )}
                    {screen && (
                        <div role="presentation" className="absolute" style={{ top: TOP, left: LEFT }}>
                            <ScreenFrame screen={screen} rows={rows} columns={columns} left={LEFT + frozenWidth} />
                        </div>
                    )}
                    {!editing && !still && (
                        <div role="presentation" className="absolute z-[14]" style={{ top: TOP, left: LEFT }}>
                            <ChoiceBox
                                id={id}
                                detail={detail}
                                stamp={seen}
                                acts={acts}
                                rows={rows}
                                columns={columns}
                                isGuarded={isProtected || entering.reader}
                                held={{ row: active.row <= frozen.row, column: active.column <= frozen.column }}
                            />
                        </div>
                    )}
                    {editing && (
                        <div
                            role="presentation"
                            className="absolute z-[15]"
                            style={{ top: TOP, left: LEFT }}
                            // A field has the browser's own menu.
                            onContextMenu={(event) => event.stopPropagation()}
                        >
                            <CellEditor
                                key={`${editing.row}.${editing.column}`}
                                edit={editing}
                                rows={rows}
                                columns={columns}
                                shift={{
                                    x: editing.column <= frozen.column ? editing.scroll.x : 0,
                                    y: editing.row <= frozen.row ? editing.scroll.y : 0,
                                }}
                                onDone={finishEdit}
                            />
                        </div>
                    )}
                    {typed.map((each) => (
                        <div
                            key={`${each.row}.${each.column}`}
                            role="presentation"
                            data-typed=""
                            className="unmirrored pointer-events-none absolute z-[14] truncate bg-white px-1 text-[13px] text-quiet"
                            style={{
                                top: TOP + rows.start(each.row) + 1 + (each.row <= frozen.row ? each.scroll.y : 0),
                                left: LEFT + columns.start(each.column) + 1 + (each.column <= frozen.column ? each.scroll.x : 0),
                                width: columns.sizeOf(each.column) - 2,
                                height: rows.sizeOf(each.row) - 2,
                            }}
                        >
                            {each.text}
                        </div>
                    ))}
                    {frozen.row > 0 && (
                        <div role="presentation" className="sticky z-[8] h-0" style={{ top: TOP, marginTop: -height, left: 0 }}>
                            <Frozen
                                handlers={handlers('cells')}
                                style={{ left: LEFT, width, height: frozenHeight, borderBottom: '1px solid #b9b1a4' }}
                            >
                                {quadrant(clips.top)}
                            </Frozen>
                        </div>
                    )}
                    {frozen.column > 0 && (
                        <div
                            role="presentation"
                            className="sticky z-[9] w-0"
                            style={{ left: LEFT, top: 0, marginTop: frozen.row > 0 ? 0 : -height, height }}
                        >
                            <Frozen
                                handlers={handlers('cells')}
                                style={{ top: 0, width: frozenWidth, height, borderRight: '1px solid #b9b1a4' }}
                            >
                                {quadrant(clips.left)}
                            </Frozen>
                            {frozen.row > 0 && (
                                <div role="presentation" className="sticky z-[1] h-0" style={{ top: TOP }}>
                                    <Frozen
                                        handlers={handlers('cells')}
                                        style={{
                                            width: frozenWidth,
                                            height: frozenHeight,
                                            borderRight: '1px solid #b9b1a4',
                                            borderBottom: '1px solid #b9b1a4',
                                        }}
                                    >
                                        {quadrant(clips.corner)}
                                    </Frozen>
                                </div>
                            )}
                        </div>
                    )}
                    {frozen.row > 0 && (
                        <div
                            role="presentation"
                            className="pointer-events-none sticky z-[12] h-0 w-0"
                            style={{ top: TOP, left: 0, marginTop: frozen.column > 0 ? -height : 0 }}
                        >
                            <HeaderMenu axis="rows" acts={acts}>
                                <div
                                    role="presentation"
                                    className="pointer-events-auto absolute bg-ground"
                                    style={{ width: LEFT, height: frozenHeight }}
                                    onKeyDown={onRowKey}
                                    {...handlers('rows')}
                                >
                                    <RowNumbers
                                        rows={rows}
                                        view={clips.corner}
                                        stop={stop.row}
                                        selection={selection}
                                        zoom={detail.zoom / 100}
                                        acts={acts}
                                    />
                                    <RowBrackets
                                        tables={detail.tables}
                                        rows={rows}
                                        view={{ top: 1, left: 1, bottom: frozen.row, right: 1 }}
                                        column={active.column}
                                        acts={acts}
                                    />
                                </div>
                            </HeaderMenu>
                        </div>
                    )}
                </div>
            </div>
        </CellMenu>
    );
}

function Frozen({ style, handlers, children }: { style: React.CSSProperties; handlers: object; children: React.ReactNode }) {
    return (
        <div role="presentation" className="sheet absolute overflow-hidden bg-white" style={style} {...handlers}>
            {children}
        </div>
    );
}
