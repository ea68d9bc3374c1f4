// Written by `php artisan rilvet:types` from the records in PHP. Do not edit.

export const Parts = ['title', 'units', 'column_group', 'heading', 'row_label', 'body', 'row_group', 'subtotal', 'total', 'note', 'entry_cell', 'choice_cell', 'formula_cell'] as const;
export type Part = (typeof Parts)[number];

export const ColumnKinds = ['text', 'longtext', 'code', 'category', 'integer', 'decimal', 'amount', 'percent', 'date', 'time', 'datetime', 'duration', 'boolean', 'empty'] as const;
export type ColumnKind = (typeof ColumnKinds)[number];

export const ColumnRoles = ['label', 'data', 'total', 'spacer', 'heading'] as const;
export type ColumnRole = (typeof ColumnRoles)[number];

/** What parts of a table are called: as a whole, one run of it, and the letter of its bracket. */
export const PARTS: Record<Part, { words: string; one: string; letter: string; ofRows: boolean }> = {
  title: { words: 'Title', one: 'Title', letter: 'T', ofRows: true },
  units: { words: 'Units line', one: 'Units line', letter: 'U', ofRows: true },
  column_group: { words: 'Column groups', one: 'Column groups', letter: 'G', ofRows: true },
  heading: { words: 'Column headings', one: 'Column headings', letter: 'H', ofRows: true },
  row_label: { words: 'Row labels', one: 'Row labels', letter: 'L', ofRows: false },
  body: { words: 'Body', one: 'Body', letter: 'B', ofRows: true },
  row_group: { words: 'Row groups', one: 'Row group', letter: 'R', ofRows: true },
  subtotal: { words: 'Subtotals', one: 'Subtotal', letter: 'S', ofRows: true },
  total: { words: 'Total', one: 'Total', letter: 'Σ', ofRows: true },
  note: { words: 'Notes', one: 'Note', letter: 'N', ofRows: true },
  entry_cell: { words: 'Entry cells', one: 'Entry cell', letter: 'E', ofRows: false },
  choice_cell: { words: 'Choice cells', one: 'Choice cell', letter: 'C', ofRows: false },
  formula_cell: { words: 'Formula cells', one: 'Formula cell', letter: 'F', ofRows: false },
};

/** What kinds of columns are called: one, and what several of them hold. */
export const KINDS: Record<ColumnKind, { words: string; many: string }> = {
  text: { words: 'text', many: 'Texts' },
  longtext: { words: 'long text', many: 'long text columns' },
  code: { words: 'code', many: 'Codes' },
  category: { words: 'category', many: 'Categories' },
  integer: { words: 'integer', many: 'Integers' },
  decimal: { words: 'decimal', many: 'Decimals' },
  amount: { words: 'amount', many: 'Amounts' },
  percent: { words: 'percent', many: 'Percents' },
  date: { words: 'date', many: 'Dates' },
  time: { words: 'time', many: 'time columns' },
  datetime: { words: 'date and time', many: 'date and time columns' },
  duration: { words: 'duration', many: 'duration columns' },
  boolean: { words: 'yes or no', many: 'yes or no columns' },
  empty: { words: 'empty', many: 'empty columns' },
};

/** The size of a worksheet. */
export const ROWS = 1048576;
export const COLUMNS = 16384;

/** Files that are offered to be brought in, as a picker of files is told. */
export const BROUGHT_IN = '.csv,.tsv,.tab,.txt,.xlsx,.xlsm,.xltx,.ods,.ots';

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

/** Lines of a table that have names: edges of a part, with their own kind of line or the pen's. */
export const TABLE_LINES: { words: string; part: Part; sides: Record<string, string | null> }[] = [
  { words: 'Under the headings', part: 'heading', sides: { bottom: null } },
  { words: 'Above the headings', part: 'heading', sides: { top: null } },
  { words: 'Under column groups', part: 'column_group', sides: { bottom: null } },
  { words: 'Above row groups', part: 'row_group', sides: { top: null } },
  { words: 'Between rows', part: 'body', sides: { bottom: null } },
  { words: 'Between columns', part: 'body', sides: { right: null } },
  { words: 'Above subtotals', part: 'subtotal', sides: { top: null } },
  { words: 'Total rule, double below', part: 'total', sides: { top: 'thin', bottom: 'double' } },
];

/** Fonts that ship with Rilvet. */
export const FAMILIES = ['Carlito', 'Caladea', 'Arimo', 'Tinos', 'Cousine', 'Gelasio', 'IBM Plex Sans', 'IBM Plex Mono'];

/** Outlines of marks, on a square of 12 by 12, and what they are called. */
export const SHAPES: Record<string, { path: string; words: string }> = {
  up: { path: 'M6 .8l5 5.4h-3v5h-4v-5h-3z', words: 'points up' },
  rising: { path: 'M10.6 1.4v6.9l-2.1-2.1l-4.9 4.9l-2.6-2.6l4.9-4.9l-2.2-2.2z', words: 'rises' },
  level: { path: 'M11.2 6l-5.4 5v-3h-5v-4h5v-3z', words: 'stays' },
  falling: { path: 'M10.6 10.6h-6.9l2.2-2.2l-4.9-4.9l2.6-2.6l4.9 4.9l2.1-2.1z', words: 'falls' },
  down: { path: 'M6 11.2l-5-5.4h3v-5h4v5h3z', words: 'points down' },
  disc: { path: 'M6 .7a5.3 5.3 0 1 1 0 10.6a5.3 5.3 0 1 1 0-10.6z', words: 'disc' },
  triangle: { path: 'M6 .9l5.6 10.2h-11.2z', words: 'triangle' },
  diamond: { path: 'M6 .3l5.7 5.7l-5.7 5.7l-5.7-5.7z', words: 'diamond' },
  square: { path: 'M1 1h10v10h-10z', words: 'square' },
  flag: { path: 'M2 .6h1.4v10.8h-1.4zM4 1h7l-2.2 2.8l2.2 2.8h-7z', words: 'flag' },
  halfFlag: { path: 'M2 .6h1.4v10.8h-1.4zM4 1h7l-2.2 2.8h-4.8z', words: 'half flag' },
  pole: { path: 'M2 .6h1.4v10.8h-1.4zM4 1h7l-2.2 2.8l2.2 2.8h-7zM4.9 1.9v3.8h4.4l-1.6-1.9l1.6-1.9z', words: 'no flag' },
  tick: { path: 'M1 6.6l1.8-1.8l2.2 2.2l4.4-5.2l1.9 1.6l-6.1 7.4z', words: 'tick' },
  bang: { path: 'M4.8.6h2.4l-.4 7h-1.6zM4.9 9h2.2v2.3h-2.2z', words: 'call' },
  cross: { path: 'M2.4.9l3.6 3.6l3.6-3.6l1.5 1.5l-3.6 3.6l3.6 3.6l-1.5 1.5l-3.6-3.6l-3.6 3.6l-1.5-1.5l3.6-3.6l-3.6-3.6z', words: 'cross' },
  dash: { path: 'M1 4.6h10v2.8h-10z', words: 'dash' },
  quarter0: { path: 'M6 .5a5.5 5.5 0 1 1 0 11a5.5 5.5 0 1 1 0-11zM6 1.7a4.3 4.3 0 1 0 0 8.6a4.3 4.3 0 1 0 0-8.6z', words: 'ring' },
  quarter1: { path: 'M6 .5a5.5 5.5 0 1 1 0 11a5.5 5.5 0 1 1 0-11zM6 1.7a4.3 4.3 0 1 0 0 8.6a4.3 4.3 0 1 0 0-8.6zM6 2.2a3.8 3.8 0 0 1 3.8 3.8h-3.8z', words: 'a quarter' },
  quarter2: { path: 'M6 .5a5.5 5.5 0 1 1 0 11a5.5 5.5 0 1 1 0-11zM6 1.7a4.3 4.3 0 1 0 0 8.6a4.3 4.3 0 1 0 0-8.6zM6 2.2a3.8 3.8 0 0 1 0 7.6z', words: 'a half' },
  quarter3: { path: 'M6 .5a5.5 5.5 0 1 1 0 11a5.5 5.5 0 1 1 0-11zM6 1.7a4.3 4.3 0 1 0 0 8.6a4.3 4.3 0 1 0 0-8.6zM6 2.2a3.8 3.8 0 1 1-3.8 3.8h3.8z', words: 'three quarters' },
  quarter4: { path: 'M6 .5a5.5 5.5 0 1 1 0 11a5.5 5.5 0 1 1 0-11z', words: 'full' },
  steps0: { path: 'M0.5 8.5h2.2v3h-2.2zM1.1 9.1v1.8h1v-1.8zM3.4 6h2.2v5.5h-2.2zM4 6.6v4.3h1v-4.3zM6.3 3.5h2.2v8h-2.2zM6.9 4.1v6.8h1v-6.8zM9.2 1h2.2v10.5h-2.2zM9.8 1.6v9.3h1v-9.3z', words: 'no step' },
  steps1: { path: 'M0.5 8.5h2.2v3h-2.2zM3.4 6h2.2v5.5h-2.2zM4 6.6v4.3h1v-4.3zM6.3 3.5h2.2v8h-2.2zM6.9 4.1v6.8h1v-6.8zM9.2 1h2.2v10.5h-2.2zM9.8 1.6v9.3h1v-9.3z', words: 'one step' },
  steps2: { path: 'M0.5 8.5h2.2v3h-2.2zM3.4 6h2.2v5.5h-2.2zM6.3 3.5h2.2v8h-2.2zM6.9 4.1v6.8h1v-6.8zM9.2 1h2.2v10.5h-2.2zM9.8 1.6v9.3h1v-9.3z', words: 'two steps' },
  steps3: { path: 'M0.5 8.5h2.2v3h-2.2zM3.4 6h2.2v5.5h-2.2zM6.3 3.5h2.2v8h-2.2zM9.2 1h2.2v10.5h-2.2zM9.8 1.6v9.3h1v-9.3z', words: 'three steps' },
  steps4: { path: 'M0.5 8.5h2.2v3h-2.2zM3.4 6h2.2v5.5h-2.2zM6.3 3.5h2.2v8h-2.2zM9.2 1h2.2v10.5h-2.2z', words: 'four steps' },
  star0: { path: 'M6 .4l1.75 3.6l3.95.55l-2.87 2.77l.7 3.93l-3.53-1.87l-3.53 1.87l.7-3.93l-2.87-2.77l3.95-.55zM6 2.7l-1 2.1l-2.3.33l1.67 1.6l-.4 2.3l2.03-1.1l2.03 1.1l-.4-2.3l1.67-1.6l-2.3-.33z', words: 'star outline' },
  star1: { path: 'M6 .4l1.75 3.6l3.95.55l-2.87 2.77l.7 3.93l-3.53-1.87l-3.53 1.87l.7-3.93l-2.87-2.77l3.95-.55zM6 2.7l1 2.1l2.3.33l-1.67 1.6l.4 2.3l-2.03-1.1z', words: 'half a star' },
  star2: { path: 'M6 .4l1.75 3.6l3.95.55l-2.87 2.77l.7 3.93l-3.53-1.87l-3.53 1.87l.7-3.93l-2.87-2.77l3.95-.55z', words: 'star' },
};

/** What conditions ask of a cell, and how many values they are completed with; null for any number. */
export const TESTS: Record<string, { words: string; values: number | null }> = {
  below: { words: 'is below', values: 1 },
  atMost: { words: 'is at most', values: 1 },
  equal: { words: 'is', values: 1 },
  unequal: { words: 'is not', values: 1 },
  above: { words: 'is above', values: 1 },
  atLeast: { words: 'is at least', values: 1 },
  between: { words: 'is between', values: 2 },
  outside: { words: 'is not between', values: 2 },
  oneOf: { words: 'is one of', values: null },
  holds: { words: 'contains', values: 1 },
  lacks: { words: 'does not contain', values: 1 },
  begins: { words: 'begins with', values: 1 },
  ends: { words: 'ends with', values: 1 },
  blank: { words: 'is blank', values: 0 },
  filled: { words: 'is not blank', values: 0 },
  error: { words: 'is an error', values: 0 },
  sound: { words: 'is no error', values: 0 },
  period: { words: 'falls', values: 0 },
  greatest: { words: 'is among the greatest', values: 0 },
  least: { words: 'is among the least', values: 0 },
  aboveMean: { words: 'is above the mean', values: 0 },
  belowMean: { words: 'is below the mean', values: 0 },
  repeated: { words: 'stands more than once', values: 0 },
  single: { words: 'stands only once', values: 0 },
  formula: { words: 'makes true', values: 1 },
  always: { words: 'always', values: 0 },
  unknown: { words: 'something that is not known here', values: 0 },
};

/** What is asked of columns of a kind, the likeliest first. */
export const OFFERED: Record<string, string[]> = {
  any: ['below', 'above', 'atMost', 'atLeast', 'between', 'outside', 'equal', 'unequal', 'greatest', 'least', 'aboveMean', 'belowMean', 'oneOf', 'holds', 'lacks', 'begins', 'ends', 'period', 'repeated', 'single', 'blank', 'filled', 'error', 'formula'],
  text: ['oneOf', 'equal', 'unequal', 'holds', 'lacks', 'begins', 'ends', 'repeated', 'single', 'blank', 'filled', 'error', 'formula'],
  longtext: ['oneOf', 'equal', 'unequal', 'holds', 'lacks', 'begins', 'ends', 'repeated', 'single', 'blank', 'filled', 'error', 'formula'],
  code: ['oneOf', 'equal', 'unequal', 'holds', 'lacks', 'begins', 'ends', 'repeated', 'single', 'blank', 'filled', 'error', 'formula'],
  category: ['oneOf', 'equal', 'unequal', 'holds', 'lacks', 'begins', 'ends', 'repeated', 'single', 'blank', 'filled', 'error', 'formula'],
  integer: ['below', 'above', 'atMost', 'atLeast', 'between', 'outside', 'equal', 'unequal', 'greatest', 'least', 'aboveMean', 'belowMean', 'repeated', 'single', 'blank', 'filled', 'error', 'formula'],
  decimal: ['below', 'above', 'atMost', 'atLeast', 'between', 'outside', 'equal', 'unequal', 'greatest', 'least', 'aboveMean', 'belowMean', 'repeated', 'single', 'blank', 'filled', 'error', 'formula'],
  amount: ['below', 'above', 'atMost', 'atLeast', 'between', 'outside', 'equal', 'unequal', 'greatest', 'least', 'aboveMean', 'belowMean', 'repeated', 'single', 'blank', 'filled', 'error', 'formula'],
  percent: ['below', 'above', 'atMost', 'atLeast', 'between', 'outside', 'equal', 'unequal', 'greatest', 'least', 'aboveMean', 'belowMean', 'repeated', 'single', 'blank', 'filled', 'error', 'formula'],
  date: ['period', 'below', 'above', 'between', 'equal', 'repeated', 'single', 'blank', 'filled', 'error', 'formula'],
  time: ['below', 'above', 'atMost', 'atLeast', 'between', 'outside', 'equal', 'unequal', 'greatest', 'least', 'aboveMean', 'belowMean', 'repeated', 'single', 'blank', 'filled', 'error', 'formula'],
  datetime: ['period', 'below', 'above', 'between', 'equal', 'repeated', 'single', 'blank', 'filled', 'error', 'formula'],
  duration: ['below', 'above', 'atMost', 'atLeast', 'between', 'outside', 'equal', 'unequal', 'greatest', 'least', 'aboveMean', 'belowMean', 'repeated', 'single', 'blank', 'filled', 'error', 'formula'],
  boolean: ['equal', 'repeated', 'single', 'blank', 'filled', 'error', 'formula'],
  empty: ['oneOf', 'equal', 'unequal', 'holds', 'lacks', 'begins', 'ends', 'repeated', 'single', 'blank', 'filled', 'error', 'formula'],
};

export const PERIODS: [name: string, words: string][] = [
  ['today', 'today'],
  ['yesterday', 'yesterday'],
  ['tomorrow', 'tomorrow'],
  ['last7Days', 'in the last 7 days'],
  ['thisMonth', 'this month'],
  ['lastMonth', 'last month'],
  ['nextMonth', 'next month'],
  ['thisWeek', 'this week'],
  ['lastWeek', 'last week'],
  ['nextWeek', 'next week'],
];

/** Marks of each set, the lowest first. */
export const MARK_SETS: Record<string, { shape: string; colour: string }[]> = {
  '3Arrows': [{ shape: 'down', colour: '#9B2335' }, { shape: 'level', colour: '#A8691C' }, { shape: 'up', colour: '#2C6E66' }],
  '3ArrowsGray': [{ shape: 'down', colour: '#6B6273' }, { shape: 'level', colour: '#6B6273' }, { shape: 'up', colour: '#6B6273' }],
  '3Flags': [{ shape: 'pole', colour: '#9B2335' }, { shape: 'halfFlag', colour: '#A8691C' }, { shape: 'flag', colour: '#2C6E66' }],
  '3TrafficLights1': [{ shape: 'diamond', colour: '#9B2335' }, { shape: 'triangle', colour: '#A8691C' }, { shape: 'disc', colour: '#2C6E66' }],
  '3TrafficLights2': [{ shape: 'diamond', colour: '#9B2335' }, { shape: 'triangle', colour: '#A8691C' }, { shape: 'disc', colour: '#2C6E66' }],
  '3Signs': [{ shape: 'diamond', colour: '#9B2335' }, { shape: 'triangle', colour: '#A8691C' }, { shape: 'disc', colour: '#2C6E66' }],
  '3Symbols': [{ shape: 'cross', colour: '#9B2335' }, { shape: 'bang', colour: '#A8691C' }, { shape: 'tick', colour: '#2C6E66' }],
  '3Symbols2': [{ shape: 'cross', colour: '#9B2335' }, { shape: 'bang', colour: '#A8691C' }, { shape: 'tick', colour: '#2C6E66' }],
  '4Arrows': [{ shape: 'down', colour: '#9B2335' }, { shape: 'falling', colour: '#A8691C' }, { shape: 'rising', colour: '#A8691C' }, { shape: 'up', colour: '#2C6E66' }],
  '4ArrowsGray': [{ shape: 'down', colour: '#6B6273' }, { shape: 'falling', colour: '#6B6273' }, { shape: 'rising', colour: '#6B6273' }, { shape: 'up', colour: '#6B6273' }],
  '4RedToBlack': [{ shape: 'quarter0', colour: '#2A2230' }, { shape: 'quarter2', colour: '#6B6273' }, { shape: 'quarter3', colour: '#A8691C' }, { shape: 'quarter4', colour: '#9B2335' }],
  '4Rating': [{ shape: 'steps1', colour: '#2A2230' }, { shape: 'steps2', colour: '#2A2230' }, { shape: 'steps3', colour: '#2A2230' }, { shape: 'steps4', colour: '#2A2230' }],
  '4TrafficLights': [{ shape: 'square', colour: '#2A2230' }, { shape: 'diamond', colour: '#9B2335' }, { shape: 'triangle', colour: '#A8691C' }, { shape: 'disc', colour: '#2C6E66' }],
  '5Arrows': [{ shape: 'down', colour: '#9B2335' }, { shape: 'falling', colour: '#A8691C' }, { shape: 'level', colour: '#A8691C' }, { shape: 'rising', colour: '#A8691C' }, { shape: 'up', colour: '#2C6E66' }],
  '5ArrowsGray': [{ shape: 'down', colour: '#6B6273' }, { shape: 'falling', colour: '#6B6273' }, { shape: 'level', colour: '#6B6273' }, { shape: 'rising', colour: '#6B6273' }, { shape: 'up', colour: '#6B6273' }],
  '5Rating': [{ shape: 'steps0', colour: '#2A2230' }, { shape: 'steps1', colour: '#2A2230' }, { shape: 'steps2', colour: '#2A2230' }, { shape: 'steps3', colour: '#2A2230' }, { shape: 'steps4', colour: '#2A2230' }],
  '5Quarters': [{ shape: 'quarter0', colour: '#2A2230' }, { shape: 'quarter1', colour: '#2A2230' }, { shape: 'quarter2', colour: '#2A2230' }, { shape: 'quarter3', colour: '#2A2230' }, { shape: 'quarter4', colour: '#2A2230' }],
  '3Stars': [{ shape: 'star0', colour: '#A8691C' }, { shape: 'star1', colour: '#A8691C' }, { shape: 'star2', colour: '#A8691C' }],
  '3Triangles': [{ shape: 'down', colour: '#9B2335' }, { shape: 'dash', colour: '#A8691C' }, { shape: 'triangle', colour: '#2C6E66' }],
  '5Boxes': [{ shape: 'steps0', colour: '#2A2230' }, { shape: 'steps1', colour: '#2A2230' }, { shape: 'steps2', colour: '#2A2230' }, { shape: 'steps3', colour: '#2A2230' }, { shape: 'steps4', colour: '#2A2230' }],
};

/** What cells may take. */
export const ENTRY_KINDS: [string, string][] = [
  ['any', 'anything'],
  ['list', 'one of a list'],
  ['whole', 'a whole number'],
  ['decimal', 'a number'],
  ['date', 'a date'],
  ['time', 'a time'],
  ['length', 'a text of a length'],
  ['formula', 'what a formula says'],
];

/** How it is compared. */
export const ENTRY_OPERATORS: [string, string][] = [
  ['between', 'is between'],
  ['outside', 'is not between'],
  ['equal', 'is'],
  ['unequal', 'is not'],
  ['above', 'is above'],
  ['below', 'is below'],
  ['atLeast', 'is at least'],
  ['atMost', 'is at most'],
];

/** What becomes of anything else. */
export const SEVERITIES: [string, string][] = [
  ['stop', 'is refused'],
  ['warning', 'is asked about'],
  ['note', 'is told about'],
];

/** What a protected sheet may allow: its name, what is done, and to what. */
export const ALLOWANCES: [string, string, string][] = [
  ['goToLocked', 'go to', 'locked cells'],
  ['goToOpen', 'go to', 'open cells'],
  ['dressCells', 'dress', 'cells'],
  ['sizeColumns', 'size and hide', 'columns'],
  ['sizeRows', 'size and hide', 'rows'],
  ['putColumns', 'put in', 'columns'],
  ['putRows', 'put in', 'rows'],
  ['putLinks', 'put in', 'links'],
  ['takeColumns', 'take out', 'columns'],
  ['takeRows', 'take out', 'rows'],
  ['sort', 'work with', 'order of rows'],
  ['filter', 'work with', 'filters'],
  ['pivots', 'work with', 'pivot tables'],
];

/** What a sheet is for. */
export const ROLES: [string, string][] = [
  ['entry', 'Entry'],
  ['report', 'Report'],
  ['data', 'Data'],
  ['calculation', 'Calculation'],
  ['lists', 'Lists'],
  ['notes', 'Notes'],
  ['looks', 'Looks'],
  ['contents', 'Contents'],
];

export type LookValues = Record<string, string | number | boolean>;

/** Attributes of a look; a number format may be said as a choice in the place of a code. */
export type GivenLook = { [name in 'font' | 'size' | 'bold' | 'italic' | 'underline' | 'strike' | 'ink' | 'script' | 'number' | 'horizontal' | 'vertical' | 'indent' | 'wrap' | 'shrink' | 'clip' | 'rotation' | 'fill' | 'top' | 'right' | 'bottom' | 'left' | 'rising' | 'falling' | 'locked' | 'concealed']?: unknown };

export type OnSheets = { sheets?: number[] | 'all' };
/** Rules of pages by name, as docs/stylebook.schema.json has them. */
export type PageSays = Record<string, string | number | boolean | Record<string, string>>;
/** What is said of pages; null takes a rule back. */
export type GivenPage = Record<string, string | number | boolean | Record<string, string> | null>;
export type OnCells = OnSheets & { ranges: string };
export type Axis = 'columns' | 'rows';
/** First and last of columns or rows. */
export type Span = [first: number, last: number];
export type Scope = 'cells' | 'here';
/** What becomes of hand touches when a stylebook is put on: facets are those of which all go. */
export type TouchesOver = 'keep' | 'said' | 'all' | string[];
/** What becomes of looks of their own that cells would keep over it. */
export type Over = 'ask' | 'keep' | 'override';

/** Where a conditional look holds: cells as "B2:B9 D4", a cell of a column of a table, or a part. */
export type GivenWhere = { cells: string } | { column: string } | { part: string; kind?: string; heading?: string };
export type GivenPoint = { at: string; value?: string; above?: boolean };
/** A look while something is true, a scale, a bar or marks; values as people write them. */
export type GivenCondition = {
  id: string | null;
  where: GivenWhere;
  kind?: string | null;
  test: {
    is: string;
    values?: string[];
    count?: number;
    percent?: boolean;
    deviations?: number;
    orEqual?: boolean;
    period?: string;
  };
  look?: GivenLook;
  scaled?: { colour: string; point: GivenPoint }[];
  bar?: Record<string, unknown>;
  marks?: Record<string, unknown>;
  stops?: boolean;
  off?: boolean;
};

/** Rows are put together by value, month, quarter, year or band; figures are sums, counts, means, least or greatest. */
export type GivenField = { heading: string; by?: string; size?: number };
export type GivenSummary = {
  sheet: number;
  rows: GivenField[];
  across?: GivenField | null;
  values: { heading: string | null; figure?: string; share?: string }[];
  live?: boolean;
};

/** What may be entered into cells; values and choices as people write them. */
export type GivenEntry = {
  id: string | null;
  where: GivenWhere;
  kind: string;
  is?: string;
  values?: string[];
  /** A list: its choices, one each; where they stand, as "Lists!A2:A9" or a name; or what the column holds. */
  choices?: string[];
  from?: string;
  column?: boolean;
  blank?: boolean;
  shows?: boolean;
  promptTitle?: string;
  prompt?: string;
  title?: string;
  message?: string;
  severity?: string;
};

export interface ActArguments {
  dress: OnSheets & { stylebook: string | null; clean: boolean; version?: number | null; touches?: TouchesOver };
  correct: { correction: { type: string } & Record<string, unknown> };
  forget: Record<string, never>;
  type: { column: number; kind: string; decimal?: string; order?: string };
  rename: { name: string };
  format: OnCells & { look: GivenLook; scope?: Scope; part?: string | null; kind?: string | null; over?: Over };
  formatHeaded: OnSheets & { heading: string; look: GivenLook };
  wipe: OnCells & { facet?: string | null; file?: boolean; scope?: Scope; part?: string | null; kind?: string | null };
  borders: OnCells & { sides: Record<string, string> };
  family: OnSheets & { hex: string };
  merge: OnCells & { mode?: string };
  split: OnCells;
  lay: OnCells & { block: GivenLook[][]; widths?: number[]; conditions?: string[]; from?: string };
  layNamed: OnCells & { name: string };
  stripe: OnCells & { stripes: Record<string, unknown> | null; key?: number | null };
  name: { name: string; ranges?: string };
  edit: { cells: [row: number, column: number, text: string][]; keep?: boolean; asReader?: boolean };
  clear: OnCells;
  convert: OnCells & { to: string };
  paste: { row: number; column: number; text?: string; html?: string; cells?: unknown[][]; looks?: GivenLook[][] | null };
  sort: { row: number; column: number; keys: [column: number, down: boolean][] };
  move: { axis: Axis; at: number; count?: number; in: boolean };
  spacer: { axis: Axis; at: number; count?: number; in: true };
  fitCut: Record<string, never>;
  equal: OnSheets & { axis: 'columns'; spans: Span[] };
  share: { axis: 'columns'; row: number; column: number; size: string };
  resize: OnSheets & { axis: Axis; spans: Span[]; size?: string | null; all?: boolean };
  hide: OnSheets & { axis: Axis; spans: [Span]; show?: boolean };
  opening: OnSheets & { freezeRow?: number; freezeColumn?: number; gridlines?: boolean; zoom?: number; parts?: boolean; firstRow?: number; firstColumn?: number };
  headings: OnSheets & { how: string };
  sameWidth: OnSheets & { axis: 'columns'; heading: string; size: string };
  sheet: { name?: string; hidden?: boolean; colour?: string };
  order: { to: number };
  setCondition: GivenCondition;
  arrangeConditions: { ids: string[]; what: 'drop' | 'on' | 'off' | 'move'; to?: number };
  gatherConditions: OnSheets & { idle?: boolean };
  mark: { part: 'entry_cell' | 'choice_cell' | 'formula_cell'; on: boolean; sheets?: number[] | 'all' };
  sayEntries: OnCells & { as: 'entry' | 'none' | 'found' };
  guardFormulas: { sheets?: number[] | 'all' };
  protect: { allowed: string[]; password?: string | null; sheets?: number[] | 'all' };
  unprotect: { password?: string | null };
  protectOrder: { on: boolean; password?: string | null };
  setEntry: GivenEntry;
  dropEntries: { ids: string[] };
  role: { role: string | null; purpose?: string; sheets?: number[] | 'all' };
  followRoles: { sheets?: number[] | 'all'; order?: boolean };
  addSheet: { of: 'looks' | 'contents' };
  rewriteHeads: { part: 'heading' | 'column_group'; to: 'capitals' | 'sentence' | 'says'; says?: string; below?: 'entry_cell' | 'choice_cell' | 'formula_cell'; sheets?: number[] | 'all' };
  mend: { keys: string[]; beside?: number[] };
  leave: { keys: string[]; reason: string | null; beside?: number[] };
  pages: OnSheets & { says: GivenPage };
  breakPage: { axis: Axis; from: number | null; to: number | null };
  freeBreaks: OnSheets;
  bringAnew: { row: number; column: number; from: number; fromSheet?: number | null; key?: string[] | null; pairs?: [from: number, to: number][]; without?: number[]; keepGone?: boolean; keepChanged?: boolean; below?: boolean };
  replay: { routine: number; from?: number | null };
  summarise: { anew?: boolean; of?: GivenSummary | null };
}

export interface RevisionArguments {
  format: OnCells & { look: GivenLook; part: string; kind: string | null; over?: Over };
  family: { hex: string };
  keepLook: OnCells & { name: string; replace?: boolean };
  renameLook: { name: string; to: string };
  dropLook: { name: string; instead?: string | null; keep?: boolean };
  colour: { name: string; hex: string };
  dropColour: { name: string };
  rule: { kind: string; rule: Record<string, unknown> };
  keepNumber: { name: string; code: string };
  dropNumber: { name: string };
  renameNumber: { name: string; to: string };
  fit: { fit: Record<string, unknown>; opens: Record<string, unknown> };
  widthUnder: { axis: 'columns'; heading: string; size?: string | null };
  say: { part: string; kind: string | null; look: GivenLook };
  ground: { look: GivenLook };
  stripes: { stripes: Record<string, unknown> | null };
  unsay: { part: string; kind: string | null; attributes: string[] };
  scale: { size: number };
  renameColour: { name: string; to: string };
  replaceColour: { name: string; by: string };
  orderColours: { names: string[] };
  palette: { hex: string };
  frame: { edge: string | null };
  mendInk: { ink: string; fill: string };
  call: { name: string; about: string };
  keepCondition: GivenCondition;
  arrangeCondition: { id: string; what: 'drop' | 'on' | 'off' | 'move'; to?: number };
  mark: { part: 'entry_cell' | 'choice_cell' | 'formula_cell'; on: boolean };
  headsSay: { part: 'entry_cell' | 'choice_cell' | 'formula_cell'; says: string | null };
  casesOf: { part: 'heading' | 'column_group'; to: 'capitals' | 'sentence' | null };
  roleRule: { role: string; rule: { colour?: string | null; hidden?: boolean; protected?: boolean; gridlines?: boolean | null; zoom?: number | null } | null };
  keepEntry: GivenEntry;
  dropEntry: { id: string };
  pages: { says: GivenPage };
}

export interface AttributeState {
  name: string;
  value: string | null;
  mixed: boolean;
  from: string;
  layer: number;
}

export interface LayerView {
  layer: number;
  from: string;
  says: string;
}

export interface Inspection {
  attributes: AttributeState[];
  layers: LayerView[];
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

export interface DrawnBar {
  start: number;
  end: number;
  colour: string;
  axis: number | null;
  axisColour: string | null;
  border: string | null;
  isGradient: boolean;
  hidesText: boolean;
}

export interface WindowMark {
  shape: string;
  colour: string;
}

export interface WindowCell {
  row: number;
  column: number;
  text: string;
  look: number;
  align: string;
  edge: string | null;
  from: number;
  to: number;
  bar: DrawnBar | null;
  mark: WindowMark | null;
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
  conditions: string[];
}

export interface WornRecord {
  workbook: number;
  workbookName: string;
  sheet: number;
  sheetName: string;
  ranges: string;
  cells: number;
}

export interface TouchedRecord {
  number: number;
  name: string;
  cells: number;
  places: string[];
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

export interface FindingRecord {
  key: string;
  check: string;
  title: string;
  reason: string;
  subject: string;
  severity: string;
  sheet: string;
  number: number;
  range: string;
  count: number;
  words: string;
  mend: string | null;
  changes: string | null;
  left: string | null;
}

export interface FindingsRecord {
  looked: number;
  sheets: number;
  findings: FindingRecord[];
}

export interface SeriesRecord {
  id: number;
  name: string;
  revision: number;
  findings: FindingRecord[];
}

export interface Difference {
  facet: string;
  part: string;
  count: number;
  words: string;
  left: string[];
  right: string[];
}

export interface SideRecord {
  rows: number[][];
  columns: number[][];
  differences: Difference[];
  leftRows: number;
  rightRows: number;
  leftColumns: number;
  rightColumns: number;
  isPart: boolean;
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

export interface RoleRuleRecord {
  role: string;
  words: string;
  colour: string | null;
  hidden: boolean;
  protected: boolean;
}

export interface CellPartRecord {
  part: string;
  words: string;
  letter: string;
  count: number;
  ranges: string[];
  isMarked: boolean;
  byStylebook: boolean;
}

export interface EntryRecord {
  id: string;
  sentence: string;
  ranges: string;
  isCells: boolean;
  columnCell: string | null;
  part: string | null;
  columnKind: string | null;
  heading: string | null;
  kind: string;
  is: string;
  values: string[];
  choices: string[];
  from: string | null;
  ofColumn: boolean;
  blank: boolean;
  shows: boolean;
  promptTitle: string;
  prompt: string;
  title: string;
  message: string;
  severity: string;
  wrong: string | null;
  ofStylebook: boolean;
}

export interface GuardRecord {
  sheet: number;
  role: string;
  why: string;
  isSaid: boolean;
  purpose: string;
  parts: CellPartRecord[];
  constants: number;
  constantsAt: string[];
  checks: EntryRecord[];
  more: number;
  kept: number;
  against: number;
  againstAt: string[];
  isAll: boolean;
  isProtected: boolean;
  hasPassword: boolean;
  allowed: string[];
  isOrderProtected: boolean;
  orderHasPassword: boolean;
}

export interface CellEntryRecord {
  isLocked: boolean;
  choices: string[];
  promptTitle: string;
  prompt: string;
  wanted: string | null;
  isAllowed: boolean;
}

export interface NextEntryRecord {
  row: number;
  column: number;
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
  second: string | null;
}

export interface AnswerRecord {
  words: string;
  type: string;
  row: number;
  column: number;
  rows: (boolean | number | string | null)[][];
}

export interface QuestionRecord {
  words: string;
  first: number;
  last: number;
  answers: AnswerRecord[];
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
  question: QuestionRecord | null;
  lines: ColumnRecord[];
  learned: string | null;
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
  widths: RuleRecord[];
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
  design: string | null;
  choices: string[];
  checked: string[];
  summary: string | null;
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
  holds: number | null;
  seen: string;
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
  stamp: string;
  book: number | null;
}

export interface DrawingRecord {
  kind: string;
  name: string;
  from: number[];
  to: number[];
  size: number[];
  isPicture: boolean;
}

export interface SightRecord {
  windows: Window[];
  selection: SelectionRecord | null;
  number: NumberView | null;
  figures: Figures | null;
}

export interface ActRecord {
  bench: BenchRecord;
  sheet: SheetDetail | null;
  sight: SightRecord | null;
  words: string | null;
}

export interface StepChoiceRecord {
  place: string;
  step: string;
}

export interface StepRecord {
  words: string;
  does: string;
  step: string;
  isSure: boolean;
  said: string | null;
  choices: StepChoiceRecord[];
}

export interface PastStepRecord {
  id: number;
  words: string;
  step: StepRecord | null;
}

export interface RoutineRecord {
  id: number;
  name: string;
  wantsData: boolean;
  steps: StepRecord[];
}

export interface TriedRecord {
  done: string[];
  left: string[];
}

export interface ReportRecord {
  output: string | null;
  fault: string | null;
  parts: string[];
  doubts: string[];
  done: string[];
  left: string[];
  findings: string[];
  words: string;
}

export interface BatchItemRecord {
  id: string;
  name: string;
  status: string;
  progress: number;
  workbook: number | null;
  plan: ReportRecord | null;
  report: ReportRecord | null;
}

export interface SummaryRecord {
  words: string;
  rows: string[][];
  count: number;
  columns: number;
}

export interface MendableRecord {
  name: string;
  title: string;
  reason: string;
}

export interface BatchCardRecord {
  id: string;
  name: string;
  status: string;
  files: number;
  done: number;
  failed: number;
}

export interface BatchRecord {
  id: string;
  name: string;
  status: string;
  routine: string | null;
  steps: string[];
  wantsData: boolean;
  data: string | null;
  format: string;
  items: BatchItemRecord[];
  across: string[];
  compared: number;
  isLooked: boolean;
  mendable: MendableRecord[];
  isWorked: boolean;
}

export interface RenewalColumnRecord {
  from: number | null;
  to: number | null;
  heading: string;
  other: string | null;
  share: number | null;
  state: string;
}

export interface RenewalChangeRecord {
  key: string;
  row: number;
  heading: string;
  was: string;
  is: string;
}

export interface RenewalRowRecord {
  row: number;
  key: string;
}

export interface RenewalRecord {
  columns: RenewalColumnRecord[];
  places: number[];
  headings: string[];
  key: string[];
  why: string | null;
  new: number;
  missing: number;
  gone: number;
  differing: number;
  changed: number;
  same: number;
  unkeyed: number;
  formulas: number;
  isReordered: boolean;
  changes: RenewalChangeRecord[];
  news: RenewalRowRecord[];
  lost: RenewalRowRecord[];
  words: string;
  isNothing: boolean;
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
  picture: string | null;
}

export interface StylebookRecord {
  id: number;
  version: number;
  name: string;
  about: string;
  workbooks: number;
  sheets: number;
  builtin: boolean;
  specimen: Window;
}

export interface RuleRecord {
  key: string;
  words: string;
  says: string;
  letter: string;
}

export interface ColourRecord {
  name: string;
  hex: string;
  uses: number;
  run: string[];
}

export interface InkPairRecord {
  ink: string;
  fill: string;
  ratio: number;
  wanted: number;
  passes: boolean;
  better: string;
  where: string[];
}

export interface ReaderRecord {
  kind: string;
  words: string;
  seen: string[];
  alike: string[];
}

export interface StripesRecord {
  by: string;
  every: number;
  key: string | null;
  fills: string[];
  first: number;
  anew: boolean;
}

export interface RulesRecord {
  name: string;
  about: string;
  font: string;
  size: number;
  palette: ColourRecord[];
  sizes: RuleRecord[];
  parts: RuleRecord[];
  kinds: RuleRecord[];
  stripes: StripesRecord | null;
  pale: string[];
  fit: FitRulesRecord;
  looks: RuleRecord[];
  numbers: RuleRecord[];
  pairs: InkPairRecord[];
  readers: ReaderRecord[];
  near: string[];
  marks: string[];
  heads: RuleRecord[];
  cases: RuleRecord[];
  entries: RuleRecord[];
  roles: RoleRuleRecord[];
}

export interface DifferenceRecord {
  words: string;
  before: string | null;
  after: string | null;
}

export interface VersionRecord {
  number: number;
  words: string;
  when: string;
  newest: boolean;
  held: number;
}

export interface WearerRecord {
  workbook: number;
  name: string;
  number: number;
  sheet: string;
  holds: number | null;
  settled: boolean;
}

export interface BookRecord {
  id: number;
  name: string;
  version: number;
  specimen: number | null;
  base: number | null;
  changes: DifferenceRecord[];
  versions: VersionRecord[];
  worn: WearerRecord[];
  could: WearerRecord[];
  sheets: number;
  waiting: number;
}

export interface KeptRecord {
  name: string;
  where: string[];
}

export interface LearnedRuleRecord {
  where: string;
  words: string;
  value: string;
  evidence: string;
  split: boolean;
}

export interface LearnedRecord {
  id: number | null;
  name: string;
  rules: LearnedRuleRecord[];
}

export interface StrayRecord {
  sheet: number;
  name: string;
  words: string;
  cells: number;
  places: string[];
}

export interface StraysRecord {
  strays: StrayRecord[];
  cut: string[];
}

export interface ScalePointRecord {
  at: string;
  value: string;
  colour: string;
}

export interface ConditionRecord {
  id: string;
  sheet: number;
  name: string;
  place: number;
  sentence: string;
  subject: string;
  where: string;
  cells: string;
  onCells: boolean;
  column: string | null;
  part: string | null;
  kind: string | null;
  heading: string | null;
  is: string;
  values: string[];
  count: number;
  percent: boolean;
  deviations: number;
  orEqual: boolean;
  period: string | null;
  look: LookValues;
  scale: ScalePointRecord[];
  bar: string | null;
  below: string | null;
  set: string | null;
  marks: WindowMark[];
  stops: boolean;
  on: boolean;
  worn: number;
  counted: boolean;
  cost: string;
  trouble: string | null;
  idle: boolean;
  told: string | null;
  ofStylebook: boolean;
}

export interface PiecesRecord {
  sheet: number;
  name: string;
  pieces: number;
  rules: number;
}

export interface ConditionsRecord {
  conditions: ConditionRecord[];
  pieces: PiecesRecord[];
  more: number;
  kept: number;
}

export interface OccurringRecord {
  value: string;
  count: number;
}

export interface PressRecord {
  name: string;
  look: LookValues;
}

export interface TrialRecord {
  sentence: string;
  worn: number;
  of: number;
  counted: boolean;
  values: OccurringRecord[];
  contrast: number | null;
  told: string | null;
  presses: PressRecord[];
  why: string | null;
  plain: LookValues;
  tints: string[];
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

export interface LessonRecord {
  id: number;
  headings: string;
  from: string;
  corrections: number;
}

export interface ShelfRecord {
  workbooks: CardRecord[];
  stylebooks: StylebookRecord[];
  lessons: LessonRecord[];
  routines: RoutineRecord[];
  batches: BatchCardRecord[];
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
  stripes: boolean;
  tables: boolean;
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
  wore: string[];
  missing: string[];
}

export interface PagesRecord {
  pages: number;
  paper: string;
  turned: boolean;
  width: number;
  height: number;
  millimetres: number;
  scale: number;
  text: number;
  turnWords: string;
  sizeWords: string;
  held: string | null;
  rules: PageSays;
  here: string[];
  book: string[];
  file: string[];
  breaks: number;
  rowEnds: number[];
  columnEnds: number[];
  fullness: string;
  room: number;
  tableRow: number;
  tableColumn: number;
}

export interface PageEndRecord {
  last: number;
  full: number;
  made: boolean;
  whole: boolean;
  words: string;
  hint: string;
  lines: number[];
  places: number[];
}

export interface PageRecord {
  number: number;
  place: string;
  svg: string;
  down: PageEndRecord | null;
  across: PageEndRecord | null;
}

export interface PageCountRecord {
  sheet: number;
  name: string;
  pages: number;
}
