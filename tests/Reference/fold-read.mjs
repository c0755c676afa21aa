/* Reads FOLD files (a JSON list on standard input) as fold and rabbit-ear (npm) do, and says what they make of them. */

import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import ear from 'rabbit-ear';

const require = createRequire(import.meta.url);
const FOLD = require('fold');

const copy = (value) => JSON.parse(JSON.stringify(value));
const pattern = ({ vertices_coords, edges_vertices, edges_assignment, faces_vertices }) => copy({ vertices_coords, edges_vertices, edges_assignment, faces_vertices });

/* The panels round which the edges run, without the outside: found anew, from vertices and edges alone. */
const facesFound = (fold) => {
    const graph = FOLD.convert.edges_vertices_to_faces_vertices({ vertices_coords: copy(fold.vertices_coords), edges_vertices: copy(fold.edges_vertices) });
    const area = (loop) => loop.reduce((sum, vertex, k) => {
        const [ax, ay] = graph.vertices_coords[vertex];
        const [bx, by] = graph.vertices_coords[loop[(k + 1) % loop.length]];
        return sum + ax * by - ay * bx;
    }, 0);
    return graph.faces_vertices.filter((loop) => area(loop) > 1e-6).length;
};

/* Panels joined only across scores, so that what lies beside a slit has points of its own. */
const cutApart = (fold) => {
    const parent = new Map();
    const find = (key) => (parent.get(key) === key ? key : find(parent.get(key)));
    fold.faces_vertices.forEach((face, f) => face.forEach((vertex) => parent.set(`${f}:${vertex}`, `${f}:${vertex}`)));
    fold.edges_vertices.forEach(([a, b], edge) => {
        if (!['M', 'V', 'U'].includes(fold.edges_assignment[edge])) {
            return;
        }
        const beside = fold.faces_vertices.map((face, f) => [face, f]).filter(([face]) => face.includes(a) && face.includes(b)).map(([, f]) => f);
        if (beside.length === 2) {
            [a, b].forEach((vertex) => parent.set(find(`${beside[0]}:${vertex}`), find(`${beside[1]}:${vertex}`)));
        }
    });
    const number = new Map();
    const coords = [];
    const faces = fold.faces_vertices.map((face, f) => face.map((vertex) => {
        const key = find(`${f}:${vertex}`);
        if (!number.has(key)) {
            number.set(key, coords.length);
            coords.push(fold.vertices_coords[vertex]);
        }
        return number.get(key);
    }));
    return { vertices_coords: coords, faces_vertices: faces };
};

/* Folded flat by the library: every panel with the coordinates of its corners. */
const folded = (fold, root) => {
    const graph = cutApart(fold);
    FOLD.convert.faces_vertices_to_edges(graph);
    FOLD.convert.flatFoldedGeometry(graph, root);
    return graph.faces_vertices.map((face) => face.map((vertex) => graph.vertices_flatFoldCoords[vertex]));
};

const attempt = (work) => {
    try {
        return work();
    } catch (error) {
        return String(error);
    }
};

console.log(JSON.stringify(JSON.parse(readFileSync(0, 'utf8')).map(({ fold, root }) => ({
    vertices: FOLD.filter.numVertices(fold),
    edges: FOLD.filter.numEdges(fold),
    faces: FOLD.filter.numFaces(fold),
    facesFound: attempt(() => facesFound(fold)),
    assignments: Object.fromEntries(['B', 'M', 'V', 'U', 'C'].map((letter) => [letter, fold.edges_assignment.filter((each) => each === letter).length])),
    earEdges: ear.graph.countEdges(pattern(fold)),
    earFaces: ear.graph.countFaces(pattern(fold)),
    kawasaki: attempt(() => ear.singleVertex.verticesFlatFoldabilityKawasaki(pattern(fold))),
    maekawa: attempt(() => ear.singleVertex.verticesFlatFoldabilityMaekawa(pattern(fold))),
    folded: attempt(() => folded(fold, root)),
}))));
