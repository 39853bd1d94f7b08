import { Idiomorph } from 'idiomorph';

/** What the viewport sets on a drawing, and what somebody has opened to read, is not the server's to say. */
/** @type {[string, string[]][]} */
const NOT_OF_SERVER = [
    ['svg.drawing', ['viewBox', 'style']],
    ['details', ['open']],
];

/** Makes a part of the page what it is to be by changing only what differs: what stays is neither laid out nor painted again. */
export function patch(old, fresh) {
    Idiomorph.morph(old, fresh, {
        morphStyle: 'outerHTML',
        callbacks: {
            beforeNodeMorphed: (before, after) => !before.isEqualNode(after),
            beforeAttributeUpdated: (name, element) =>
                !NOT_OF_SERVER.some(([selector, kept]) => kept.includes(name) && element.matches(selector)),
        },
    });
}
