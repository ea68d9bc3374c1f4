import type { ReactNode } from 'react';
import type { Rect } from '@/api/client';
import { PARTS, type ColumnKind, type Part, type RuleRecord, type RulesRecord, type SheetDetail } from '@/api/types';
import { sameRanges } from '@/bench/choose';
import { parse } from '@/grid/address';
import { useRoving } from '@/parts/useRoving';
import { KindIcon } from '@/work/kinds';
import { useBench } from '@/work/state';
import type { PanelName } from './Panel';

/** The rules of a stylebook: what is pressed is what the tray acts on, or opens at the right. */
export function RuleList({
    rules,
    detail,
    version,
    panel,
    onPanel,
}: {
    rules: RulesRecord;
    detail: SheetDetail;
    version: number;
    panel: PanelName | null;
    onPanel: (name: PanelName | null) => void;
}) {
    const open = (name: PanelName) => onPanel(panel === name ? null : name);
    const stripes = rules.stripes;
    return (
        <nav aria-label="Rules" className="overflow-auto border-r border-hair bg-panel pb-2 text-[12.5px]">
            <Heading left={`Rules of ${rules.name}`} right={`v ${version}`} />
            <List>
                <Row
                    on={panel === 'palette'}
                    words="Palette"
                    says={`${rules.palette.length} colours`}
                    onPress={() => open('palette')}
                />
                <Row
                    on={panel === 'sizes'}
                    words="Type sizes"
                    says={rules.sizes.map((size) => size.says).join(' · ')}
                    onPress={() => open('sizes')}
                />
            </List>
            <Heading left="Parts" right="" />
            <List>
                {rules.parts.map((rule) => (
                    <PartRule key={rule.key} rule={rule} detail={detail} />
                ))}
            </List>
            <Heading left="Column kinds" right={String(rules.kinds.length)} />
            <List>
                {rules.kinds.map((rule) => (
                    <KindRule key={rule.key} rule={rule} detail={detail} />
                ))}
            </List>
            <Heading left="Whole tables" right="" />
            <List>
                <Row
                    on={panel === 'stripes'}
                    words="Stripes"
                    says={
                        !stripes
                            ? 'none'
                            : stripes.by === 'key'
                              ? `with ${stripes.key}`
                              : `every ${stripes.every === 1 ? '' : `${stripes.every} `}` +
                                `${stripes.by === 'rows' ? 'row' : 'column'}${stripes.every === 1 ? '' : 's'}`
                    }
                    onPress={() => open('stripes')}
                />
                <Row on={panel === 'borders'} words="Borders" says="rules and lines" onPress={() => open('borders')} />
                <Row
                    on={panel === 'conditions'}
                    words="Looks while something is true"
                    says=""
                    onPress={() => open('conditions')}
                />
                <Row
                    on={panel === 'guard'}
                    words="Entry, guard and roles"
                    says={rules.marks.length === 0 ? '' : `${rules.marks.length} marked`}
                    onPress={() => open('guard')}
                />
                <Row
                    on={panel === 'fit'}
                    words="Fit and opening"
                    says={`${rules.fit.least} to ${rules.fit.greatest} px`}
                    onPress={() => open('fit')}
                />
            </List>
            <Heading left="Kept" right="" />
            <List>
                <Row on={panel === 'looks'} words="Named looks" says={String(rules.looks.length)} onPress={() => open('looks')} />
                <Row
                    on={panel === 'numbers'}
                    words="Number formats"
                    says={String(rules.numbers.length)}
                    onPress={() => open('numbers')}
                />
            </List>
        </nav>
    );
}

function List({ children }: { children: ReactNode }) {
    return <ul {...useRoving<HTMLUListElement>()}>{children}</ul>;
}

function Heading({ left, right }: { left: string; right: string }) {
    return (
        <div className="mt-1.5 flex items-center justify-between gap-2 px-3 pt-1.5 pb-1 text-[11px] font-semibold text-quiet">
            <h2 className="truncate">{left}</h2>
            <span>{right}</span>
        </div>
    );
}

function Row({
    on,
    words,
    says,
    onPress,
    children,
}: {
    on: boolean;
    words: string;
    says: string;
    onPress: () => void;
    children?: ReactNode;
}) {
    return (
        <li>
            <button
                type="button"
                aria-pressed={on}
                className={`flex h-6 w-full items-center gap-2 px-3 text-left ${on ? 'bg-brass-soft' : 'hover:bg-ground'}`}
                onClick={onPress}
            >
                {children}
                <span className="flex-1 truncate">{words}</span>
                <span className="max-w-[112px] truncate text-[11.5px] text-quiet">{says}</span>
            </button>
        </li>
    );
}

/** A rule that is a look of cells: pressed, its cells are chosen on the specimen. */
function Rule({
    rule,
    aim,
    ranges,
    meant = null,
    children,
}: {
    rule: RuleRecord;
    aim: 'part' | 'kind';
    ranges: Rect[];
    /** Single cells, which are of another part of their table too. */
    meant?: string | null;
    children: ReactNode;
}) {
    const aimed = useBench((state) => state.aim);
    const chosen = useBench((state) => sameRanges(state.selection, ranges));
    return (
        <Row
            on={chosen && aimed === aim}
            words={rule.words}
            says={rule.says}
            onPress={() => {
                if (ranges.length === 0) return;
                useBench.getState().select(ranges);
                useBench.setState({ aim, meant });
            }}
        >
            {children}
        </Row>
    );
}

function PartRule({ rule, detail }: { rule: RuleRecord; detail: SheetDetail }) {
    // The first table holds them all; parts that stand elsewhere too are one rule all the same.
    const ranges = detail.tables
        .flatMap((table) => table.parts.filter((part) => part.part === (rule.key as Part)))
        .flatMap((part) => part.ranges)
        .flatMap((text) => parse(text) ?? []);
    return (
        <Rule
            rule={rule}
            aim="part"
            ranges={ranges}
            meant={PARTS[rule.key as Part].ofRows || rule.key === 'row_label' ? null : rule.key}
        >
            <span className={`part-letter part-${rule.key}`} aria-hidden="true">
                {rule.letter}
            </span>
        </Rule>
    );
}

function KindRule({ rule, detail }: { rule: RuleRecord; detail: SheetDetail }) {
    const ranges = detail.tables.flatMap((table): Rect[] =>
        table.columns
            .filter((column) => column.kind === (rule.key as ColumnKind))
            .flatMap((column) =>
                table.runs
                    .filter((run) => run.part === 'body')
                    .map((run) => ({ top: run.first, left: column.column, bottom: run.last, right: column.column })),
            ),
    );
    return (
        <Rule rule={rule} aim="kind" ranges={ranges}>
            <KindIcon kind={rule.key} />
        </Rule>
    );
}
