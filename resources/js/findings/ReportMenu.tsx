import { DropdownMenu } from 'radix-ui';

const FORMS: [string, string][] = [
    ['html', 'A page to read (html)'],
    ['csv', 'A table (csv)'],
    ['json', 'For other programs (JSON)'],
];

/** What was found and what was left, handed on. */
export function ReportMenu({ id }: { id: number }) {
    return (
        <DropdownMenu.Root modal={false}>
            <DropdownMenu.Trigger className="btn h-7">Report</DropdownMenu.Trigger>
            <DropdownMenu.Portal>
                <DropdownMenu.Content className="menu" align="end" aria-label="Report">
                    {FORMS.map(([form, words]) => (
                        <DropdownMenu.Item key={form} className="menu-item" asChild>
                            <a href={`/api/workbooks/${id}/findings/report?as=${form}`} download>
                                {words}
                            </a>
                        </DropdownMenu.Item>
                    ))}
                </DropdownMenu.Content>
            </DropdownMenu.Portal>
        </DropdownMenu.Root>
    );
}
