import assert from 'node:assert/strict';
import { test } from 'node:test';
import { Trials } from '../board/trials.js';

/** A server that answers when it is told to, and what was shown of its answers. */
function slowServer() {
    const [asked, shown] = [[], []];
    const ask = (act) => new Promise((resolve) => asked.push({ act, answer: () => resolve({ ok: true, text: async () => act }) }));
    const ghost = { show: (text) => shown.push(text), trial: { replaceChildren: () => shown.push('cleared') } };
    return { asked, shown, trials: new Trials(ask, ghost) };
}

const settled = () => new Promise((resolve) => setImmediate(resolve));

test('only the newest question that waits is asked next', async () => {
    const { asked, shown, trials } = slowServer();
    trials.try('first', {});
    trials.try('second', {});
    trials.try('third', {});
    asked[0].answer();
    await settled();
    asked[1].answer();
    await settled();
    assert.deepEqual([asked.map(({ act }) => act), shown], [['first', 'third'], ['first', 'third']]);
});

test('an answer that comes after the end is not shown', async () => {
    const { asked, shown, trials } = slowServer();
    trials.try('first', {});
    trials.stop();
    asked[0].answer();
    await settled();
    assert.deepEqual(shown, ['cleared']);
});

test('what is tried after the end is asked, though an older question is not answered yet', async () => {
    const { asked, shown, trials } = slowServer();
    trials.try('first', {});
    trials.stop();
    trials.try('second', {});
    asked[0].answer();
    await settled();
    asked[1].answer();
    await settled();
    assert.deepEqual(shown, ['cleared', 'second']);
});
