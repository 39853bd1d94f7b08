import assert from 'node:assert/strict';
import { test } from 'node:test';
import { Places } from '../board/tools/places.js';

/** A board whose server takes its time to read a length. */
function slowBoard() {
    let answer;
    return {
        read: (mm) => answer(mm),
        forms: {
            millimetres: () =>
                new Promise((resolve) => {
                    answer = resolve;
                }),
        },
        planPoint: (event) => event,
        snapping: { snap: (point) => ({ ...point, word: '' }) },
        lengths: { rounded: String },
        ghost: { draw() {}, clear() {} },
    };
}

const at = (x, y) => /** @type {MouseEvent} */ (/** @type {unknown} */ ({ x, y, altKey: false }));

function typing(tool, text) {
    tool.reading = tool.typed(text).finally(() => {
        tool.reading = null;
    });
    return tool.reading;
}

test('what is pointed at while a length is being read comes after it', async () => {
    const board = slowBoard();
    const tool = new Places(/** @type {any} */ (board), 'guard', 'guard', '', () => ({}));
    tool.click(at(0, 0));
    tool.hover(/** @type {PointerEvent} */ (at(2000, 0)));
    const read = typing(tool, '1500');
    tool.click(at(1500, 3000));
    assert.deepEqual(tool.places.map(Places.text), ['0,0']);
    board.read(1500);
    await read;
    await null;
    assert.deepEqual(tool.places.map(Places.text), ['0,0', '1500,0', '1500,3000']);
});

test('enter on the last place ends it once the length before it is read', async () => {
    const board = slowBoard();
    const tool = new Places(/** @type {any} */ (board), 'guard', 'guard', '', () => ({}));
    let drawn = [];
    tool.finish = () => {
        drawn = tool.places.map(Places.text);
    };
    tool.click(at(0, 0));
    tool.hover(/** @type {PointerEvent} */ (at(1500, 0)));
    const read = typing(tool, '1500');
    tool.enter();
    board.read(1500);
    await read;
    await null;
    assert.deepEqual(drawn, ['0,0', '1500,0']);
});
