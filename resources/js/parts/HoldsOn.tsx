import { useId } from 'react';

/** Where something that is written in the tray holds: one of several places. */
export function HoldsOn<Place extends { name: string; words: string }>({
    places,
    place,
    onPlace,
}: {
    places: Place[];
    place: Place;
    onPlace: (place: Place) => void;
}) {
    const group = useId();
    return (
        <fieldset className="flex w-[196px] min-w-0 flex-none flex-col gap-0.5 border-r border-hair px-2.5 py-2">
            <legend className="float-left h-5 text-[12px] font-semibold">Where it holds</legend>
            {places.map((one) => (
                <label
                    key={one.name}
                    title={one.words}
                    className={`flex min-h-6 items-center gap-1.5 text-[11.5px] leading-[14px] ${
                        one.name === place.name ? 'font-semibold' : ''
                    }`}
                >
                    <input
                        type="radio"
                        name={group}
                        className="flex-none accent-damson"
                        checked={one.name === place.name}
                        onChange={() => onPlace(one)}
                    />
                    <span className="line-clamp-2">{one.words}</span>
                </label>
            ))}
        </fieldset>
    );
}
