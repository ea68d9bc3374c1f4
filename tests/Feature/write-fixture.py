# Writes a workbook with a general-purpose library from Debian's packages, for the PHP test beside this file.
import datetime
import sys

import openpyxl
from openpyxl.chart import BarChart, Reference
from openpyxl.comments import Comment
from openpyxl.formatting.rule import ColorScaleRule
from openpyxl.styles import Alignment, Border, Font, PatternFill, Protection, Side
from openpyxl.worksheet.table import Table

book = openpyxl.Workbook()
sheet = book.active
sheet.title = "Beds & rows"
sheet.append(["Tree", "Count", "Price", "Sum"])
for i in range(30):
    sheet.append(["Birch %d" % i, i, i * 1.25, "=B%d*C%d" % (i + 2, i + 2)])
for cell in sheet[1]:
    cell.font = Font(bold=True, color="FFFFFFFF")
    cell.fill = PatternFill("solid", fgColor="FF2C6E66")
    cell.alignment = Alignment(horizontal="center", wrap_text=True, textRotation=45)
sheet["B2"].comment = Comment("counted", "someone")
sheet["C3"].border = Border(top=Side("thin", color="FF000000"), bottom=Side("double"))
sheet["A3"].protection = Protection(locked=False)
sheet.column_dimensions["A"].width = 24
sheet.column_dimensions["C"].hidden = True
sheet.row_dimensions[4].height = 30
sheet.row_dimensions[6].hidden = True
sheet["F2"] = datetime.date(2026, 3, 14)
sheet["F3"] = True
sheet["F4"] = "#N/A"
sheet.sheet_properties.tabColor = "A8691C"
sheet.sheet_view.zoomScale = 85
sheet.sheet_view.showGridLines = False
sheet.conditional_formatting.add("B2:B31", ColorScaleRule(start_type="min", start_color="AAFFAA", end_type="max", end_color="FFAAAA"))
chart = BarChart()
chart.add_data(Reference(sheet, min_col=2, min_row=1, max_row=10), titles_from_data=True)
sheet.add_chart(chart, "H2")
other = book.create_sheet("Keys")
for row in (["key", "value"], ["a", 1], ["b", 2]):
    other.append(row)
other.add_table(Table(displayName="Keys", ref="A1:B3"))
book.defined_names.append(openpyxl.workbook.defined_name.DefinedName("Counts", attr_text="'Beds & rows'!$B$2:$B$31"))
book.save(sys.argv[1])
