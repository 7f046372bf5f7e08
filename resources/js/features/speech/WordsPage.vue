<script setup lang="ts">
import LoadState from '@/shared/LoadState.vue';
import { minutes } from '@/shared/format';
import { useLoad } from '@/shared/useLoad';
import { NButton } from 'naive-ui';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import AddSound from './AddSound.vue';
import AddWords from './AddWords.vue';
import CaptionText from './CaptionText.vue';
import HeardRow from './HeardRow.vue';
import { useWords } from './useWords';

/* What do the words of this walk contain, and which of it counts? */
const props = defineProps<{ id: string }>();
const router = useRouter();
const spoken = useWords(props.id);
const { words, items, busy, why } = spoken;
const { loaded, again } = useLoad(spoken.open);

const threshold = ref(80);
const chosen = ref<string>();
const only = ref<'open' | 'all'>('open');
const adding = ref(false);

const suggestions = computed(() => words.value?.suggestions ?? []);
const open = computed(() => suggestions.value.filter(({ state }) => state === 'open'));
const above = computed(() =>
    open.value.filter(({ confidence, maybe }) => !maybe && confidence * 100 >= threshold.value),
);
const rows = computed(() =>
    only.value === 'all'
        ? suggestions.value
        : suggestions.value.filter(({ state, key }) => state === 'open' || key === chosen.value),
);
const count = (state: string): number => suggestions.value.filter((one) => one.state === state).length;
const mayMark = computed(
    () => spoken.attempt.value?.may_mark === true && spoken.attempt.value.sheet.finished === false,
);
const unheard = computed(() => {
    const heard = new Set(suggestions.value.map(({ item }) => item));
    return [...items.value.values()].filter((item) => !heard.has(item.id)).length;
});

async function add(name: string, content: string): Promise<void> {
    await spoken.add(name, content);
    if (why.value === '') adding.value = false;
}
</script>

<template>
    <LoadState :loaded="loaded" @again="again">
        <template #default="{ data }">
            <main class="page">
                <header>
                    <h1>What did {{ data.card.student }} say?</h1>
                    <p v-if="words">
                        {{ suggestions.filter(({ maybe }) => !maybe).length }} items heard in
                        {{ minutes(words.end_ms) }} of words; {{ open.length }} wait for you,
                        {{ count('accepted') }} accepted, {{ count('marked') }} marked by hand,
                        {{ count('rejected') }} rejected. Of {{ unheard }} items nothing was heard.
                    </p>
                    <p v-else>
                        Add the captions of the walk. Pasada looks for the parts and statements in them and shows the
                        words it found them in. Nothing is marked before you accept it.
                    </p>
                    <p class="quiet">
                        Captions mishear, and so does Pasada: what you marked yourself always stands.
                        <RouterLink :to="{ name: mayMark ? 'walk' : 'result', params: { id } }">{{
                            mayMark ? 'To the scoring screen' : 'To the result'
                        }}</RouterLink>
                    </p>
                </header>
                <p v-if="why" role="alert" class="alert">{{ why }}</p>
                <p v-for="warning in words?.warnings ?? []" :key="warning" role="status" class="alert">{{ warning }}</p>
                <AddWords
                    v-if="mayMark && (!words || adding)"
                    :busy="busy"
                    :replaces="words !== undefined"
                    @add="add"
                />
                <AddSound
                    v-if="mayMark && (!words || adding)"
                    :attempt="id"
                    :may-record="spoken.attempt.value?.may_record === true"
                    @heard="((adding = false), again())"
                />
                <template v-if="words">
                    <section v-if="mayMark" class="bar" aria-label="Accept many">
                        <label class="slide"
                            ><span
                                >At least <strong class="numeral">{{ threshold }}%</strong> sure</span
                            >
                            <input v-model.number="threshold" type="range" min="40" max="98" step="2" />
                        </label>
                        <NButton
                            type="primary"
                            size="large"
                            data-test="accept-above"
                            :disabled="above.length === 0 || busy !== ''"
                            @click="spoken.accept(above)"
                            >Accept {{ above.length }}</NButton
                        >
                        <NButton size="large" @click="only = only === 'all' ? 'open' : 'all'">{{
                            only === 'all' ? 'Show open proposals' : 'Show all'
                        }}</NButton>
                        <NButton size="large" quaternary @click="adding = !adding">Other captions</NButton>
                        <NButton
                            size="large"
                            quaternary
                            data-test="close-walk"
                            :disabled="busy !== '' || suggestions.length === open.length"
                            @click="router.push({ name: 'walk', params: { id }, query: { finish: '1' } })"
                            >Close the walk</NButton
                        >
                        <span v-if="busy" role="status" class="quiet">{{ busy }}</span>
                    </section>
                    <div class="two">
                        <CaptionText :words="words" :chosen="chosen" @choose="(key) => (chosen = key)" />
                        <div>
                            <p v-if="rows.length === 0" class="quiet">
                                {{
                                    suggestions.length === 0
                                        ? 'No part of this checklist was heard in these words.'
                                        : 'Nothing waits: all proposals are settled.'
                                }}
                            </p>
                            <ul>
                                <HeardRow
                                    v-for="one in rows"
                                    :key="one.key"
                                    :one="one"
                                    :item="one.item === null ? undefined : items.get(one.item)"
                                    :chosen="one.key === chosen"
                                    :may-mark="mayMark"
                                    :busy="busy !== ''"
                                    :items="items"
                                    @choose="chosen = one.key"
                                    @accept="spoken.accept([one])"
                                    @accept-with="(item, points) => spoken.acceptWith(one, item, points)"
                                    @turn="(down) => spoken.turn([one], down)"
                                />
                            </ul>
                        </div>
                    </div>
                    <section v-if="words.wrong.length > 0">
                        <h2>Wrong figures</h2>
                        <p v-for="wrong in words.wrong" :key="wrong">{{ wrong }}</p>
                    </section>
                    <section v-if="words.off_list.length > 0">
                        <h2>Off-topic talk</h2>
                        <p v-for="(one, n) in words.off_list.slice(0, 12)" :key="n">
                            <span class="numeral">{{ minutes(one.from_ms) }}</span> {{ one.text }}
                        </p>
                    </section>
                </template>
            </main>
        </template>
    </LoadState>
</template>

<style scoped>
.bar {
    display: flex;
    flex-wrap: wrap;
    gap: var(--space-5);
    align-items: center;
    position: sticky;
    top: 0;
    z-index: 2;
    background: var(--paper);
    padding: var(--space-3) 0;
    border-bottom: 2px solid var(--line);
}
.slide {
    display: grid;
    gap: var(--space-1);
    width: 240px;
}
.slide input {
    width: 100%;
    min-height: 36px;
    accent-color: var(--strong);
}
.two {
    display: grid;
    grid-template-columns: minmax(0, 4fr) minmax(0, 7fr);
    gap: var(--space-8);
    align-items: start;
}
ul {
    list-style: none;
    margin: 0;
    padding: 0;
    display: grid;
    gap: var(--space-1);
}
@media (max-width: 900px) {
    .two {
        grid-template-columns: 1fr;
    }
    .bar {
        position: static;
    }
}
</style>
