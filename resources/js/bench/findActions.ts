import type { Action } from './actions';

/** Everyday words for what actions are called here. */
const ALSO: [RegExp, string][] = [
    [/^undo|^redo|^back to/i, 'back history revert again'],
    [/^put .* in/i, 'insert add new'],
    [/^take out/i, 'delete remove'],
    [/^wipe|^drop|^take the/i, 'reset clear remove format look'],
    [/^merge|^span|^split/i, 'combine centre center unmerge title'],
    [/^fit|^width|^height|^one width/i, 'width height column row size resize equal same'],
    [/gridlines/i, 'lines border hide'],
    [/in sight/i, 'freeze fix pin header'],
    [/^hand over/i, 'export save download xlsx ods html csv'],
    [/^bold|^italic|^underline|^strike|^size of the type|^font/i, 'font type text style typeface'],
    [/fill|ink|family/i, 'colour color background shade highlight text'],
    [/^align|^centre|^indent/i, 'position place horizontal center'],
    [/^number/i, 'format figure decimals percent currency date'],
    [/^borders/i, 'edge rule frame line'],
    [/^dress/i, 'style theme stripe alternate rows colours banded'],
    [/^hide|^show/i, 'unhide visible'],
    [/^rename/i, 'name title'],
    [/^read /i, 'part kind heading total'],
    [/^wrap|^long text/i, 'break line overflow'],
    [/^turn/i, 'rotate angle vertical slant'],
    [/^lay|^keep the look|^lift/i, 'named look style copy format paint'],
    [/sheets together|acts together/i, 'group several many all sheets'],
    [/while something is true/i, 'conditional condition rule highlight if late below above duplicate bar scale mark'],
    [/^say what .* take|^choices/i, 'validation validate dropdown drop-down list choice allowed entry check input'],
    [/^lock|^protect|^lift the protection|^try it/i, 'protection locked unlocked guard password formula input reader'],
    [/^mark the/i, 'formula input entry highlight colour'],
    [/^arrange|^add or renew/i, 'role tab colour hide index contents legend key toc'],
    [/^headings in/i, 'upper case lower capitals'],
    [/sum up|summary/i, 'pivot crosstab group subtotal total aggregate count mean average report'],
    [/routine/i, 'macro script record replay repeat automate batch history'],
    [/newer data/i, 'refresh update reload append import paste month again'],
    [/^keys$/i, 'help shortcuts keyboard'],
    [/^zoom/i, 'scale magnify percent'],
];

/** What is heard of a long list of columns is the same at each letter that is typed. */
const known = new WeakMap<Action, string>();

/** What an action is found by. */
function heard(action: Action): string {
    const before = known.get(action);
    if (before !== undefined) return before;
    const said = [action.words, ...ALSO.filter(([called]) => called.test(action.words)).map(([, also]) => also)];
    const all = said.join(' ').toLowerCase();
    known.set(action, all);
    return all;
}

/** Those that have all words of a text; what is called so goes before what is only found by an everyday word. */
export function findActions(actions: Action[], text: string, most: number): Action[] {
    const words = text.toLowerCase().split(/\s+/).filter(Boolean);
    const [called, others]: [Action[], Action[]] = [[], []];
    for (const action of actions) {
        const own = action.words.toLowerCase();
        if (words.every((word) => own.includes(word))) called.push(action);
        else if (others.length < most && words.every((word) => heard(action).includes(word))) others.push(action);
        if (called.length === most) break;
    }
    return [...called, ...others].slice(0, most);
}
