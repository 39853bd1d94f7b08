import { Vector3 } from 'three';
import { OrbitControls } from 'three/addons/controls/OrbitControls.js';

/** Turning around the home, going nearer and farther, moving aside: by pointer, fingers and keys. */
export class Turning {
    static TURN = Math.PI / 24;
    static NEARER = 1.15;
    static ASIDE = 0.06;

    /** So far away one is at the least from what is looked at, m, and so much farther than where all of it just fits. */
    static LEAST = 4.5;
    static MARGIN = 1.08;

    /** From where a home is looked at first; from straight above a little of the direction is kept, or nothing would be up the view. */
    static FIRST = new Vector3(-0.55, 0.85, 0.75);
    static ABOVE = new Vector3(0, 1, 0.0001);

    /** @param {import('three').PerspectiveCamera} camera @param {HTMLElement} canvas @param {() => void} moved */
    constructor(camera, canvas, moved) {
        this.camera = camera;
        this.orbit = new OrbitControls(camera, canvas);
        this.orbit.addEventListener('change', moved);
    }

    /** @param {boolean} turns */
    set enabled(turns) {
        this.orbit.enabled = turns;
    }

    /** @param {import('three').Box3} box brought into sight */
    show(box, from = Turning.FIRST) {
        const middle = box.getCenter(new Vector3());
        const distance = Math.max(Turning.LEAST, this.distance(box, middle, from)) * Turning.MARGIN;
        this.orbit.target.copy(middle);
        this.camera.position.copy(middle).addScaledVector(from.clone().normalize(), distance);
        this.orbit.update();
    }

    /** @returns {number} from where every corner of a box is in view */
    distance({ min, max }, middle, from) {
        const towards = from.clone().normalize();
        const right = new Vector3(0, 1, 0).cross(towards).normalize();
        const up = towards.clone().cross(right);
        const height = Math.tan((this.camera.fov / 2) * (Math.PI / 180));
        const width = height * this.camera.aspect;
        const corners = [min.x, max.x].flatMap((x) => [min.y, max.y].flatMap((y) => [min.z, max.z].map((z) => new Vector3(x, y, z))));
        return Math.max(
            ...corners.map((corner) => {
                const at = corner.sub(middle);
                return at.dot(towards) + Math.max(Math.abs(at.dot(right)) / width, Math.abs(at.dot(up)) / height);
            }),
        );
    }

    zoom(by) {
        const away = this.camera.position.clone().sub(this.orbit.target).multiplyScalar(by);
        this.camera.position.copy(this.orbit.target).add(away);
        this.orbit.update();
    }

    turn(left, up) {
        const away = this.camera.position.clone().sub(this.orbit.target);
        const angle = Math.acos(away.y / away.length());
        const tilted = Math.max(0.001, Math.min(Math.PI - 0.001, angle - up));
        away.applyAxisAngle(new Vector3(0, 1, 0), -left);
        const flat = new Vector3(away.x, 0, away.z).normalize().multiplyScalar(Math.sin(tilted) * away.length());
        this.camera.position.copy(this.orbit.target).add(new Vector3(flat.x, Math.cos(tilted) * away.length(), flat.z));
        this.orbit.update();
    }

    move(left, up) {
        const by = this.camera.position.distanceTo(this.orbit.target) * Turning.ASIDE;
        const right = new Vector3().setFromMatrixColumn(this.camera.matrix, 0).multiplyScalar(-left * by);
        const above = new Vector3().setFromMatrixColumn(this.camera.matrix, 1).multiplyScalar(up * by);
        for (const at of [this.camera.position, this.orbit.target]) at.add(right).add(above);
        this.orbit.update();
    }

    /** @returns {(() => void)|undefined} what a key does */
    act({ key, shiftKey }) {
        const way = { ArrowLeft: [1, 0], ArrowRight: [-1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[key];
        if (way) return () => (shiftKey ? this.move(way[0], way[1]) : this.turn(way[0] * Turning.TURN, way[1] * Turning.TURN));
        const factor = { '+': 1 / Turning.NEARER, '=': 1 / Turning.NEARER, '-': Turning.NEARER }[key];
        return factor ? () => this.zoom(factor) : undefined;
    }
}
