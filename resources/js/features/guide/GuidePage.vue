<script setup lang="ts">
import LoadState from '@/shared/LoadState.vue';
import VehiclePlan from '@/shared/plan/VehiclePlan.vue';
import { readReadiness } from '@/shared/progress/api';
import TapButton from '@/shared/TapButton.vue';
import { useLoad } from '@/shared/useLoad';
import { useLookAgain } from '@/shared/useLookAgain';
import GuideItem from './GuideItem.vue';

/* The whole walk in words, in walking order, with the student's own weak parts marked; on paper as well. */
const props = defineProps<{ id: number }>();
const asked = useLoad(() => readReadiness(props.id));
const { loaded, again } = asked;
useLookAgain(asked, ({ is_fitting: isFitting }) => isFitting);
// The page's own command: the browser prints.
const print = (): void => window.print();
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <main class="page">
                <header class="head">
                    <h1>What do I say on the whole walk?</h1>
                    <p>
                        {{ data.vehicle }}, by {{ data.checklist }}: {{ data.inspection.item_count }} parts in the order
                        of the walk. A thick bar marks what you would still miss.
                    </p>
                    <p class="quiet">
                        Chock the wheels before you release the brakes; set them and take the key before you look
                        underneath. The state's current manual and the examiner come first.
                    </p>
                    <div class="acts no-print"><TapButton @click="print">Print it</TapButton></div>
                </header>
                <VehiclePlan :inspection="data.inspection" />
                <section v-for="place in data.inspection.places" :key="place.id">
                    <h2>{{ place.name }}</h2>
                    <ol>
                        <GuideItem
                            v-for="item in place.items"
                            :key="item.id"
                            :item="item"
                            :mastery="data.items.find((one) => one.item === item.id)"
                            :mistake="data.mistakes.find((one) => one.item === item.id)?.said"
                        />
                    </ol>
                </section>
            </main>
        </template>
    </LoadState>
</template>

<style scoped>
.head {
    display: grid;
    gap: var(--space-4);
}
ol {
    margin: 0;
    padding: 0;
    list-style: none;
}
section {
    break-inside: avoid-page;
}
</style>
