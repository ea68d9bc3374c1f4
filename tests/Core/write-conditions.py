# Writes a workbook with conditional formats of every kind, with a general-purpose library from Debian's packages, for the tests.
import sys

import xlsxwriter

book = xlsxwriter.Workbook(sys.argv[1])
sheet = book.add_worksheet("Kinds")
other = book.add_worksheet("Limits")
other.write_row(0, 0, [30, "late"])
bold = book.add_format({"bold": True, "font_color": "#9B2335"})
fill = book.add_format({"bg_color": "#E7D7A8"})
sheet.write_row(0, 0, ["Lot", "Count", "Share", "Due", "Status", "Sum", "Scale", "Bar", "Marks", "Deep"])
words = ["late", "paid", "sent", "Late", "", "waiting", "paid*", "late fee"]
for i in range(24):
    row = i + 1
    sheet.write(row, 0, "L%02d" % (i % 9))
    sheet.write_number(row, 1, (i * 7) % 23 - 5)
    sheet.write_number(row, 2, i / 24)
    sheet.write_number(row, 3, 46350 + i * 3)
    if words[i % 8]:
        sheet.write_string(row, 4, words[i % 8])
    if i % 6 == 5:
        sheet.write_formula(row, 5, "=1/0", None, "#DIV/0!")
    else:
        sheet.write_number(row, 5, (i * 13) % 17)
    for column in range(6, 9):
        sheet.write_number(row, column, (i * 5) % 21 - 4)
    sheet.write_number(row, 9, i - 12)


def put(where, **says):
    sheet.conditional_format(where, says)


put("A2:A25", type="duplicate", format=fill)
put("A2:A25", type="unique", format=bold)
put("B2:B25", type="cell", criteria="<", value=0, format=bold)
put("B2:B25", type="cell", criteria="between", minimum=10, maximum=5, format=fill)
put("B2:B25", type="cell", criteria=">=", value="=$B$5", format=fill, stop_if_true=True)
put("C2:C25", type="top", value=3, format=bold)
put("C2:C25", type="bottom", value=10, criteria="%", format=fill)
put("F2:F25", type="average", criteria="above", format=fill)
put("F2:F25", type="average", criteria="1 std dev below", format=bold)
put("F2:F25", type="errors", format=bold)
put("D2:D25", type="time_period", criteria="last month", format=fill)
put("E2:E25", type="text", criteria="containing", value="late", format=bold)
put("E2:E25", type="text", criteria="begins with", value="pa", format=fill)
put("E2:E25", type="text", criteria="ends with", value="e", format=fill)
put("E2:E25", type="text", criteria="not containing", value="a", format=fill)
put("E2:E25", type="blanks", format=fill)
put("A2:C25", type="formula", criteria='=AND($B2>3,MOD(ROW(),2)=0)', format=book.add_format({"italic": True, "bottom": 1}))
put("B2:B25", type="formula", criteria="=$B2>Limits!$A$1/2", format=fill)
put("G2:G25", type="3_color_scale", min_color="#F4C7B8", mid_color="#FFFFFF", max_color="#B7D8C5")
put("H2:H25", type="data_bar", data_bar_2010=True, bar_color="#8FA6BF", bar_negative_color="#C98A6B", bar_axis_color="#2A2230")
put("I2:I25", type="icon_set", icon_style="3_arrows")
put("J2:J25", type="icon_set", icon_style="4_ratings", reverse_icons=True,
    icons=[{"criteria": ">", "type": "number", "value": 6}, {"criteria": ">=", "type": "number", "value": 0},
           {"criteria": ">=", "type": "number", "value": -6}])
put("J2:J25", type="formula", criteria="=$B2*2>10", format=bold)
book.close()
