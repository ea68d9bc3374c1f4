// Writes a workbook with a general-purpose library from npm, for the PHP test beside this file.
import Library from 'exceljs';

const book = new Library.Workbook();
const sheet = book.addWorksheet('Lots', { views: [{ state: 'frozen', ySplit: 1 }] });
sheet.columns = [
    { header: 'Tree', key: 'a', width: 22 },
    { header: 'Count', key: 'b', width: 10, style: { numFmt: '#,##0' } },
    { header: 'Planted', key: 'c', width: 12, style: { numFmt: 'dd/mm/yyyy' } },
];
for (let i = 0; i < 40; i++) sheet.addRow({ a: `Rowan ${i}`, b: i * 3, c: new Date(Date.UTC(2026, 2, (i % 28) + 1)) });
sheet.getRow(1).font = { bold: true, name: 'Gelasio', size: 12 };
sheet.getRow(1).height = 24;
sheet.getCell('A5').note = 'seen twice';
sheet.getCell('B43').value = { formula: 'SUM(B2:B41)', result: 2340 };
sheet.getCell('A2').value = { richText: [{ font: { bold: true }, text: 'Wild ' }, { text: 'service & <tree>' }] };
sheet.getCell('E2').value = { text: 'a link', hyperlink: 'https://example.org/' };
sheet.getCell('F2').value = { formula: 'B2*2', result: 0, shareType: 'shared', ref: 'F2:F4' };
sheet.getCell('F3').value = { sharedFormula: 'F2', result: 6 };
sheet.getCell('F4').value = { sharedFormula: 'F2', result: 12 };
sheet.addConditionalFormatting({
    ref: 'B2:B41',
    rules: [{ type: 'cellIs', operator: 'greaterThan', formulae: [50], style: { font: { bold: true } } }],
});
sheet.getCell('B3').dataValidation = { type: 'whole', operator: 'between', formulae: [0, 99] };
book.addWorksheet('Hidden', { state: 'hidden' }).getCell('B2').value = 7;
await book.xlsx.writeFile(process.argv[2]);
