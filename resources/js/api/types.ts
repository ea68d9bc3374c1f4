// Written by `php artisan rilvet:types` from the records in PHP. Do not edit.

export const Parts = ['title', 'units', 'column_group', 'heading', 'row_label', 'body', 'row_group', 'subtotal', 'total', 'note'] as const;
export type Part = (typeof Parts)[number];

export const ColumnKinds = ['text', 'longtext', 'code', 'category', 'integer', 'decimal', 'amount', 'percent', 'date', 'time', 'datetime', 'duration', 'boolean', 'empty'] as const;
export type ColumnKind = (typeof ColumnKinds)[number];

export const ColumnRoles = ['label', 'data', 'total', 'spacer'] as const;
export type ColumnRole = (typeof ColumnRoles)[number];

/** Kinds of lines: width in px, and lengths drawn and not, in turn. */
export const LINES: Record<string, { words: string; width: number; dashes: number[] }> = {
  hair: { words: 'Hairline', width: 1, dashes: [1, 1] },
  dotted: { words: 'Dotted', width: 1, dashes: [2, 2] },
  dashed: { words: 'Dashed', width: 1, dashes: [4, 3] },
  dashDot: { words: 'Dash, dot', width: 1, dashes: [7, 3, 2, 3] },
  dashDotDot: { words: 'Dash, two dots', width: 1, dashes: [7, 3, 2, 3, 2, 3] },
  thin: { words: 'Thin', width: 1, dashes: [] },
  slantDashDot: { words: 'Slanted dash, dot', width: 2, dashes: [10, 4, 3, 4] },
  mediumDashDotDot: { words: 'Medium dash, two dots', width: 2, dashes: [10, 4, 3, 4, 3, 4] },
  mediumDashDot: { words: 'Medium dash, dot', width: 2, dashes: [10, 4, 3, 4] },
  mediumDashed: { words: 'Medium dashed', width: 2, dashes: [9, 4] },
  medium: { words: 'Medium', width: 2, dashes: [] },
  double: { words: 'Double', width: 3, dashes: [] },
  thick: { words: 'Thick', width: 3, dashes: [] },
};

export type LookValues = Record<string, string | number | boolean>;

export interface AttributeState {
  name: string;
  value: string | null;
  mixed: boolean;
  from: string;
  layer: number;
}

export interface Rung {
  layer: number;
  from: string;
  says: string;
}

export interface Inspection {
  attributes: AttributeState[];
  ladder: Rung[];
  part: string | null;
  kind: string | null;
  contrast: number | null;
  readable: string;
  near: string[];
  merges: string[];
}

export interface SwatchRecord {
  name: string;
  hex: string;
  run: string[];
}

export interface SwatchGroup {
  from: string;
  own: boolean;
  swatches: SwatchRecord[];
}

export interface PaletteRecord {
  groups: SwatchGroup[];
  used: string[];
  joins: string;
}

export interface SelectionRecord {
  inspection: Inspection;
  sheets: number;
  workbooks: number;
  palette: PaletteRecord;
  looks: string[];
}

export interface WindowCell {
  r: number;
  c: number;
  t: string;
  s: number;
  a: string;
  l: string | null;
  from: number;
  to: number;
}

export interface WindowLook {
  font: string;
  size: number;
  bold: boolean;
  italic: boolean;
  underline: string;
  strike: boolean;
  script: string;
  ink: string;
  fill: string | null;
  vertical: string;
  indent: number;
  wrap: boolean;
  rotation: number;
}

export interface WindowLine {
  side: string;
  at: number;
  from: number;
  to: number;
  width: number;
  stroke: string;
  colour: string;
}

export interface Window {
  sheet: number;
  top: number;
  left: number;
  heights: number[];
  widths: number[];
  cells: WindowCell[];
  looks: WindowLook[];
  lines: WindowLine[];
  merges: number[][];
}

export interface Figures {
  cells: number;
  filled: number;
  numbers: number;
  sum: string | null;
  mean: string | null;
  least: string | null;
  greatest: string | null;
}

export interface Lifted {
  looks: LookValues[][];
  cells: (null | boolean | number | string)[][];
  widths: number[];
  text: string;
}

export interface WornRecord {
  workbook: number;
  workbookName: string;
  sheet: number;
  sheetName: string;
  ranges: string;
  cells: number;
}

export interface NamedLookRecord {
  name: string;
  says: string;
  own: boolean;
  worn: WornRecord[];
}

export interface FamilyRecord {
  part: string;
  words: string;
  fill: string;
  ink: string;
}

export interface NumberSample {
  name: string;
  words: string;
  code: string;
  shown: string;
}

export interface ChosenFormat {
  purpose: string;
  decimals: number;
  negative: string;
  zero: string;
  symbol: string;
  place: string;
  length: number;
  pattern: string;
  hasDecimals: boolean;
  hasSigns: boolean;
}

export interface ColumnRuleView {
  kind: string;
  sign: string;
  scale: number;
  accounting: boolean;
  least: number;
  most: number;
  totals: number;
}

export interface NumberView {
  stored: string;
  explained: string;
  shown: string;
  code: string;
  choice: ChosenFormat | null;
  samples: NumberSample[];
  patterns: NumberSample[];
  kept: NumberSample[];
  needed: number;
  rule: ColumnRuleView | null;
  heading: string | null;
  alike: number;
}

export interface TruthNote {
  kind: string;
  row: number;
  column: number;
  ranges: string;
  count: number;
  reason: string;
  act: string | null;
  samples: string[];
}

export interface CutTexts {
  count: number;
  places: string[];
  columns: number[][];
  rows: number[][];
}

export interface CurrencyRecord {
  code: string;
  symbol: string;
  place: string;
  decimals: number;
  region: string;
}

export interface PartRecord {
  part: string;
  words: string;
  letter: string;
  count: string;
  ranges: string[];
}

export interface ColumnRecord {
  column: number;
  letters: string;
  heading: string | null;
  kind: string;
  role: string;
  confidence: number;
  why: string;
}

export interface RunRecord {
  first: number;
  last: number;
  part: string | null;
  letter: string;
  words: string;
  confidence: number;
  why: string;
}

export interface TypingRecord {
  column: number;
  kind: string;
  decimal: string;
  order: string;
  unsure: boolean;
  why: string;
}

export interface TableRecord {
  range: string;
  top: number;
  left: number;
  bottom: number;
  right: number;
  confidence: number;
  parts: PartRecord[];
  columns: ColumnRecord[];
  runs: RunRecord[];
}

export interface FirstScreen {
  name: string;
  width: number;
  height: number;
  row: number;
  column: number;
  columnsOutside: number;
  rowsOutside: number;
}

export interface FitRulesRecord {
  least: number;
  greatest: number;
  air: number;
  rowAir: number;
  headingAir: number;
  titleAir: number;
  rowLeast: number;
  gridlines: boolean;
  freeze: boolean;
  zoom: number | null;
  widths: string[];
}

export interface SheetDetail {
  number: number;
  name: string;
  rows: number;
  columns: number;
  wears: string | null;
  clean: boolean;
  tables: TableRecord[];
  widths: number[];
  width: number;
  heights: number[][];
  height: number;
  freezeRow: number;
  freezeColumn: number;
  gridlines: boolean;
  zoom: number;
  typings: TypingRecord[];
  heldColumns: number[];
  heldRows: number[];
  autoColumns: number[];
  firstRow: number;
  firstColumn: number;
  screens: FirstScreen[];
  rules: FitRulesRecord | null;
  waiting: number;
  notCalculated: number;
  circles: string;
  rightToLeft: boolean;
}

export interface SheetRecord {
  number: number;
  name: string;
  rows: number;
  columns: number;
  state: string;
  tab: string | null;
  protected: boolean;
  wears: string | null;
  dataRevision: number;
  revision: number;
}

export interface NameRecord {
  name: string;
  sheet: number;
  ranges: string;
}

export interface BenchRecord {
  id: number;
  name: string;
  revision: number;
  sheets: SheetRecord[];
  undo: string | null;
  redo: string | null;
  notices: string[];
  names: NameRecord[];
}

export interface DrawingRecord {
  kind: string;
  name: string;
  from: number[];
  to: number[];
  size: number[];
  isPicture: boolean;
}

export interface ActRecord {
  bench: BenchRecord;
  sheet: SheetDetail | null;
  window: Window | null;
  words: string | null;
}

export interface HistoryRecord {
  id: number;
  words: string;
  undone: boolean;
  when: string;
}

export interface CardRecord {
  id: number;
  name: string;
  sheets: number;
  rows: number;
  stylebooks: string[];
  changed: string;
  revision: number;
  hasPicture: boolean;
}

export interface StylebookRecord {
  name: string;
  about: string;
  workbooks: number;
  sheets: number;
  builtin: boolean;
  specimen: Window;
}

export interface ImportRecord {
  id: string;
  name: string;
  kind: string;
  status: string;
  bytes: number;
  progress: number;
  message: string | null;
  workbook: number | null;
  encoding: string | null;
  delimiter: string | null;
  quote: string | null;
  preview: string[][];
}

export interface ShelfRecord {
  workbooks: CardRecord[];
  stylebooks: StylebookRecord[];
}

export interface ComingRecord {
  imports: ImportRecord[];
  isWorked: boolean;
}

export interface FormatRecord {
  format: string;
  words: string;
  about: string;
  lost: string[];
}

export interface HandoverRecord {
  id: string;
  format: string;
  status: string;
  progress: number;
  message: string | null;
  cells: number | null;
  values: number | null;
  formulas: number | null;
  results: number;
  resultPlaces: string[];
  notCalculated: number;
  dataActs: number;
}
