# Writes a workbook with a general-purpose library from Debian's packages, for the PHP test beside this file.
import datetime
import sys

import xlsxwriter

book = xlsxwriter.Workbook(sys.argv[1])
sheet = book.add_worksheet("Beds & rows")
head = book.add_format({"bold": True, "font_color": "#FFFFFF", "bg_color": "#2C6E66", "align": "center", "text_wrap": True, "rotation": 45})
edged = book.add_format({"top": 1, "bottom": 6, "border_color": "#000000"})
free = book.add_format({"locked": False})
date = book.add_format({"num_format": "yyyy-mm-dd"})
sheet.write_row(0, 0, ["Tree", "Count", "Price", "Sum"], head)
for i in range(30):
    sheet.write_string(i + 1, 0, "Birch %d" % i, free if i == 1 else None)
    sheet.write_number(i + 1, 1, i)
    sheet.write_number(i + 1, 2, i * 1.25, edged if i == 1 else None)
    sheet.write_formula(i + 1, 3, "=B%d*C%d" % (i + 2, i + 2), None, i * i * 1.25)
sheet.write_comment("B2", "counted")
sheet.set_column("A:A", 24)
sheet.set_column("C:C", None, None, {"hidden": True})
sheet.set_row(3, 30)
sheet.set_row(5, None, None, {"hidden": True})
sheet.write_datetime("F2", datetime.date(2026, 3, 14), date)
sheet.write_boolean("F3", True)
sheet.write_formula("F4", "=NA()", None, "#N/A")
sheet.set_tab_color("#A8691C")
sheet.set_zoom(85)
sheet.hide_gridlines(2)
sheet.conditional_format("B2:B31", {"type": "2_color_scale", "min_color": "#AAFFAA", "max_color": "#FFAAAA"})
sheet.data_validation("B4", {"validate": "integer", "criteria": "between", "minimum": 0, "maximum": 99})
chart = book.add_chart({"type": "column"})
chart.add_series({"values": "='Beds & rows'!$B$2:$B$10"})
sheet.insert_chart("H2", chart)
other = book.add_worksheet("Keys")
other.add_table("A1:B3", {"data": [["a", 1], ["b", 2]], "columns": [{"header": "key"}, {"header": "value"}]})
book.define_name("Counts", "='Beds & rows'!$B$2:$B$31")
book.close()
