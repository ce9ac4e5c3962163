// Makes the studio's types of what PHP says its API answers: node bin/types.mjs [FILE]
import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { compile } from 'json-schema-to-typescript';

const file = process.argv[2] ?? 'resources/studio/api/contract.ts';
const contract = JSON.parse(execFileSync('php', ['artisan', 'zinc:contract'], { encoding: 'utf8', maxBuffer: 1 << 24 }));
delete contract.$id;
const types = await compile({ ...contract, title: 'Contract' }, 'Contract', {
    additionalProperties: false,
    unreachableDefinitions: true,
    bannerComment: '// Made by bin/types.mjs of the contract that app/Contract tells. Not to be changed by hand.',
    style: { semi: true, singleQuote: true, tabWidth: 4, printWidth: 160 },
});
// What it says of every definition is noise: where it stands in the schema.
writeFileSync(
    file,
    types
        .replace(/^export interface Contract \{[^}]*\}\n/m, '')
        .replace(
            /\/\*\*\n( \* [^\n]*\n \*\n)? \* This interface was referenced by `Contract`'s JSON-Schema\n \* via the `definition` "[^"]*"\.\n \*\/\n/g,
            (_, told) => (told ? `/** ${told.slice(3, told.indexOf('\n'))} */\n` : ''),
        ),
);
