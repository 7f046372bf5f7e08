import type { Place } from './api';

/** Every place by its name, and every item by its name with the axle or side it is on: "Brake hose, steer axle". */
export const namesIn = (places: Place[]): Map<string, string> =>
    new Map([
        ...places.map(({ id, name }): [string, string] => [id, name]),
        ...places
            .flatMap(({ items }) => items)
            .map(({ id, name, where }): [string, string] => [id, where === '' ? name : `${name}, ${where}`]),
    ]);
