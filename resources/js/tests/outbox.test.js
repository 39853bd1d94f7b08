import assert from 'node:assert/strict';
import { beforeEach, mock, test } from 'node:test';
import { Outbox } from '../board/outbox.js';

const KEY = 'edits of a scheme';

/** A board that answers as it is told, and notes what it is asked. */
class Board {
    version = 7;
    asked = [];
    told = [];
    refused = [];
    isSettled = false;

    /** @param {(item: object) => object} answer */
    constructor(answer = () => ({ status: 200, refused: '' })) {
        this.answer = answer;
    }

    async post(item) {
        this.asked.push(item);
        await null;
        return this.answer(item);
    }

    drew({ path }) {
        return path === 'acts/fixture' ? 'f1' : path === 'undo' ? '' : 'w1';
    }

    refuse(item, why) {
        this.refused.push(`${item.path}: ${why}`);
        return item.path === 'acts/fixture' ? undefined : 'w1';
    }

    chooseAfter() {}

    tell(words) {
        this.told.push(words);
    }

    settled() {
        this.isSettled = true;
    }
}

const turns = async (count = 60) => {
    for (let turn = 0; turn < count; turn += 1) await null;
};

beforeEach(() => {
    const kept = new Map();
    globalThis.localStorage = {
        getItem: (key) => kept.get(key) ?? null,
        setItem: (key, value) => kept.set(key, value),
        removeItem: (key) => kept.delete(key),
    };
    globalThis.addEventListener = () => {};
});

test('what was done is sent one after the other, on the version in sight', async () => {
    const board = new Board();
    const outbox = new Outbox(KEY, board);
    outbox.add('acts/move', { by: '1,0' }, 'w1');
    outbox.add('acts/turn', {}, 'w1');
    assert.equal(board.asked.length, 1);
    await turns();
    assert.deepEqual(
        board.asked.map(({ path, version }) => [path, version]),
        [
            ['acts/move', 7],
            ['acts/turn', null],
        ],
    );
    assert.ok(board.isSettled);
    assert.equal(localStorage.getItem(KEY), null);
});

test('what is done to a thing that is still being drawn is done to what was drawn', async () => {
    const board = new Board();
    const outbox = new Outbox(KEY, board);
    const { name } = outbox.add('acts/fixture', {}, '');
    outbox.add('acts/turn', {}, { after: name });
    await turns();
    assert.deepEqual(
        board.asked.map(({ select }) => select),
        ['', 'f1'],
    );
});

test('what waits for a thing that was refused is refused with it', async () => {
    const board = new Board(({ path }) =>
        path === 'acts/fixture' ? { status: 422, refused: 'There is no room.' } : { status: 200, refused: '' },
    );
    const outbox = new Outbox(KEY, board);
    const { name } = outbox.add('acts/fixture', {}, '');
    outbox.add('acts/turn', {}, { after: name });
    outbox.add('acts/move', {}, 'w1');
    await turns();
    assert.deepEqual(board.refused, ['acts/fixture: There is no room.', 'acts/turn: What it was to be done to has not been drawn.']);
    assert.deepEqual(
        board.asked.map(({ path }) => path),
        ['acts/fixture', 'acts/move'],
    );
});

test('a key pressed while an undo is unanswered does nothing where that leaves nothing chosen', async () => {
    const board = new Board();
    const outbox = new Outbox(KEY, board);
    const { name } = outbox.add('undo', {}, 'f1');
    outbox.add('acts/remove', {}, { after: name }, true);
    outbox.add('acts/storey', {}, { after: name });
    await turns();
    assert.deepEqual(
        board.asked.map(({ path }) => path),
        ['undo', 'acts/storey'],
    );
    assert.deepEqual(board.refused, []);
});

test('a key pressed while an undo is unanswered acts on what is chosen still where that is refused', async () => {
    const board = new Board(({ path }) =>
        path === 'undo' ? { status: 422, refused: 'There is nothing to undo.' } : { status: 200, refused: '' },
    );
    const outbox = new Outbox(KEY, board);
    const { name } = outbox.add('undo', {}, 'w1');
    outbox.add('acts/remove', {}, { after: name }, true);
    await turns();
    assert.deepEqual(
        board.asked.map(({ path, select }) => [path, select]),
        [
            ['undo', 'w1'],
            ['acts/remove', 'w1'],
        ],
    );
});

test('a server that does not answer is asked again later, and nothing is lost', async () => {
    mock.timers.enable({ apis: ['setTimeout'] });
    let isAway = true;
    const board = new Board(() => (isAway ? { status: 0, refused: '' } : { status: 200, refused: '' }));
    const outbox = new Outbox(KEY, board);
    outbox.add('acts/move', {}, 'w1');
    await turns();
    assert.match(board.told.at(-1), /One edit is kept here/);
    assert.equal(JSON.parse(localStorage.getItem(KEY)).length, 1);
    isAway = false;
    mock.timers.tick(Outbox.AGAIN_AFTER);
    await turns();
    assert.equal(board.asked.length, 2);
    assert.ok(board.isSettled);
    mock.timers.reset();
});

test('what the server fails on three times is set aside, and the next is sent', async () => {
    mock.timers.enable({ apis: ['setTimeout'] });
    const board = new Board(({ path }) => ({ status: path === 'acts/move' ? 500 : 200, refused: '' }));
    const outbox = new Outbox(KEY, board);
    outbox.add('acts/move', {}, 'w1');
    outbox.add('acts/turn', {}, 'w1');
    for (let times = 0; times < Outbox.TRIES; times += 1) {
        await turns();
        mock.timers.tick(Outbox.AGAIN_AFTER);
    }
    await turns();
    assert.deepEqual(board.refused, ['acts/move: The server failed on it.']);
    assert.equal(board.asked.at(-1).path, 'acts/turn');
    mock.timers.reset();
});

test('what was made on an older state waits until it is sent again or forgotten', async () => {
    let isStale = true;
    const board = new Board(() => ({ status: isStale ? 409 : 200, refused: '' }));
    const outbox = new Outbox(KEY, board);
    outbox.add('acts/move', {}, 'w1');
    await turns();
    assert.equal(board.asked.length, 1);
    outbox.add('acts/turn', {}, 'w1');
    await turns();
    assert.equal(board.asked.length, 1);
    isStale = false;
    outbox.renew();
    await turns();
    assert.deepEqual(
        board.asked.slice(1).map(({ path, version }) => [path, version]),
        [
            ['acts/move', null],
            ['acts/turn', null],
        ],
    );
});

test('what is forgotten is not sent', async () => {
    const board = new Board(() => ({ status: 409, refused: '' }));
    const outbox = new Outbox(KEY, board);
    outbox.add('acts/move', {}, 'w1');
    await turns();
    outbox.forget();
    assert.ok(board.isSettled);
    assert.equal(localStorage.getItem(KEY), null);
});

test('of several things that are only to be shown the last will do, and none is kept', async () => {
    const board = new Board();
    const outbox = new Outbox(KEY, board);
    outbox.look('board', {}, 'a');
    outbox.look('board', {}, 'b');
    outbox.look('board', {}, 'c');
    assert.equal(localStorage.getItem(KEY), null);
    await turns();
    assert.deepEqual(
        board.asked.map(({ select }) => select),
        ['a', 'c'],
    );
});

test('what could not be sent is sent when the page is opened again', async () => {
    const away = new Board(() => ({ status: 401, refused: '' }));
    const before = new Outbox(KEY, away);
    before.add('acts/move', { by: '1,0' }, 'w1');
    await turns();
    clearTimeout(before.timer);
    const board = new Board();
    new Outbox(KEY, board);
    await turns();
    assert.deepEqual(
        board.asked.map(({ path, values }) => [path, values]),
        [['acts/move', { by: '1,0' }]],
    );
});
