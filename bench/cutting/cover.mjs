/* Reads tasks as JSON lines `{pieces: 20, sets: [5, 18, …]}`, sets by their bits, and writes the least number of sets that cover all pieces, as HiGHS finds it. */

import { createInterface } from 'node:readline';
import loader from 'highs';

for await (const line of createInterface({ input: process.stdin })) {
    const { pieces, sets } = JSON.parse(line);
    // One after the other: the solver's memory is not given back.
    const highs = await loader();
    const names = sets.map((_, index) => `x${index}`);
    const rows = Array.from({ length: pieces }, (_, piece) => ` c${piece}: ${names.filter((_, index) => (sets[index] >> piece) & 1).join(' + ')} >= 1`);
    const model = `Minimize\n obj: ${names.join(' + ')}\nSubject To\n${rows.join('\n')}\nBinary\n ${names.join(' ')}\nEnd\n`;
    console.log(JSON.stringify(Math.round(highs.solve(model).ObjectiveValue)));
}
