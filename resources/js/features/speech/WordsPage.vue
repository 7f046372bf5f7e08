<script setup lang="ts">
import LoadState from '@/shared/LoadState.vue';
import { minutes } from '@/shared/format';
import { useLoad } from '@/shared/useLoad';
import { LEAD_MS, useWalkSound } from '@/shared/sound/play/useWalkSound';
import WalkSound from '@/shared/sound/play/WalkSound.vue';
import type { Suggestion } from '@/shared/speech/api';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import AcceptMany from './AcceptMany.vue';
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

const sound = useWalkSound(props.id);
const momentOf = (one: Suggestion): number => one.evidence[0]?.at_ms ?? 0;
const moments = computed(() =>
    suggestions.value.flatMap((one) => (one.item === null ? [] : [{ item: one.key, at_ms: momentOf(one) }])),
);

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

function heardSound(): void {
    adding.value = false;
    void again();
    void sound.again();
}

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
                    @heard="heardSound"
                />
                <template v-if="words">
                    <AcceptMany
                        v-if="mayMark"
                        v-model:threshold="threshold"
                        v-model:only="only"
                        :above="above.length"
                        :busy="busy"
                        :may-close="suggestions.length > open.length"
                        @accept="spoken.accept(above)"
                        @other="adding = !adding"
                        @close="router.push({ name: 'walk', params: { id }, query: { finish: '1' } })"
                    />
                    <WalkSound :attempt="id" :walk-ms="words.end_ms" :marks="moments" :sound="sound" />
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
                                    :may-hear="sound.playable.value.length > 0"
                                    @choose="chosen = one.key"
                                    @hear="sound.playFrom(Math.max(0, momentOf(one) - LEAD_MS))"
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
}
</style>
