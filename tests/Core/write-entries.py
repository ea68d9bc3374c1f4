# Writes a workbook with checks on entry of every kind and a protected sheet, with a general-purpose library from Debian's packages.
import datetime
import sys

import xlsxwriter

book = xlsxwriter.Workbook(sys.argv[1])
sheet = book.add_worksheet("Order form")
lists = book.add_worksheet("Lists")
lists.write_column(0, 0, ["Status", "late", "paid", "sent", "waiting"])
opened = book.add_format({"locked": False})
hidden = book.add_format({"hidden": True})
sheet.write_row(0, 0, ["Lot", "Status", "Trays", "Price", "Due", "At", "Code", "Note", "Sum"])
for i in range(12):
    row = i + 1
    sheet.write(row, 0, "L-%02d" % row)
    sheet.write(row, 1, ["late", "paid", "lost"][i % 3], opened)
    sheet.write(row, 2, i + 1, opened)
    sheet.write(row, 3, 1.5 * row)
    sheet.write(row, 4, 46350 + i)
    sheet.write(row, 5, 0.25 + i / 48)
    sheet.write(row, 6, "A%03d" % row)
    sheet.write_formula(row, 8, "=C%d*D%d" % (row + 1, row + 1), hidden, (i + 1) * 1.5 * row)
check = sheet.data_validation
check("B2:B13", {"validate": "list", "source": "=Lists!$A$2:$A$5", "input_title": "Status", "input_message": "How it stands\nnow",
                 "error_title": "No status", "error_message": "Choose one of the list", "ignore_blank": False})
check("C2:C13", {"validate": "integer", "criteria": "between", "minimum": 1, "maximum": 9, "error_type": "warning"})
check("D2:D13", {"validate": "decimal", "criteria": ">=", "value": "=$C2"})
check("E2:E13", {"validate": "date", "criteria": "<", "value": datetime.date(2027, 1, 1), "error_type": "information"})
check("F2:F13", {"validate": "time", "criteria": "not between", "minimum": datetime.time(0, 0), "maximum": datetime.time(6, 0)})
check("G2:G13", {"validate": "length", "criteria": "==", "value": 4})
check("H2:H13", {"validate": "custom", "value": "=ISTEXT(H2)"})
check("A2:A13", {"validate": "any", "input_title": "Lot", "input_message": "As the label says"})
check("J2:J9", {"validate": "list", "source": ["yes", "no", 'say "so"'], "dropdown": False})
sheet.protect("Osier 7", {"sort": True, "format_columns": True, "select_locked_cells": False})
book.close()
