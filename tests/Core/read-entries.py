# Reads checks on entry, protection and locks of an xlsx or ods by its xml alone, and prints them as JSON.
import json
import sys
import xml.etree.ElementTree as tree
import zipfile

package = zipfile.ZipFile(sys.argv[1])
names = package.namelist()


def plain(element):
    return {"name": element.tag.split("}")[1], **{key.split("}")[-1]: value for key, value in element.attrib.items()}}


if "content.xml" in names:
    root = tree.fromstring(package.read("content.xml"))
    table = "{urn:oasis:names:tc:opendocument:xmlns:table:1.0}"
    found = {"book": [plain(one) for one in root.iter() if one.tag.endswith("}spreadsheet")], "checks": {}, "tables": {}}
    for one in root.iter(table + "content-validation"):
        texts = {child.tag.split("}")[1]: [child.get(table + "title"), ["".join(line.itertext()) for line in child]] for child in one}
        found["checks"][one.get(table + "name")] = {**plain(one), "texts": texts}
    for one in root.iter(table + "table"):
        cells = [cell.get(table + "content-validation-name") for cell in one.iter(table + "table-cell")]
        found["tables"][one.get(table + "name")] = {**plain(one), "checked": sorted(set(filter(None, cells)))}
    print(json.dumps(found))
else:
    main = tree.fromstring(package.read("xl/workbook.xml"))
    space = main.tag.split("}")[0] + "}"
    found = {"order": [plain(one) for one in main.iter(space + "workbookProtection")], "sheets": []}
    styles = tree.fromstring(package.read("xl/styles.xml"))
    formats = styles.find(space + "cellXfs")
    locks = [next((one.get("locked", "1") for one in xf.iter(space + "protection")), "1") for xf in formats]
    for number, part in enumerate(sorted(name for name in names if name.startswith("xl/worksheets/sheet"))):
        sheet = tree.fromstring(package.read(part))
        found["sheets"].append({
            "part": part,
            "tags": [one.tag.split("}")[1] for one in sheet],
            "protection": [plain(one) for one in sheet.iter(space + "sheetProtection")],
            "checks": [{**plain(one), "formulas": [child.text for child in one]} for one in sheet.iter(space + "dataValidation")],
            "open": [cell.get("r") for cell in sheet.iter(space + "c") if locks[int(cell.get("s", "0"))] == "0"],
        })
    print(json.dumps(found))
