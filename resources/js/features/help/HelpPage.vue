<script setup lang="ts">
import TextField from '@/shared/TextField.vue';
import { computed, ref } from 'vue';
import { found, topics } from './topics';

/* What do I do here? One page per task; a picture from the made-up school. */
const props = defineProps<{ id?: string }>();
const words = ref('');
const topic = computed(() => topics.find(({ id }) => id === props.id));
const listed = computed(() => found(words.value));
const pictures = import.meta.glob<string>('/docs/screenshots/*.png', { query: '?url', import: 'default' });
const picture = ref<string>();
async function show(name: string | undefined): Promise<void> {
    picture.value = name === undefined ? undefined : await pictures[`/docs/screenshots/${name}.png`]?.();
}
void show(topic.value?.picture);
</script>

<template>
    <main class="page">
        <article v-if="topic" :key="topic.id" data-test="topic">
            <h1>{{ topic.title }}</h1>
            <p>{{ topic.about }}</p>
            <ol>
                <li v-for="step in topic.steps" :key="step">{{ step }}</li>
            </ol>
            <p v-for="one in topic.more ?? []" :key="one" class="quiet">{{ one }}</p>
            <img v-if="picture" :src="picture" :alt="`The screen of: ${topic.title}`" loading="lazy" />
            <RouterLink :to="{ name: 'help' }">All topics</RouterLink>
        </article>
        <template v-else>
            <h1>What would you like to do?</h1>
            <TextField v-model="words" label="Find by a word" />
            <p v-if="listed.length === 0">Nothing has all these words. Try one of them.</p>
            <ul class="figure-list" data-test="topics">
                <li v-for="one in listed" :key="one.id">
                    <RouterLink :to="{ name: 'help', params: { id: one.id } }">{{ one.title }}</RouterLink>
                    <span class="quiet">{{ one.about }}</span>
                </li>
            </ul>
            <p class="quiet">“?” on any screen opens what that screen is about.</p>
        </template>
    </main>
</template>

<style scoped>
article {
    display: grid;
    gap: var(--space-5);
    justify-items: start;
}
ol {
    margin: 0;
    padding-left: 1.4em;
    max-width: 68ch;
}
ol li {
    padding: var(--space-2) 0;
}
img {
    width: min(100%, 820px);
    border: 2px solid var(--line);
    border-radius: var(--round-middle);
}
li a {
    font-weight: 700;
}
@media (max-width: 700px) {
    li {
        display: block;
    }
}
</style>
