import { execFileSync } from 'node:child_process';
import type { TestProject } from 'vitest/node';
import type { Vocabulary } from '../../resources/studio/api/types';

declare module 'vitest' {
    export interface ProvidedContext {
        vocabulary: Vocabulary;
    }
}

/** What the studio gets is what PHP says, in tests as well. */
export default function setup(project: TestProject): void {
    project.provide('vocabulary', JSON.parse(execFileSync('php', ['tests/Studio/vocabulary.php'], { encoding: 'utf8' })) as Vocabulary);
}
