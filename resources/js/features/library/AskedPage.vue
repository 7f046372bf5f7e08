<script setup lang="ts">
import LoadState from '@/shared/LoadState.vue';
import { NamedSelect } from '@/shared/NamedSelect';
import { listShelf } from '@/shared/library/api';
import { useLoad } from '@/shared/useLoad';
import { wordsOf } from '@/shared/wordsOf';
import { computed, ref, shallowRef, watch } from 'vue';
import AskedItem from './AskedItem.vue';
import { readAsked, type Asked, type Entry } from './api';

/* What a checklist asks of one vehicle, in walking order, and what it does not, with the reasons. */
const props = defineProps<{ slug: string }>();
const vehicle = ref<number | null>(null);
const form = ref<string | null>(null);
const vehicles = shallowRef<{ value: number; label: string }[]>([]);
const asked = shallowRef<Asked>();
const why = ref('');
const current = (entry: Entry): Entry['versions'][number] | undefined =>
    entry.versions.find(({ in_force }) => in_force) ?? entry.versions[0];

const { loaded, again } = useLoad(async () => {
    const [checklists, all] = await Promise.all([listShelf('checklist'), listShelf('vehicle')]);
    const found = checklists.find(({ slug }) => slug === props.slug);
    const version = found === undefined ? undefined : current(found);
    if (found === undefined || version === undefined) throw new Error('There is no checklist of this name here.');
    vehicles.value = all.map((one) => ({ value: current(one)?.id ?? 0, label: one.name }));
    vehicle.value = vehicles.value[0]?.value ?? null;
    return { name: found.name, id: version.id };
});

watch([loaded, vehicle, form], async ([state]) => {
    if (state.state !== 'ready' || vehicle.value === null) return;
    why.value = '';
    try {
        asked.value = await readAsked(state.data.id, vehicle.value, form.value);
    } catch (error) {
        why.value = wordsOf(error);
    }
});

/** Places of a section, in walking order. */
const sections = computed(() =>
    (asked.value?.inspection.sections ?? []).map((section) => ({
        section,
        places: (asked.value?.inspection.places ?? []).filter((place) => place.section === section.id),
    })),
);
/** Parts left out for one reason stand together. */
const reasons = computed(() => {
    const by = new Map<string, Map<string, string[]>>();
    for (const { name, stop, reason } of asked.value?.left_out ?? []) {
        const names = by.get(reason) ?? new Map<string, string[]>();
        names.set(name, [...(names.get(name) ?? []), stop]);
        by.set(reason, names);
    }
    const said = (names: Map<string, string[]>): string[] =>
        [...names].map(([name, stops]) => (stops.length > 1 ? `${name} (${stops.join(', ')})` : name));
    return [...by].map(([reason, names]) => [reason, said(names)] as const);
});
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <main class="page">
                <p><RouterLink to="/library">Checklists and vehicles</RouterLink></p>
                <h1>What does {{ data.name }} ask?</h1>
                <div class="choose">
                    <label
                        >of the vehicle
                        <NamedSelect
                            v-model:value="vehicle"
                            :options="vehicles"
                            :input-props="{ 'aria-label': 'Vehicle' }"
                    /></label>
                    <label v-if="asked && asked.forms.length > 0"
                        >in the form
                        <NamedSelect
                            v-model:value="form"
                            clearable
                            placeholder="all of them"
                            :options="asked.forms"
                            :input-props="{ 'aria-label': 'Form' }"
                    /></label>
                </div>
                <p v-if="why" role="alert" class="alert">{{ why }}</p>
                <template v-if="asked">
                    <p>
                        {{ asked.inspection.item_count }} items{{
                            asked.forms.length > 0 && form === null ? ' in all forms; nobody is asked all of them' : ''
                        }}. {{ asked.left_out.length }} parts are not asked here; why stands at the end.
                    </p>
                    <section v-for="{ section, places } in sections" :key="section.id">
                        <h2>{{ section.name }}</h2>
                        <template v-for="place in places" :key="place.id">
                            <h3 class="quiet">{{ place.name }}</h3>
                            <ul>
                                <AskedItem v-for="item in place.items" :key="item.id" :item="item" />
                            </ul>
                        </template>
                    </section>
                    <section v-if="reasons.length > 0" data-test="left-out">
                        <h2>What is not asked of it, and why?</h2>
                        <dl>
                            <template v-for="[reason, names] in reasons" :key="reason">
                                <dt>{{ reason }}</dt>
                                <dd>{{ names.join(', ') }}</dd>
                            </template>
                        </dl>
                    </section>
                </template>
            </main>
        </template>
    </LoadState>
</template>

<style scoped>
.choose {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(240px, 420px));
    gap: var(--space-5);
}
h3 {
    font-size: var(--size-quiet);
    margin-top: var(--space-4);
}
ul {
    list-style: none;
    margin: 0;
    padding: 0;
}
dt {
    font-weight: 700;
}
dt::first-letter {
    text-transform: uppercase;
}
dd {
    margin: 0 0 var(--space-4);
}
</style>
