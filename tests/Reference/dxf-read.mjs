/* Reads a DXF file from standard input as dxf-parser (npm) does and writes its entities by layer. */

import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';

const Parser = createRequire(import.meta.url)('dxf-parser').default ?? createRequire(import.meta.url)('dxf-parser');
const drawing = new Parser().parseSync(readFileSync(0, 'utf8'));
console.log(JSON.stringify({
    layers: Object.keys(drawing.tables.layer.layers),
    entities: drawing.entities.map((entity) => ({
        layer: entity.layer,
        type: entity.type,
        points: (entity.vertices ?? [entity.startPoint]).map(({ x, y }) => [x, y]),
        text: entity.text ?? null,
    })),
}));
