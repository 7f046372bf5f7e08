import type { PlaceTally } from '@/shared/plan/VehiclePlan.vue';
import type { Place } from './api';
import { nothingShown, type ShownItem } from './shownItems';

/** How far each place is, for the drawing. */
export function placeTallies(places: Place[], shown: Map<string, ShownItem>): Map<string, PlaceTally> {
    const tallies = new Map<string, PlaceTally>();
    for (const place of places) {
        const states = place.items.map((item) => (shown.get(item.id) ?? nothingShown).state);
        const count = (...of: typeof states): number => states.filter((state) => of.includes(state)).length;
        const open = count('not_reached', 'missed');
        tallies.set(place.id, {
            asked: states.length,
            said: states.length - open,
            part: count('partial', 'late', 'later_added', 'wrong', 'over_defect'),
        });
    }
    return tallies;
}
