# Reads the conditional formats of a workbook by the words of ISO/IEC 29500-1 (18.3.1.10 rules, 18.8.15 their looks) with
# nothing but Python's own zip and xml, and prints them as JSON by their priority.
import json
import sys
import zipfile
from xml.etree import ElementTree

S = "{http://schemas.openxmlformats.org/spreadsheetml/2006/main}"
package = zipfile.ZipFile(sys.argv[1])
part = lambda name: ElementTree.fromstring(package.read(name))
colour = lambda node: None if node is None or node.get("rgb") is None else "#" + node.get("rgb")[2:]


def look(dxf):
    said = {}
    bold = dxf.find(f"{S}font/{S}b")
    if bold is not None:
        said["bold"] = bold.get("val", "1") in ("1", "true")
    ink = colour(dxf.find(f"{S}font/{S}color"))
    fill = colour(dxf.find(f"{S}fill/{S}patternFill/{S}bgColor"))
    return said | ({"ink": ink} if ink else {}) | ({"fill": fill} if fill else {})


def is_on(rule, name):
    return rule.get(name, "0") in ("1", "true")


links = {each.get("Id"): each.get("Target") for each in part("xl/_rels/workbook.xml.rels")}
looks = [look(each) for each in part("xl/styles.xml").findall(f"{S}dxfs/{S}dxf")]
link = "{http://schemas.openxmlformats.org/officeDocument/2006/relationships}id"
sheets = {}
for sheet in part("xl/workbook.xml").findall(f"{S}sheets/{S}sheet"):
    rules = []
    target = links[sheet.get(link)]
    for where in part(target.lstrip("/") if target.startswith("/") else f"xl/{target}").findall(f"{S}conditionalFormatting"):
        for rule in where.findall(f"{S}cfRule"):
            marks, bar = rule.find(f"{S}iconSet"), rule.find(f"{S}dataBar/{S}color")
            rules.append({
                "where": where.get("sqref"), "type": rule.get("type"), "operator": rule.get("operator"),
                "formulas": [each.text for each in rule.findall(f"{S}formula")],
                "rank": int(rule.get("rank")) if rule.get("rank") else None, "percent": is_on(rule, "percent"), "bottom": is_on(rule, "bottom"),
                "stops": is_on(rule, "stopIfTrue"), "priority": int(rule.get("priority")),
                "look": looks[int(rule.get("dxfId"))] if rule.get("dxfId") else {},
                "colours": [each.get("rgb") for each in rule.findall(f"{S}colorScale/{S}color")],
                "set": None if marks is None else marks.get("iconSet", "3TrafficLights1"), "bar": None if bar is None else bar.get("rgb"),
            })
    sheets[sheet.get("name")] = sorted(rules, key=lambda rule: rule["priority"])
print(json.dumps(sheets))
