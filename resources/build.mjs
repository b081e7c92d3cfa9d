// Builds public/build from resources/: one style sheet, one script, the fonts. Run by `npm run build`.

import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { cpSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { build } from 'esbuild';

const out = process.argv[2] ?? 'public/build';
rmSync(out, { recursive: true, force: true });
mkdirSync(`${out}/fonts`, { recursive: true });

const fonts = {
    'atkinson.woff2':
        'node_modules/@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2',
    'bricolage.woff2': 'node_modules/@fontsource/bricolage-grotesque/files/bricolage-grotesque-latin-600-normal.woff2',
};
for (const [name, from] of Object.entries(fonts)) cpSync(from, `${out}/fonts/${name}`);

execFileSync('node_modules/.bin/tailwindcss', ['-i', 'resources/css/app.css', '-o', `${out}/app.css`, '--minify'], {
    stdio: ['ignore', 'ignore', 'inherit'],
});
for (const name of ['early', 'app', 'sw', 'qr', 'place', 'chart', 'scan'])
    await build({
        entryPoints: [`resources/js/${name}.js`],
        bundle: true,
        minify: true,
        format: 'iife',
        target: 'es2022',
        outfile: `${out}/${name}.js`,
        logLevel: 'warning',
    });

// What pages put behind the file names, so that browsers keep them until they change.
const sign = createHash('sha256');
for (const name of ['app.css', 'early.js', 'app.js', 'sw.js', 'qr.js', 'place.js', 'chart.js', 'scan.js'])
    sign.update(readFileSync(`${out}/${name}`));
writeFileSync(`${out}/version`, `${sign.digest('hex').slice(0, 12)}\n`);
