import { DropdownMenu } from 'radix-ui';
import { MenuButton } from '@/parts/openers';
import { say, tell } from '@/parts/Messages';
import { selectionText, useBench } from '@/work/state';

const address = (id: number, sheet: number, range: string) =>
    `/api/workbooks/${id}/sheets/${sheet}/picture?range=${encodeURIComponent(range)}`;

function keep(blob: Blob, name: string) {
    const link = document.createElement('a');
    link.href = URL.createObjectURL(blob);
    link.download = name;
    link.click();
    setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}

async function asked(id: number, sheet: number, range: string): Promise<string> {
    const answer = await fetch(address(id, sheet, range), { headers: { Accept: 'application/json, image/svg+xml' } });
    const text = await answer.text();
    if (answer.ok) return text;
    throw new Error((JSON.parse(text) as { message?: string }).message ?? 'The picture could not be made.');
}

/** The same at twice its size, so that it stays sharp on a slide. */
async function png(svg: string): Promise<Blob> {
    const image = new Image();
    image.src = `data:image/svg+xml,${encodeURIComponent(svg)}`;
    await image.decode();
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [image.width * 2, image.height * 2];
    canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
    return new Promise((resolve, reject) =>
        canvas.toBlob(
            (blob) => (blob ? resolve(blob) : reject(new Error('The picture is too large. Choose fewer cells.'))),
            'image/png',
        ),
    );
}

/** The chosen cells, or the whole sheet, as a picture for a mail or a slide. */
export function TakePicture({ id, sheet, name }: { id: number; sheet: number; name: string }) {
    const take = (kind: 'svg' | 'png') => {
        const selection = selectionText(useBench.getState().selection).split(',')[0] ?? '';
        // One cell is rarely meant: it is what is chosen where nothing else was.
        const range = selection.includes(':') ? selection : 'A1:XFD1048576';
        void asked(id, sheet, range)
            .then(async (svg) =>
                keep(kind === 'svg' ? new Blob([svg], { type: 'image/svg+xml' }) : await png(svg), `${name}.${kind}`),
            )
            .then(() => say(`A picture of ${selection.includes(':') ? selection : 'the whole sheet'} is made.`), tell);
    };
    return (
        <MenuButton className="btn h-7" align="end" face="Picture">
            <p className="menu-label">Of the chosen cells, or the whole sheet</p>
            <DropdownMenu.Item className="menu-item" onSelect={() => take('png')}>
                Png, for mails and slides
            </DropdownMenu.Item>
            <DropdownMenu.Item className="menu-item" onSelect={() => take('svg')}>
                Svg, sharp at any size
            </DropdownMenu.Item>
        </MenuButton>
    );
}
