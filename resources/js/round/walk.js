import { Raycaster, Vector3 } from 'three';

/** Walking through the home at the height of somebody's eyes: over floors and up stairs, through doors, not through walls and windows. */
export class Walk {
    /** A step, a turn, and how near one comes to a wall: m, radians, m. */
    static STEP = 0.3;
    static TURN = Math.PI / 24;
    static CLOSE = 0.25;

    /** So many ways are looked along for the one where one sees farthest, and so far, m; out of the home one sees nothing. */
    static WAYS = 24;
    static FAR = 40;

    /** A step is taken by so many shorter ones, each shorter than a tread, so that no riser is missed. */
    static PARTS = 3;

    /** So high a step is climbed, and so far one steps down, m: before a deeper edge one stops. */
    static CLIMB = 0.35;
    static DROP = 0.6;

    static UNDERFOOT = new Set(['floor', 'boards', 'carpet', 'tiles', 'stair', 'ground']);
    static SOLID = new Set(['wall', 'guard', 'glass']);

    /**
     * @param {import('./model.js').Model} model @param {import('three').PerspectiveCamera} camera
     * @param {Walk} [before] through the home as it was
     */
    constructor(model, camera, before) {
        this.model = model;
        this.camera = camera;
        this.eye = before?.eye ?? 1.6;
        this.heading = before?.heading ?? 0;
        this.pitch = before?.pitch ?? 0;
        this.feet = before?.feet ?? new Vector3();
    }

    /** @returns {(() => void)|undefined} what a key does */
    act({ key, shiftKey }) {
        return {
            ArrowUp: () => this.go(1),
            ArrowDown: () => this.go(-1),
            ArrowLeft: () => (shiftKey ? this.go(0, -1) : this.turn(Walk.TURN, 0)),
            ArrowRight: () => (shiftKey ? this.go(0, 1) : this.turn(-Walk.TURN, 0)),
            PageUp: () => this.turn(0, Walk.TURN),
            PageDown: () => this.turn(0, -Walk.TURN),
        }[key];
    }

    /** @param {Vector3} at on a floor @param {Vector3|null} towards looked at */
    stand(at, towards = null) {
        this.feet.copy(at);
        if (towards) this.heading = Math.atan2(at.x - towards.x, at.z - towards.z);
        this.pitch = 0;
        this.look();
    }

    /** Turns to where one sees farthest. */
    lookFarthest() {
        const eye = this.feet.clone();
        eye.y += this.eye;
        const seen = this.model.meshes.filter(({ round }) => round.look === 'shown');
        let most = -1;
        for (let number = 0; number < Walk.WAYS; number++) {
            const heading = (number / Walk.WAYS) * 2 * Math.PI;
            const ray = new Raycaster(eye, new Vector3(-Math.sin(heading), 0, -Math.cos(heading)), 0, Walk.FAR);
            const far = ray.intersectObjects(seen, false)[0]?.distance ?? 0;
            if (far > most) [most, this.heading] = [far, heading];
        }
        this.pitch = 0;
        this.look();
    }

    look() {
        this.camera.position.set(this.feet.x, this.feet.y + this.eye, this.feet.z);
        this.camera.rotation.set(this.pitch, this.heading, 0, 'YXZ');
        this.camera.updateMatrixWorld();
    }

    turn(left, up) {
        this.heading += left;
        this.pitch = Math.max(-1.2, Math.min(1.2, this.pitch + up));
        this.look();
    }

    /** @param {number} ahead steps @param {number} right steps */
    go(ahead, right = 0) {
        const way = new Vector3(-Math.sin(this.heading) * ahead + Math.cos(this.heading) * right, 0, 0);
        way.z = -Math.cos(this.heading) * ahead - Math.sin(this.heading) * right;
        const length = (way.length() * Walk.STEP) / Walk.PARTS;
        way.normalize();
        for (let part = 0; part < Walk.PARTS && this.step(way, length); part++);
        this.look();
    }

    /** @returns {boolean} whether nothing was in the way */
    step(way, length) {
        const to = this.feet.clone().addScaledVector(way, length);
        to.y = this.ground(to);
        if (this.feet.y - to.y > Walk.DROP || this.isBlocked(way, length)) return false;
        this.feet.copy(to);
        return true;
    }

    isBlocked(way, length) {
        const from = this.feet.clone();
        from.y += Walk.CLIMB + 0.05;
        const ray = new Raycaster(from, way, 0, length + Walk.CLOSE);
        return ray.intersectObjects(this.partsOf(Walk.SOLID), false).length > 0;
    }

    /** What one stands on there: the highest that one can step onto, or down to; as before where nothing is known. */
    ground(at) {
        const ray = new Raycaster(new Vector3(at.x, this.feet.y + Walk.CLIMB, at.z), new Vector3(0, -1, 0), 0, 12);
        return ray.intersectObjects(this.partsOf(Walk.UNDERFOOT), false)[0]?.point.y ?? this.feet.y;
    }

    partsOf(kinds) {
        return this.model.meshes.filter((mesh) => kinds.has(mesh.round.kind));
    }
}
