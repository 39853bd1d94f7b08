import {
    Box3,
    Color,
    DoubleSide,
    EdgesGeometry,
    LineBasicMaterial,
    LineSegments,
    MeshBasicMaterial,
    MeshLambertMaterial,
    Raycaster,
    Vector2,
    Vector3,
} from 'three';
import { GLTFLoader } from 'three/addons/loaders/GLTFLoader.js';
import { text } from '../text.js';

/** The home as the server modelled it: which of its parts are seen, which are looked through, which one is pointed at. */
export class Model {
    /** From this angle between its faces on an edge is drawn, degrees. */
    static CREASE = 20;

    /** Walls along the axes are no thicker, m. */
    static THICKEST = 0.8;

    /** What the roof is made of, and what is moved into a home. */
    static OVERHEAD = new Set(['ceiling', 'roof']);
    /** Where one cannot stand upright: nothing that could be pointed at. */
    static NOTHING = 'low_space';
    /** No element has this id. */
    static GROUND = 'ground';

    static FURNITURE = new Set(['ceramic', 'appliance', 'wood', 'fabric', 'fitting']);

    /** @param {string} address of the binary glTF file */
    static async fetch(address) {
        const answer = await fetch(address, { headers: { Accept: 'model/gltf-binary' } });
        if (!answer.ok) throw new Error(text('The server refused the model ({status}).', { status: answer.status }));
        const { scene } = await new GLTFLoader().parseAsync(await answer.arrayBuffer(), '');
        return new Model(scene);
    }

    constructor(scene) {
        this.root = scene;
        this.meshes = [];
        /** @type {Map<string, any[]>} */
        this.byId = new Map();
        this.gone = new MeshBasicMaterial({ colorWrite: false, depthWrite: false });
        this.style = getComputedStyle(document.documentElement);
        this.lines = new LineBasicMaterial({ color: this.colour('--ink'), transparent: true, opacity: 0.55 });
        this.faint = new LineBasicMaterial({ color: this.colour('--ink'), transparent: true, opacity: 0.14 });
        this.marked = new LineBasicMaterial({ color: this.colour('--copper') });
        scene.traverse((node) => node.isMesh && this.take(node));
        /** Of the home, without the ground around it. */
        this.box = this.boxOf((part) => part.id !== Model.GROUND);
        this.chosen = '';
    }

    colour(name) {
        return new Color(this.style.getPropertyValue(name).trim());
    }

    take(mesh) {
        const { id, kind } = mesh.userData;
        const { color, opacity } = mesh.material;
        const isGlass = opacity < 1;
        const plain = new MeshLambertMaterial({ color, opacity, transparent: isGlass, depthWrite: !isGlass, side: DoubleSide });
        plain.polygonOffset = true;
        plain.polygonOffsetFactor = plain.polygonOffsetUnits = 1;
        const through = plain.clone();
        Object.assign(through, { transparent: true, opacity: isGlass ? 0.08 : 0.1, depthWrite: false });
        const lit = plain.clone();
        lit.emissive = this.colour('--copper');
        lit.emissiveIntensity = 0.35;
        let storey = mesh;
        while (storey.parent && storey.userData.kind !== 'storey') storey = storey.parent;
        mesh.castShadow = !isGlass;
        mesh.receiveShadow = true;
        const edges = new LineSegments(new EdgesGeometry(mesh.geometry, Model.CREASE), this.lines);
        mesh.add(edges);
        const box = new Box3().setFromObject(mesh);
        mesh.round = { id, kind, storey: storey.userData.id, plain, through, lit, edges, look: 'shown', box };
        this.meshes.push(mesh);
        if (!this.byId.has(id)) this.byId.set(id, []);
        this.byId.get(id).push(mesh);
    }

    /**
     * How every part is seen: `shown`, `through` or `gone`; what is gone casts its shadow still.
     * @param {(part: {id: string, kind: string, storey: string, box: Box3}) => string} look
     */
    show(look) {
        for (const mesh of this.meshes) {
            const part = mesh.round;
            part.look = look(part);
            const isChosen = this.chosen !== '' && part.id === this.chosen;
            mesh.material = part.look === 'gone' ? this.gone : part.look === 'through' ? part.through : isChosen ? part.lit : part.plain;
            part.edges.visible = part.look !== 'gone';
            part.edges.material = isChosen ? this.marked : part.look === 'through' ? this.faint : this.lines;
        }
    }

    /** @returns {string} what it is called, with its mark */
    name(id) {
        const mesh = this.byId.get(id)?.find((one) => !['frame', 'ceiling', 'roof'].includes(one.round.kind)) ?? this.byId.get(id)?.[0];
        return mesh ? mesh.userData.name ?? mesh.name.replaceAll('_', ' ') : '';
    }

    /** @param {string|((part: {id: string, look: string}) => boolean)} wanted id, or which parts */
    boxOf(wanted) {
        const box = new Box3();
        const meshes = typeof wanted === 'string' ? this.byId.get(wanted) ?? [] : this.meshes.filter((mesh) => wanted(mesh.round));
        for (const mesh of meshes) box.union(mesh.round.box);
        return box;
    }

    /** @returns {Box3} of what is seen of the home; of all of it where nothing is */
    get seen() {
        const box = this.boxOf((part) => part.look !== 'gone' && part.id !== Model.GROUND);
        return box.isEmpty() ? this.box : box;
    }

    /**
     * What is seen first along a ray.
     * @param {{x: number, y: number}} at on the view, from -1 to 1 to the right and up
     * @param {import('three').Camera} camera
     * @param {number} top what lies higher is cut away, m
     */
    pick(at, camera, top) {
        const ray = new Raycaster();
        ray.setFromCamera(new Vector2(at.x, at.y), camera);
        return this.first(ray, top);
    }

    /**
     * What lies between the viewer and places that are to be seen.
     * @param {import('three').Vector3[]} places @param {import('three').Camera} camera
     * @returns {Set<string>} ids
     */
    before(places, camera) {
        const ids = new Set();
        for (const place of places) {
            const way = place.clone().sub(camera.position);
            const ray = new Raycaster(camera.position, way.clone().normalize(), 0, way.length() - 0.02);
            for (const { object } of ray.intersectObjects(this.meshes, false)) ids.add(object.round.id);
        }
        return ids;
    }

    first(ray, top = Infinity) {
        const seen = this.meshes.filter(({ round }) => round.look === 'shown' && round.kind !== Model.NOTHING);
        const hit = ray.intersectObjects(seen, false).find(({ point }) => point.y <= top);
        return hit ? { id: hit.object.round.id, kind: hit.object.round.kind, storey: hit.object.round.storey, point: hit.point } : null;
    }

    /**
     * Whether a part lies on the viewer's side of the middle of the home.
     * @param {Box3} box @param {Vector3} middle @param {Vector3} eye
     */
    static isBetween(box, middle, eye) {
        const at = box.getCenter(new Vector3());
        const size = box.getSize(new Vector3());
        // the way out of a wall is across it, away from the middle
        const across = size.x < size.z ? new Vector3(Math.sign(at.x - middle.x), 0, 0) : new Vector3(0, 0, Math.sign(at.z - middle.z));
        const isOblique = Math.min(size.x, size.z) > Model.THICKEST;
        const out = isOblique ? new Vector3(at.x - middle.x, 0, at.z - middle.z) : across;
        return out.dot(new Vector3(eye.x - at.x, 0, eye.z - at.z)) > 0;
    }

    /** Light that casts shadows, or none again, is drawn with materials made anew. */
    renewMaterials() {
        for (const { round } of this.meshes) for (const one of [round.plain, round.through, round.lit]) one.needsUpdate = true;
        this.gone.needsUpdate = true;
    }

    /** Frees what the graphics card holds of it. */
    free() {
        for (const mesh of this.meshes) {
            mesh.geometry.dispose();
            mesh.round.edges.geometry.dispose();
            for (const material of [mesh.round.plain, mesh.round.through, mesh.round.lit]) material.dispose();
        }
        this.root.removeFromParent();
    }
}
