<script setup lang="ts">
import StateGlyph from '@/shared/glyphs/StateGlyph.vue';
import { states } from '@/shared/glyphs/states';
import { NButton } from 'naive-ui';
import { computed } from 'vue';
import type { Result } from './api';
import type { WalkSound } from '@/shared/sound/play/useWalkSound';

const props = defineProps<{ result: Result; sound: WalkSound }>();

const sections = computed(() =>
    props.result.inspection.sections
        .map((section) => ({
            ...section,
            lessons: props.result.lessons.filter((lesson) => lesson.section === section.id),
        }))
        .filter(({ lessons }) => lessons.length > 0),
);

const named = computed(
    () => new Set(props.result.sheet.outcomes.filter(({ heard }) => heard.length === 1).map(({ item }) => item)),
);

function told(lesson: Result['lessons'][number]): string {
    if (lesson.defect !== null) return `said to be OK; in fact: ${lesson.defect}`;
    if (lesson.carried_from !== null) return `${states[lesson.status].word}, by reference to ${lesson.carried_from}`;
    if (lesson.status === 'whole' || lesson.status === 'carried') return `${states[lesson.status].word}, with a slip`;
    if (lesson.status === 'later_added')
        return `${states[lesson.status].word}; not in time: ${lesson.missing.join(', ')}`;
    if (lesson.status !== 'partial') return states[lesson.status].word;
    return `${named.value.has(lesson.item) ? 'named only' : 'partial'}; not said: ${lesson.missing.join(', ')}`;
}
</script>

<template>
    <p v-if="sections.length === 0">Nothing: every item was complete.</p>
    <details v-for="(section, index) in sections" :key="section.id" :open="index === 0">
        <summary>
            {{ section.name }} <span class="numeral">{{ section.lessons.length }}</span>
        </summary>
        <ul>
            <li v-for="lesson in section.lessons" :key="lesson.item">
                <StateGlyph :state="lesson.status" named />
                <div>
                    <p class="say">“{{ lesson.say }}”</p>
                    <p v-for="correction in lesson.corrections" :key="correction" class="correction">
                        {{ correction }}
                    </p>
                    <p class="quiet">
                        {{ told(lesson) }}
                    </p>
                    <NButton v-if="sound.has(lesson.item)" :data-hear="lesson.item" @click="sound.hear(lesson.item)">{{
                        lesson.status === 'not_reached' ? 'Hear the stretch of its place' : 'Hear it'
                    }}</NButton>
                </div>
            </li>
        </ul>
    </details>
</template>

<style scoped>
details {
    border-bottom: 1px solid var(--line);
}
summary {
    display: flex;
    align-items: center;
    gap: var(--space-5);
    min-height: 52px;
    cursor: pointer;
    font-weight: 700;
}
summary .numeral {
    margin-left: auto;
    font-size: var(--size-title);
}
summary::before {
    content: '+';
    font: 700 var(--size-title) var(--display-face);
    width: 1em;
}
details[open] > summary::before {
    content: '–';
}
ul {
    list-style: none;
    margin: 0 0 var(--space-6);
    padding: 0;
    display: grid;
    gap: var(--space-5);
}
li {
    display: grid;
    grid-template-columns: 28px 1fr;
    gap: var(--space-5);
}
.correction {
    color: var(--lost);
    font-weight: 600;
}
.say {
    max-width: 75ch;
}
</style>
