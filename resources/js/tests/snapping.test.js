import assert from 'node:assert/strict';
import { test } from 'node:test';
import { Snapping } from '../board/snapping.js';

/** Two faces that meet in a corner, and the middle of the wall behind one of them, on a step of 10 mm at 5 mm a pixel. */
function corner() {
    const snapping = new Snapping({ scale: 5 }, 10);
    const line = (word, x1, y1, x2, y2) => ({
        word,
        line: [
            { x: x1, y: y1 },
            { x: x2, y: y2 },
        ],
    });
    snapping.lines = [
        line('face', 0, 0, 4000, 0),
        line('face', 0, 0, 0, 3000),
        line(Snapping.AXIS, -45, -45, 4000, -45),
        line('edge of a fixture', 2000, 500, 2600, 500),
    ];
    return snapping;
}

const near = Snapping.NEAR * 5;

test('a corner is caught before the faces that meet in it', () => {
    assert.deepEqual(corner().snap({ x: 20, y: 15 }), { x: 0, y: 0, word: 'corner' });
});

test('an end is caught up to eleven pixels away, and no farther', () => {
    assert.equal(corner().snap({ x: 4000 + near - 0.01, y: 0 }).word, 'corner');
    assert.notEqual(corner().snap({ x: 4000 + near + 0.01, y: 0 }).word, 'corner');
});

test('a middle is caught before the line', () => {
    assert.deepEqual(corner().snap({ x: 1990, y: 12 }), { x: 2000, y: 0, word: 'middle of a face' });
    assert.deepEqual(corner().snap({ x: 2310, y: 520 }), { x: 2300, y: 500, word: 'middle of a fixture’s edge' });
});

test('a face is caught before the middle of its wall', () => {
    assert.equal(corner().snap({ x: 3000, y: -20 }).word, 'face');
    assert.equal(corner().snap({ x: 3000, y: -40 }).word, Snapping.AXIS);
});

test('nothing of a wall but its faces, where only they are wanted', () => {
    assert.notEqual(corner().snap({ x: 3000, y: -45 }, null, { faces: true }).word, Snapping.AXIS);
});

test('nothing at all where nothing is to be caught', () => {
    assert.deepEqual(corner().snap({ x: 3, y: 14 }, null, { free: true }), { x: 0, y: 10, word: '' });
});

test('a line on a face ends square above where it starts', () => {
    assert.deepEqual(corner().snap({ x: 1500, y: 20 }, { x: 1480, y: 1000 }), { x: 1480, y: 0, word: 'square to a wall' });
});

test('where two lines cross is caught; parallel ones cross nowhere', () => {
    const cross = Snapping.crossings([
        {
            line: [
                { x: 0, y: 0 },
                { x: 10, y: 10 },
            ],
        },
        {
            line: [
                { x: 0, y: 10 },
                { x: 10, y: 0 },
            ],
        },
    ]);
    assert.deepEqual(
        cross.map(({ x, y }) => [x, y]),
        [[5, 5]],
    );
    assert.deepEqual(
        Snapping.crossings([
            {
                line: [
                    { x: 0, y: 0 },
                    { x: 10, y: 0 },
                ],
            },
            {
                line: [
                    { x: 0, y: 1 },
                    { x: 10, y: 1 },
                ],
            },
        ]),
        [],
    );
    assert.deepEqual(
        Snapping.crossings([
            {
                line: [
                    { x: 0, y: 0 },
                    { x: 4, y: 4 },
                ],
            },
            {
                line: [
                    { x: 0, y: 10 },
                    { x: 10, y: 0 },
                ],
            },
        ]),
        [],
    );
});

test('lengths from where a line starts are whole steps', () => {
    let seed = 1;
    const random = () => {
        seed = (seed * 16807) % 2147483647;
        return (seed / 2147483647) * 20000 - 10000;
    };
    for (let times = 0; times < 200; times += 1) {
        const from = { x: random(), y: random() };
        const { x, y } = corner().onGrid({ x: random(), y: random() }, from);
        for (const length of [x - from.x, y - from.y]) assert.ok(Math.abs(length / 10 - Math.round(length / 10)) < 1e-4);
    }
});
