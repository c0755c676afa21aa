/* Colours as an independent library sees them: their Lab, how far each is from the next, and the distances of given Lab pairs. */
import { converter, differenceCiede2000 } from 'culori';
import { readFileSync } from 'node:fs';

const [colours, pairs] = JSON.parse(readFileSync(0, 'utf8'));
const toLab = converter('lab65');
const labs = colours.map((colour) => toLab(colour));
const distance = differenceCiede2000();
const lab = (l, a, b) => ({ mode: 'lab65', l, a, b });

console.log(JSON.stringify([
    labs.map(({ l, a, b }) => [l, a ?? 0, b ?? 0]),
    labs.map((one, index) => distance(one, labs[(index + 1) % labs.length])),
    pairs.map(([l1, a1, b1, l2, a2, b2]) => distance(lab(l1, a1, b1), lab(l2, a2, b2))),
]));
