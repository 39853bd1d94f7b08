// @ts-check

/**
 * Follows a pointer that was pressed until it is let go; Escape, a second finger or the system takes the drag back.
 *
 * @param {{move: (event: PointerEvent) => void, drop: (event: PointerEvent) => void, leave?: () => void}} on
 */
export function follow({ move, drop, leave = () => {} }) {
    const ended = new AbortController();
    const { signal } = ended;
    addEventListener('pointermove', move, { signal });
    addEventListener(
        'pointerup',
        (event) => {
            ended.abort();
            drop(event);
        },
        { signal },
    );
    const back = () => {
        ended.abort();
        leave();
        swallowClick();
    };
    addEventListener('pointercancel', back, { signal });
    addEventListener(
        'keydown',
        (event) => {
            if (event.key !== 'Escape') return;
            event.stopPropagation();
            back();
        },
        { signal, capture: true },
    );
}

/** Where the pointer is let go after a drag that was taken back, nothing is meant. */
function swallowClick() {
    const done = new AbortController();
    const options = { signal: done.signal, capture: true };
    addEventListener(
        'click',
        (event) => {
            event.stopPropagation();
            event.preventDefault();
            done.abort();
        },
        options,
    );
    addEventListener('pointerdown', () => done.abort(), options);
}
