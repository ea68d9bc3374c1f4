export function Select({
    label,
    value,
    choices,
    onChange,
    wide,
}: {
    label: string;
    value: string;
    choices: string[][];
    onChange: (value: string) => void;
    /** As wide as what it stands in. */
    wide?: boolean;
}) {
    return (
        <select
            className={`field h-[26px] min-w-0 px-1 ${wide ? 'w-full' : ''}`}
            aria-label={label}
            value={value}
            onChange={(event) => onChange(event.target.value)}
        >
            {choices.map(([name, words]) => (
                <option key={name} value={name}>
                    {words}
                </option>
            ))}
        </select>
    );
}
