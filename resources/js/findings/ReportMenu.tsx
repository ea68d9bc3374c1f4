import { DropdownMenu } from 'radix-ui';
import { MenuButton } from '@/parts/openers';

const FORMS: [string, string][] = [
    ['html', 'A page to read (html)'],
    ['csv', 'A table (csv)'],
    ['json', 'For other programs (JSON)'],
];

/** What was found and what was left, handed on. */
export function ReportMenu({ id }: { id: number }) {
    return (
        <MenuButton className="btn h-7" align="end" says="Report" face="Report">
            {FORMS.map(([form, words]) => (
                <DropdownMenu.Item key={form} className="menu-item" asChild>
                    <a href={`/api/workbooks/${id}/findings/report?as=${form}`} download>
                        {words}
                    </a>
                </DropdownMenu.Item>
            ))}
        </MenuButton>
    );
}
