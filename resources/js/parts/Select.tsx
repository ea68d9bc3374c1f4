export function Select({
    label,
    value,
    choices,
    onChange,
}: {
    label: string;
    value: string;
    choices: string[][];
    onChange: (value: string) => void;
}) {
    return (
        <select
            className="field h-[26px] min-w-0 px-1"
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
