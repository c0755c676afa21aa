/* Right and down, one step. */
export const WAYS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

/* The way an arrow key points, right and down; it then does nothing else. Undefined for other keys. */
export const arrow = (event) => {
    const way = WAYS[event.key];
    if (way) {
        event.preventDefault();
        event.stopPropagation();
    }

    return way;
};
