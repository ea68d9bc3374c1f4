// Reads an xlsx with an independent library and prints what it found as JSON, for the PHP test beside this file.
import Library from 'exceljs';

const workbook = new Library.Workbook();
await workbook.xlsx.readFile(process.argv[2]);
const plain = (value) =>
    value instanceof Date
        ? value.toISOString()
        : value && typeof value === 'object'
          ? (value.formula ?? value.error ?? value.result ?? value.richText?.map((part) => part.text).join('') ?? null)
          : value;
const side = (edge) => (edge?.style ? `${edge.style} #${edge.color?.argb?.slice(2)}` : 'none');
const sheets = workbook.worksheets.map((sheet) => {
    const cells = {};
    sheet.eachRow({ includeEmpty: true }, (row) =>
        row.eachCell({ includeEmpty: true }, (cell) => {
            const { font = {}, fill = {}, border = {}, alignment = {} } = cell.style;
            cells[cell.address] = {
                value: plain(cell.value),
                font: font.name ?? null,
                size: font.size ?? null,
                bold: font.bold === true,
                italic: font.italic === true,
                ink: font.color?.argb ? `#${font.color.argb.slice(2)}` : null,
                fill: fill.pattern === 'solid' ? `#${fill.fgColor.argb.slice(2)}` : 'none',
                top: side(border.top),
                right: side(border.right),
                bottom: side(border.bottom),
                left: side(border.left),
                horizontal: alignment.horizontal ?? 'general',
                vertical: alignment.vertical ?? 'bottom',
                wrap: alignment.wrapText === true,
                number: cell.numFmt ?? 'General',
            };
        }),
    );
    return {
        name: sheet.name,
        state: sheet.state,
        cells,
        merges: sheet.model.merges,
        widths: (sheet.columns ?? []).map((column) => column.width),
        heights: Object.fromEntries(
            Array.from({ length: sheet.rowCount }, (_, i) => [i + 1, sheet.getRow(i + 1).height ?? null]),
        ),
        view: sheet.views[0],
        titles: [sheet.pageSetup.printTitlesRow ?? null, sheet.pageSetup.printTitlesColumn ?? null],
    };
});
process.stdout.write(JSON.stringify(sheets));
