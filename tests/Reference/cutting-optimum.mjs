/* Reads `{wanted: [..], patterns: [[..], ..]}`, writes the least number of patterns as HiGHS finds it: `{"lp": 6.5, "ilp": 7}`. */

import { readFileSync } from 'node:fs';
import loader from 'highs';

const { wanted, patterns } = JSON.parse(readFileSync(0, 'utf8'));
const highs = await loader();
const names = patterns.map((_, index) => `x${index}`);
const rows = wanted.map((count, kind) => {
    const terms = patterns.flatMap((pattern, index) => (pattern[kind] > 0 ? [`${pattern[kind]} ${names[index]}`] : []));
    return ` c${kind}: ${terms.join(' + ')} >= ${count}`;
});
const model = (whole) => `Minimize\n obj: ${names.join(' + ')}\nSubject To\n${rows.join('\n')}\n${whole ? `General\n ${names.join(' ')}\n` : ''}End\n`;
const least = (whole) => highs.solve(model(whole)).ObjectiveValue;
console.log(JSON.stringify({ lp: least(false), ilp: Math.round(least(true)) }));
