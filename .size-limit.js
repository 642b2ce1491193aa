import { readFileSync } from 'node:fs';

/** KB gzipped that a browser fetches: for a page as the first that is opened, and for a page from another. */
const FIRST = { 'account/SignIn': 120, 'moments/Bench': 165 };
const LATER = 60;

const manifest = JSON.parse(readFileSync(new URL('public/build/manifest.json', import.meta.url), 'utf8'));

/** The files of a module and of all that it imports. */
function filesOf(module, seen = new Set()) {
  if (!seen.has(module)) {
    seen.add(module);
    manifest[module].imports?.forEach((imported) => filesOf(imported, seen));
  }
  return [...seen].map((one) => manifest[one].file);
}

const shell = filesOf('resources/js/app.tsx');
const PAGES = 'resources/js/pages/';

function limit(name, files, kb) {
  return { name, path: files.map((file) => `public/build/${file}`), gzip: true, limit: `${kb} kB` };
}

export default [
  ...Object.entries(FIRST).map(([page, kb]) => limit(`${page}, as the first page`, [...new Set([...shell, ...filesOf(`${PAGES}${page}.tsx`)])], kb)),
  ...Object.keys(manifest)
    .filter((module) => module.startsWith(PAGES))
    .map((module) => limit(module.slice(PAGES.length, -'.tsx'.length), filesOf(module).filter((file) => !shell.includes(file)), LATER)),
];
