# Reads the conditional formats of a workbook with a library from Debian's packages, and prints them as JSON by their priority.
import json
import sys

import openpyxl

book = openpyxl.load_workbook(sys.argv[1])
sheets = {}
for sheet in book.worksheets:
    rules = []
    for where in sheet.conditional_formatting:
        for rule in where.rules:
            look = {}
            if rule.dxf is not None:
                font, fill = rule.dxf.font, rule.dxf.fill
                if font is not None and font.b is not None:
                    look["bold"] = font.b
                if font is not None and font.color is not None and isinstance(font.color.rgb, str):
                    look["ink"] = "#" + font.color.rgb[2:]
                if fill is not None and fill.bgColor is not None and isinstance(fill.bgColor.rgb, str):
                    look["fill"] = "#" + fill.bgColor.rgb[2:]
            rules.append({
                "where": str(where.sqref), "type": rule.type, "operator": rule.operator, "formulas": list(rule.formula), "rank": rule.rank,
                "percent": bool(rule.percent), "bottom": bool(rule.bottom), "stops": bool(rule.stopIfTrue), "priority": rule.priority, "look": look,
                "colours": [colour.rgb for colour in rule.colorScale.color] if rule.colorScale else [],
                "set": rule.iconSet.iconSet if rule.iconSet else None, "bar": rule.dataBar.color.rgb if rule.dataBar else None,
            })
    sheets[sheet.title] = sorted(rules, key=lambda rule: rule["priority"])
print(json.dumps(sheets))
