import assert from 'node:assert/strict';
import { beforeEach, test } from 'node:test';
import { Exchange } from '../board/exchange.js';

const broken = [];
let answer = null;

/** An exchange whose parts are noted, not put into a page. */
class Noted extends Exchange {
    parts = [];

    place(part) {
        this.parts.push(part);
        return part.match(/^<!--part (\w+)-->/)[1];
    }
}

const made = () =>
    new Noted(
        () => {},
        () => broken.push('broken'),
    );

beforeEach(() => {
    broken.length = 0;
    globalThis.document = { querySelector: () => ({ getAttribute: () => 'token' }) };
    globalThis.fetch = async () => answer;
});

test('lists and values within values go as names in brackets', () => {
    assert.equal(
        decodeURIComponent(Exchange.encoded({ a: 1, legs: [{ to: '1,2' }, { length: '3 m' }], none: null }).toString()),
        'a=1&legs[0][to]=1,2&legs[1][length]=3+m&none=null',
    );
});

test('parts are put in place as they come, however they are cut', async () => {
    const text = '<!--part a1-->one<!--/part--><!--part b2-->two<!--/part-->';
    for (let cut = 1; cut < text.length; cut += 1) {
        const body = new ReadableStream({
            start(stream) {
                [text.slice(0, cut), text.slice(cut)].forEach((piece) => stream.enqueue(new TextEncoder().encode(piece)));
                stream.close();
            },
        });
        answer = new Response(body, { headers: { 'X-Board-Parts': 'yes' } });
        const exchange = made();
        assert.deepEqual(await exchange.ask('/board'), { status: 200, refused: '' });
        assert.deepEqual(exchange.parts, ['<!--part a1-->one', '<!--part b2-->two']);
        assert.equal(exchange.known, 'a1 b2');
    }
    assert.deepEqual(broken, []);
});

test('an answer that breaks off is told, and nothing is taken to be known', async () => {
    answer = new Response('<!--part a1-->one<!--/part--><!--part b2-->tw', { headers: { 'X-Board-Parts': 'yes' } });
    const exchange = made();
    await exchange.ask('/board');
    assert.deepEqual(broken, ['broken']);
    assert.equal(exchange.known, '');
});

test('what answers is told apart', async () => {
    const of = async (status, headers = {}) => {
        answer = new Response(status === 204 ? null : '', { status, headers });
        return (await made().ask('/undo', {})).status;
    };
    assert.equal(await of(200), 401, 'a page that is not the board: signed out');
    assert.equal(await of(419), 401, 'a session that is over');
    assert.equal(await of(500), 500, 'a fault');
    assert.equal(await of(503), 503, 'a fault');
    assert.equal(await of(503, { 'Retry-After': '5' }), 0, 'what it rests on is away');
    assert.equal(await of(429), 429);
    globalThis.fetch = async () => {
        throw new TypeError('no network');
    };
    assert.equal((await made().ask('/undo', {})).status, 0);
});

test('why it was not done comes as words', async () => {
    answer = new Response('<!--part a1--><!--/part-->', {
        status: 422,
        headers: { 'X-Board-Parts': 'yes', 'X-Board-Refused': encodeURIComponent('12′ is too wide.') },
    });
    assert.deepEqual(await made().ask('/undo', {}), { status: 422, refused: '12′ is too wide.' });
});
