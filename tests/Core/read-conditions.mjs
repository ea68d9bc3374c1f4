// Reads the conditional formats of a workbook with a library from npm, and prints kinds and formulas as JSON by their priority.
import Library from 'exceljs';

const workbook = new Library.Workbook();
await workbook.xlsx.readFile(process.argv[2]);
const sheets = {};
for (const sheet of workbook.worksheets) {
    const rules = (sheet.conditionalFormattings ?? []).flatMap(({ ref, rules }) => rules.map((rule) => ({ ref, ...rule })));
    sheets[sheet.name] = rules
        .sort((one, other) => one.priority - other.priority)
        .map((rule) => ({ where: rule.ref, type: rule.type, priority: rule.priority, formulas: rule.formulae ?? [] }));
}
console.log(JSON.stringify(sheets));
