# Reads tables (ISO/IEC 29500-1 18.5.1) and pivot tables (18.10.1) of a workbook by the words of the standard, with nothing but
# Python's own zip and xml, and prints them as JSON: names, places, styles, and what each of their own formats looks like (18.8.15).
import json
import posixpath
import sys
import zipfile
from xml.etree import ElementTree

S = "{http://schemas.openxmlformats.org/spreadsheetml/2006/main}"
LINK = "{http://schemas.openxmlformats.org/officeDocument/2006/relationships}id"
package = zipfile.ZipFile(sys.argv[1])
part = lambda name: ElementTree.fromstring(package.read(name))
is_on = lambda node, name: node.get(name, "0") in ("1", "true")


# The parts that a part leads to, by the last word of their kind (ISO/IEC 29500-2 6.5).
def links(name):
    folder, file = posixpath.split(name)
    listed = f"{folder}/_rels/{file}.rels"
    if listed not in package.namelist():
        return []
    said = []
    for each in part(listed):
        target = each.get("Target")
        target = target[1:] if target.startswith("/") else posixpath.normpath(posixpath.join(folder, target))
        said.append((each.get("Id"), each.get("Type").rsplit("/", 1)[1], target))
    return said


def look(dxf):
    bold, fill = dxf.find(f"{S}font/{S}b"), dxf.find(f"{S}fill/{S}patternFill/{S}bgColor")
    return {
        "bold": bold is not None and bold.get("val", "1") in ("1", "true"),
        "fill": None if fill is None else fill.get("rgb"),
    }


looks = [look(each) for each in part("xl/styles.xml").findall(f"{S}dxfs/{S}dxf")]
styles = {each.get("name") for each in part("xl/styles.xml").findall(f"{S}tableStyles/{S}tableStyle")}


def table(node):
    style = node.find(f"{S}tableStyleInfo")
    return {
        "name": node.get("displayName"), "ref": node.get("ref"),
        "columns": [each.get("name") for each in node.findall(f"{S}tableColumns/{S}tableColumn")],
        "headings": int(node.get("headerRowCount", "1")), "style": style.get("name"), "is_own": style.get("name") in styles,
        "stripes": is_on(style, "showRowStripes"),
    }


def pivot(node):
    return {
        "name": node.get("name"), "ref": node.find(f"{S}location").get("ref"),
        "rows": [int(each.get("x")) for each in node.findall(f"{S}rowFields/{S}field")],
        "formats": [
            {"area": dict(each.find(f"{S}pivotArea").attrib), "look": looks[int(each.get("dxfId"))]}
            for each in node.findall(f"{S}formats/{S}format")
        ],
    }


said = {}
targets = {each: target for each, _, target in links("xl/workbook.xml")}
for sheet in part("xl/workbook.xml").findall(f"{S}sheets/{S}sheet"):
    of_sheet = links(targets[sheet.get(LINK)])
    said[sheet.get("name")] = {
        "tables": [table(part(target)) for _, kind, target in of_sheet if kind == "table"],
        "pivots": [pivot(part(target)) for _, kind, target in of_sheet if kind == "pivotTable"],
    }
print(json.dumps(said))
