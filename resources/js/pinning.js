/* A piece on a sheet drawn to the motif it is to get: dropped, its place goes into the form, and the server plans round it. */

import { millimetres } from './placing.js';

const SLACK = 2;

export const pinning = (root) => {
    let held = null;

    root.addEventListener('pointerdown', (event) => {
        const piece = event.target.closest('.pattern .blank');
        if (!piece || event.button !== 0 || !root.getElementById('pin-form')) {
            return;
        }
        const svg = piece.ownerSVGElement;
        held = { piece, svg, from: millimetres(svg, event), dx: 0, dy: 0 };
        piece.setPointerCapture(event.pointerId);
    });

    root.addEventListener('pointermove', (event) => {
        if (!held) {
            return;
        }
        const now = millimetres(held.svg, event);
        held.dx = now.x - held.from.x;
        held.dy = now.y - held.from.y;
        held.piece.setAttribute('transform', `translate(${held.dx} ${held.dy})`);
    });

    const drop = () => {
        const { piece, dx, dy } = held;
        held = null;
        piece.removeAttribute('transform');
        if (Math.hypot(dx, dy) < SLACK) {
            return;
        }
        const sheet = piece.closest('[data-pin-sheet]');
        const paper = piece.querySelector('rect');
        const parts = JSON.parse(root.getElementById('pins').dataset.parts);
        const step = Number(sheet.dataset.pinStep);
        const place = (at, moved) => `${Number((Math.max(0, Math.round((Number(at) + moved) / step)) * step).toFixed(6))} mm`;
        root.getElementById('pin-part').value = parts[piece.dataset.letter.split('·')[0]];
        root.getElementById('pin-sheet').value = sheet.dataset.pinSheet;
        root.getElementById('pin-left').value = place(paper.getAttribute('x'), dx);
        root.getElementById('pin-top').value = place(paper.getAttribute('y'), dy);
        root.getElementById('pin-turned').checked = piece.dataset.turned === '1';
        root.getElementById('pin-form').requestSubmit();
    };

    root.addEventListener('pointerup', () => held && drop());
    root.addEventListener('pointercancel', () => {
        held?.piece.removeAttribute('transform');
        held = null;
    });
};
