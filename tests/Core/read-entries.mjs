// Reads the checks on entry and the protection of a workbook with a library from npm, and prints them as JSON.
import Library from 'exceljs';

const workbook = new Library.Workbook();
await workbook.xlsx.readFile(process.argv[2]);
const sheets = {};
for (const sheet of workbook.worksheets)
    sheets[sheet.name] = { checks: sheet.dataValidations.model, protection: sheet.sheetProtection ?? null, state: sheet.state };
console.log(JSON.stringify(sheets));
