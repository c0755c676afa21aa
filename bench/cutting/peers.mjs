/* Reads cutting tasks as JSON lines and writes, for each, the sheets that general packers need: `{"guillotine": 7, "maxrects": 7, "binpacking": 8}`. */

import { createInterface } from 'node:readline';
import guillotine from 'guillotine-packer';
import { pack2D } from 'binpackingjs/2d';
import { MaxRectsPacker } from 'maxrects-packer/dist/maxrects-packer.mjs';

const safely = (pack) => {
    try {
        return pack();
    } catch {
        return null;
    }
};

const single = (task) => task.pieces.flatMap(([width, height, count]) => Array.from({ length: count }, () => ({ width, height })));

for await (const line of createInterface({ input: process.stdin })) {
    const task = JSON.parse(line);
    const [width, height] = task.sheet;
    const pieces = single(task);
    console.log(JSON.stringify({
        guillotine: safely(() => guillotine.packer(
            { binWidth: width, binHeight: height, items: pieces.map((piece, index) => ({ ...piece, name: String(index) })) },
            { kerfSize: 0, allowRotation: task.turnable },
        ).length),
        maxrects: safely(() => {
            const packer = new MaxRectsPacker(width, height, 0, { smart: false, pot: false, square: false, allowRotation: task.turnable });
            packer.addArray(pieces);
            return packer.bins.length;
        }),
        binpacking: safely(() => {
            const result = pack2D({
                bins: Array.from({ length: pieces.length }, () => ({ width, height })),
                boxes: pieces.map((piece) => ({ ...piece, constrainRotation: !task.turnable })),
            });
            return result.unpackedBoxes.length > 0 ? null : result.packedBins.filter((bin) => bin.boxes.length > 0).length;
        }),
    }));
}
