/** What the viewport sets on a drawing, and what somebody has opened to read, is not the server's to say. */
const NOT_OF_SERVER = [['svg.drawing', ['viewBox', 'style']], ['details', ['open']]];

/** Makes a part of the page what it is to be by changing only what differs: what stays is neither laid out nor painted again. */
export function patch(old, fresh) {
    if (old.isEqualNode(fresh)) return;
    if (old.nodeType !== Node.ELEMENT_NODE) {
        old.data = fresh.data;
        return;
    }
    patchAttributes(old, fresh);
    patchChildren(old, fresh);
}

function patchAttributes(old, fresh) {
    const kept = NOT_OF_SERVER.find(([selector]) => old.matches(selector))?.[1] ?? [];
    for (const { name, value } of fresh.attributes) {
        if (old.getAttribute(name) !== value && !kept.includes(name)) old.setAttribute(name, value);
    }
    for (const name of old.getAttributeNames()) {
        if (!fresh.hasAttribute(name) && !kept.includes(name)) old.removeAttribute(name);
    }
}

/** What is the same at the beginning and at the end stays; what lies between is patched where it is alike, else put in anew. */
function patchChildren(old, fresh) {
    const [before, after] = [[...old.childNodes], [...fresh.childNodes]];
    let first = 0;
    while (first < before.length && first < after.length && before[first].isEqualNode(after[first])) first += 1;
    let rest = 0;
    const most = Math.min(before.length, after.length) - first;
    while (rest < most && before.at(-1 - rest).isEqualNode(after.at(-1 - rest))) rest += 1;
    const [gone, come] = [before.slice(first, before.length - rest), after.slice(first, after.length - rest)];
    if (gone.length === come.length && gone.every((node, number) => isAlike(node, come[number]))) {
        gone.forEach((node, number) => patch(node, come[number]));
        return;
    }
    const next = before[before.length - rest] ?? null;
    for (const node of gone) node.remove();
    for (const node of come) old.insertBefore(node, next);
}

function isAlike(node, fresh) {
    return node.nodeType === fresh.nodeType && node.nodeName === fresh.nodeName && node.id === fresh.id;
}
