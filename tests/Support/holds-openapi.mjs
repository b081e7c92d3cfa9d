// Holds answers against the description of the interface: one JSON array of [schema, answer]; prints a line for each fault.
import { readFileSync } from 'node:fs';
import Ajv from 'ajv/dist/2020.js';
import formats from 'ajv-formats';

const document = JSON.parse(readFileSync(process.argv[2], 'utf8'));
const ajv = new Ajv.default({ strict: false, allErrors: true });
formats.default(ajv);
ajv.addSchema({ $id: 'api', components: document.components });
for (const [schema, answer] of JSON.parse(readFileSync(process.argv[3], 'utf8'))) {
    const holds = ajv.compile({ $ref: `api#/components/schemas/${schema}`, unevaluatedProperties: false });
    if (!holds(answer)) {
        for (const fault of holds.errors) {
            console.log(`${schema}${fault.instancePath} ${fault.message}`);
        }
    }
}
