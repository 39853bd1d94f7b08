import {
    BufferGeometry,
    Color,
    DoubleSide,
    Float32BufferAttribute,
    Group,
    Line,
    LineDashedMaterial,
    Mesh,
    MeshBasicMaterial,
    Shape,
    ShapeGeometry,
    Vector3,
} from 'three';
import { LineGeometry } from 'three/addons/lines/LineGeometry.js';
import { LineMaterial } from 'three/addons/lines/LineMaterial.js';
import { Line2 } from 'three/addons/lines/Line2.js';

/** Of the plan's mm, z up, in the scene's metres, y up. */
export const inScene = ([x, y, z]) => new Vector3(x / 1000, z / 1000, -y / 1000);

/** What the chosen finding saw, drawn in the home, each with its figure that faces the viewer. */
export class Witnesses {
    /** Ends of a length are marked so far to either side, m. */
    static TICK = 0.06;

    /** Figures stand so far over the middle of what they are of, px. */
    static OVER = 12;

    /** Of lines, px. */
    static WIDTH = 3;

    /** @param {HTMLElement} labels over the view */
    constructor(labels) {
        this.labels = labels;
        this.group = new Group();
        /** @type {{at: Vector3, element: HTMLElement}[]} */
        this.figures = [];
    }

    clear() {
        for (const drawn of [...this.group.children]) {
            drawn.removeFromParent();
            drawn.geometry.dispose();
            drawn.material.dispose();
        }
        this.labels.replaceChildren();
        this.figures = [];
    }

    /** @returns {Vector3[]} places that are to be seen */
    get places() {
        return this.figures.map(({ at }) => at);
    }

    /** @param {{verdict: string, asked: string, seen: {line: number[][], isOutline: boolean, text: string}[]}} finding */
    show(finding) {
        this.clear();
        const style = getComputedStyle(document.documentElement);
        this.colour = new Color(style.getPropertyValue(`--${finding.verdict.replace('_', '-')}`).trim());
        for (const { line, isOutline, text } of finding.seen) {
            const points = line.map(inScene);
            if (isOutline) this.outline(points);
            else this.length(points);
            const asked = finding.asked === '' || finding.seen.length > 1 ? '' : `asked ${finding.asked}`;
            const words = [text, asked].filter(Boolean).join(', ');
            if (words !== '') this.write(Witnesses.middle(points, isOutline), words, finding.verdict);
        }
    }

    static middle(points, isOutline) {
        const sum = points.reduce((all, point) => all.add(point), new Vector3()).divideScalar(points.length);
        return isOutline ? sum.add(new Vector3(0, 0.05, 0)) : sum;
    }

    /** Over everything, so that nothing hides it. */
    add(drawn) {
        drawn.renderOrder = 10;
        this.group.add(drawn);
    }

    /** As wide at every distance, px. */
    stroke(points, linewidth) {
        const geometry = new LineGeometry().setPositions(points.flatMap(({ x, y, z }) => [x, y, z]));
        this.add(new Line2(geometry, new LineMaterial({ color: this.colour, linewidth, depthTest: false, transparent: true })));
    }

    length(points) {
        const [from, to] = [points[0], points.at(-1)];
        this.stroke(points, Witnesses.WIDTH);
        const along = to.clone().sub(from).normalize();
        const across = (Math.abs(along.y) > 0.9 ? new Vector3(1, 0, 0) : new Vector3(-along.z, 0, along.x)).multiplyScalar(Witnesses.TICK);
        for (const end of [from, to]) {
            this.stroke([end.clone().add(across), end.clone().sub(across)], Witnesses.WIDTH);
        }
    }

    outline(points) {
        const shape = new Shape(points.map((point) => ({ x: point.x, y: -point.z })));
        const floor = new ShapeGeometry(shape);
        const at = floor.getAttribute('position');
        const lying = Array.from({ length: at.count }, (_, number) => [at.getX(number), points[0].y, -at.getY(number)]).flat();
        floor.setAttribute('position', new Float32BufferAttribute(lying, 3));
        this.add(
            new Mesh(
                floor,
                new MeshBasicMaterial({ color: this.colour, transparent: true, opacity: 0.22, depthTest: false, side: DoubleSide }),
            ),
        );
        const border = new Line(
            new BufferGeometry().setFromPoints([...points, points[0]]),
            new LineDashedMaterial({ color: this.colour, dashSize: 0.12, gapSize: 0.06, depthTest: false }),
        );
        border.computeLineDistances();
        this.add(border);
    }

    write(at, words, verdict) {
        const element = document.createElement('span');
        element.className = `round-figure is-${verdict.replace('_', '-')}`;
        element.textContent = words;
        this.labels.append(element);
        this.figures.push({ at, element });
    }

    /** Figures go along with what they are of; those that would lie over others move down. */
    place(camera, width, height) {
        const taken = [];
        for (const { at, element } of this.figures) {
            const seen = at.clone().project(camera);
            element.hidden = seen.z > 1 || Math.abs(seen.x) > 1.2 || Math.abs(seen.y) > 1.2;
            const [x, y] = [((seen.x + 1) / 2) * width, ((1 - seen.y) / 2) * height];
            const [half, high] = [element.offsetWidth / 2, element.offsetHeight];
            let top = y - high - Witnesses.OVER;
            while (taken.some((box) => Math.abs(box.x - x) < box.half + half && Math.abs(box.top - top) < high)) top += high;
            if (!element.hidden) taken.push({ x, top, half });
            element.style.transform = `translate(${(x - half).toFixed(1)}px, ${top.toFixed(1)}px)`;
        }
    }
}
