// Holds the description of the interface against what OpenAPI asks of one: prints a line for each fault.
import { createConfig, lint } from '@redocly/openapi-core';

const config = await createConfig({ extends: ['recommended'] });
const faults = await lint({ ref: process.argv[2], config });
for (const fault of faults) {
    console.log(`${fault.severity} ${fault.ruleId} ${fault.location?.[0]?.pointer ?? ''} ${fault.message}`);
}
