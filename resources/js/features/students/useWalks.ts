import type { Schemas } from '@/shared/api/client';
import { useDoing } from '@/shared/useDoing';
import type { Loaded } from '@/shared/useLoad';
import { computed, shallowRef, watch, type ComputedRef, type Ref } from 'vue';
import { listOlderWalks, type Walk } from './api';

/** A student's walks, the oldest first: the newest come with the record, older ones once they are asked for. */
export function useWalks(loaded: Ref<Loaded<Schemas['StudentRecordResource']>>): {
    walks: ComputedRef<Walk[]>;
    /** Whether there are older ones. */
    hasOlder: ComputedRef<boolean>;
    bringOlder: () => Promise<boolean>;
    busy: Ref<boolean>;
    why: Ref<string>;
} {
    const record = computed(() => (loaded.value.state === 'ready' ? loaded.value.data : undefined));
    const older = shallowRef<Walk[]>([]);
    const next = shallowRef<string | null>(null);
    const { busy, why, doing } = useDoing();
    watch(
        record,
        (now) => {
            older.value = [];
            next.value = now?.older ?? null;
        },
        { immediate: true },
    );

    return {
        walks: computed(() => [...older.value, ...(record.value?.attempts ?? [])]),
        hasOlder: computed(() => next.value !== null),
        bringOlder: () =>
            doing(async () => {
                const of = record.value;
                if (of === undefined || next.value === null) return;
                const page = await listOlderWalks(of.student.id, next.value);
                // Read anew meanwhile: what it begins behind has changed.
                if (of !== record.value) return;
                older.value = [...page.rows.toReversed(), ...older.value];
                next.value = page.next;
            }),
        busy,
        why,
    };
}
