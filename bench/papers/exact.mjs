/* The least cost of papering puzzles as HiGHS finds it: reads a list of puzzles, writes a list of costs (null where there is no answer). */

import { readFileSync } from 'node:fs';
import loader from 'highs';

const highs = await loader();
const solve = ({ wants, looks, offers, pairs, back }) => {
    const objective = [];
    const rows = [];
    const whole = [];
    const general = [];
    const x = (want, look) => `x${want}_${look}`;
    const cost = (value, name) => value !== 0 && objective.push(`${value} ${name}`);
    wants.forEach(({ allowed, alone }, want) => {
        rows.push(allowed.map((look) => x(want, look)).join(' + ') + ' = 1');
        allowed.forEach((look) => { whole.push(x(want, look)); cost(alone[look], x(want, look)); });
    });
    pairs.forEach(({ one, other, table }, pair) => wants[one].allowed.forEach((a) => wants[other].allowed.forEach((b) => {
        if (table[a][b] > 0) {
            const y = `y${pair}_${a}_${b}`;
            rows.push(`${y} - ${x(one, a)} - ${x(other, b)} >= -1`);
            cost(table[a][b], y);
        }
    })));
    offers.forEach(({ there, sheet, shares }, offer) => {
        const of = wants.flatMap(({ allowed }, want) => allowed.filter((look) => looks[look] === offer).map((look) => [want, look]));
        if (of.length === 0) return;
        const load = of.map(([want, look]) => `${shares[want]} ${x(want, look)}`).join(' + ');
        rows.push(`${load} - z${offer} <= 0.000001`);
        rows.push(`z${offer} <= ${there}`);
        general.push(`z${offer}`);
        cost(sheet, `z${offer}`);
        if (back === 0) return;
        const openings = new Map();
        of.forEach(([want, look]) => openings.set(wants[want].opening, [...(openings.get(wants[want].opening) ?? []), x(want, look)]));
        const seen = [...openings].map(([opening, names]) => {
            const s = `s${offer}_${opening}`;
            rows.push(`${s} - ${names.join(' - ')} <= 0`);
            whole.push(s);
            names.forEach((name) => rows.push(`u${offer} - ${name} >= 0`));
            return s;
        });
        rows.push(`2 t${offer} - ${seen.join(' - ')} <= 0`);
        rows.push(`r${offer} - u${offer} + t${offer} >= 0`);
        whole.push(`u${offer}`, `t${offer}`);
        cost(back, `r${offer}`);
    });
    const model = `Minimize\n obj: ${objective.length > 0 ? objective.join(' + ') : `0 ${whole[0]}`}\nSubject To\n`
        + rows.map((row, index) => ` c${index}: ${row}`).join('\n') + `\nBinary\n ${whole.join(' ')}\n`
        + (general.length > 0 ? `General\n ${general.join(' ')}\n` : '') + 'End\n';
    const answer = highs.solve(model, { mip_rel_gap: 0 });
    return answer.Status === 'Optimal' ? Math.round(answer.ObjectiveValue) : null;
};
console.log(JSON.stringify(JSON.parse(readFileSync(0, 'utf8')).map(solve)));
