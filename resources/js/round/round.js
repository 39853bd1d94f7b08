import {
    AmbientLight,
    Box3,
    DirectionalLight,
    HemisphereLight,
    Mesh,
    PCFSoftShadowMap,
    PerspectiveCamera,
    Plane,
    PlaneGeometry,
    Scene,
    ShadowMaterial,
    Vector3,
    WebGLRenderer,
} from 'three';
import { OrbitControls } from 'three/addons/controls/OrbitControls.js';
import { all, byId, field } from '../dom.js';
import { isWithin, roundLength, typedHeight } from './lengths.js';
import { Model } from './model.js';
import { Walk } from './walk.js';
import { Witnesses, inScene } from './witnesses.js';

/**
 * The home in the round. The server models it, measures it and says where the sun stands; here it is looked at: turned, cut, walked
 * through, and pointed at. Nothing is drawn while nothing changes.
 */
export class Round {
    static TURN = Math.PI / 24;
    static NEARER = 1.15;

    /** How far about what is chosen is looked at, times its size, m at the least. */
    static AROUND = 4;
    static LEAST = 1.8;

    /** Eyes are no higher, and nobody wants more height, mm. */
    static EYES = 2500;
    static HIGHEST = 4000;

    /** @param {HTMLElement} page */
    static async open(page) {
        const round = new Round(page);
        await round.fetch();
        return round;
    }

    constructor(page) {
        this.page = page;
        this.view = byId('round-view', HTMLElement);
        this.message = byId('round-message', HTMLElement);
        this.renderer = new WebGLRenderer({ antialias: true, alpha: true, preserveDrawingBuffer: true });
        this.renderer.shadowMap.type = PCFSoftShadowMap;
        this.renderer.setPixelRatio(Math.min(2, devicePixelRatio));
        this.view.append(this.renderer.domElement);
        this.camera = new PerspectiveCamera(45, 1, 0.05, 500);
        this.orbit = new OrbitControls(this.camera, this.renderer.domElement);
        this.orbit.addEventListener('change', () => this.moved());
        this.scene = new Scene();
        this.witnesses = new Witnesses(byId('round-labels', HTMLElement));
        this.scene.add(this.witnesses.group);
        this.light();
        /** @type {any} what the server says beside the model */
        this.facts = null;
        this.finding = '';
        this.cut = Infinity;
        this.walking = false;
        this.channel = new BroadcastChannel(page.dataset.channel);
        this.channel.addEventListener('message', ({ data }) => this.hear(data));
        new ResizeObserver(() => this.resize()).observe(this.view);
        this.listen();
    }

    light() {
        this.sky = new HemisphereLight('#ffffff', '#b9a98c', 2.2);
        this.fill = new AmbientLight('#ffffff', 0.5);
        this.sun = new DirectionalLight('#fff4dd', 1.4);
        this.sun.shadow.mapSize.set(2048, 2048);
        this.sun.shadow.bias = -0.0008;
        this.sun.shadow.normalBias = 0.02;
        this.sun.position.set(-6, 14, 9);
        // the ground catches shadows; nobody said where it lies, so it is not seen else
        this.ground = new Mesh(new PlaneGeometry(400, 400), new ShadowMaterial({ opacity: 0.28 }));
        this.ground.rotation.x = -Math.PI / 2;
        this.ground.receiveShadow = true;
        this.scene.add(this.sky, this.fill, this.sun, this.sun.target, this.ground);
    }

    listen() {
        this.view.addEventListener('keydown', (event) => this.press(event));
        this.view.addEventListener('pointerdown', (event) => {
            this.from = { x: event.clientX, y: event.clientY, heading: this.walk?.heading, pitch: this.walk?.pitch };
        });
        this.view.addEventListener('pointermove', (event) => this.lookAround(event));
        this.view.addEventListener('click', (event) => this.click(event));
        this.page.addEventListener('click', (event) => this.push(event));
        byId('round-shown', HTMLFormElement).addEventListener('input', () => this.reshow());
        const sun = byId('round-sun', HTMLFormElement);
        sun.addEventListener('input', () => this.askSun());
        for (const form of [sun, byId('round-shown', HTMLFormElement)]) form.addEventListener('submit', (event) => event.preventDefault());
        addEventListener('focus', () => this.isStale && this.fetch());
    }

    /** Fetches the home as it is now; what is looked at stays. */
    async fetch() {
        try {
            const facts = await this.fetchFacts();
            this.modelled = this.asked(facts.units);
            const model = await Model.fetch(`${this.page.dataset.model}?${this.modelled}`);
            this.model?.free();
            [this.facts, this.isStale] = [facts, false];
            model.chosen = this.model?.chosen ?? '';
            const isFirst = this.model === undefined;
            this.model = model;
            this.scene.add(model.root);
            const heading = this.walk;
            this.walk = new Walk(model, this.camera);
            if (heading) Object.assign(this.walk, { eye: heading.eye, heading: heading.heading, pitch: heading.pitch, feet: heading.feet });
            this.ground.position.y = model.box.min.y - 0.005;
            this.offerCuts(isFirst);
            if (isFirst) this.begin();
            this.message.hidden = true;
            this.showWanted();
        } catch (refused) {
            this.message.hidden = false;
            this.message.textContent = refused instanceof Error ? refused.message : 'The home could not be fetched.';
        }
    }

    async fetchFacts() {
        const answer = await fetch(this.page.dataset.facts, { headers: { Accept: 'application/json' } });
        if (!answer.ok) throw new Error(`The server refused (${answer.status}).`);
        return answer.json();
    }

    /** As the address asks: what is chosen, and which finding. */
    begin() {
        this.showAll();
        const asked = new URLSearchParams(location.search);
        if (asked.get('finding')) this.openFinding(asked.get('finding'));
        else if (asked.get('chosen')) this.choose(asked.get('chosen'));
    }

    offerCuts(isFirst) {
        const slider = byId('round-cut', HTMLInputElement);
        const { min, max } = this.model.box;
        const isUncut = isFirst || slider.value === slider.max;
        slider.min = String(Math.floor(min.y * 1000));
        slider.max = String(Math.ceil(max.y * 1000));
        if (isUncut) slider.value = slider.max;
    }

    resize() {
        const { width, height } = this.view.getBoundingClientRect();
        if (width === 0) return;
        this.renderer.setSize(width, height);
        this.camera.aspect = width / height;
        this.camera.updateProjectionMatrix();
        this.invalidate();
    }

    /** One frame is drawn, however often it is asked for meanwhile. */
    invalidate() {
        this.frame ??= requestAnimationFrame(() => this.draw());
    }

    draw() {
        this.frame = undefined;
        this.renderer.render(this.scene, this.camera);
        const { width, height } = this.view.getBoundingClientRect();
        this.witnesses.place(this.camera, width, height);
        this.view.dataset.frames = String(this.renderer.info.render.frame);
    }

    moved() {
        if (this.model) this.showParts();
        this.invalidate();
    }

    get wanted() {
        const form = byId('round-shown', HTMLFormElement);
        const { storey, only, roof, through, furniture } = /** @type {any} */ (form.elements);
        return {
            storey: storey.value,
            only: only.value,
            roof: roof.checked,
            through: through.checked,
            furniture: furniture.checked,
        };
    }

    /** How the server is to model the home. @param {string} units of the home */
    asked(units) {
        const { doors, low, wanted } = /** @type {any} */ (byId('round-shown', HTMLFormElement).elements);
        const mm = low.checked ? typedHeight(wanted.value, units, Round.HIGHEST) : null;
        return new URLSearchParams({ doors: doors.checked ? 'open' : 'shut', ...(mm === null ? {} : { low: String(mm) }) }).toString();
    }

    reshow() {
        if (this.asked(this.facts.units) === this.modelled) this.showWanted();
        else this.fetch();
    }

    showWanted() {
        const slider = byId('round-cut', HTMLInputElement);
        const isCut = Number(slider.value) < Number(slider.max);
        this.cut = isCut ? Number(slider.value) / 1000 : Infinity;
        byId('round-cut-words', HTMLElement).textContent = isCut ? roundLength(Number(slider.value), this.facts.units) : 'not cut';
        this.renderer.clippingPlanes = isCut ? [new Plane(new Vector3(0, -1, 0), this.cut)] : [];
        this.setEye();
        this.showParts();
        this.renderer.shadowMap.needsUpdate = true;
        this.invalidate();
    }

    setEye() {
        const typed = byId('round-eye-typed', HTMLInputElement);
        const { value } = byId('round-eye', HTMLSelectElement);
        typed.hidden = value !== '';
        const mm = value === '' ? typedHeight(typed.value, this.facts.units, Round.EYES) : Number(value);
        if (mm === null) return;
        this.walk.eye = mm / 1000;
        if (this.walking) this.walk.look();
    }

    showParts() {
        const { storey, only, roof, through, furniture } = this.wanted;
        const alone = this.alone(only);
        const outer = new Set(this.facts.outer);
        const middle = this.model.box.getCenter(new Vector3());
        const eye = this.camera.position;
        const over = this.over();
        const before = this.walking ? new Set() : this.model.before(this.witnesses.places, this.camera);
        this.model.show((part) => {
            if (this.hidden?.has(part.id)) return 'gone';
            if (storey === '' ? over.has(part.storey) : part.storey !== storey) return 'gone';
            if (alone !== null && !alone.has(part.id)) return 'gone';
            if (!roof && !this.walking && Model.OVERHEAD.has(part.kind)) return 'gone';
            if (!furniture && Model.FURNITURE.has(part.kind)) return 'gone';
            if (before.has(part.id) && part.id !== this.model.chosen) return 'through';
            return through && !this.walking && outer.has(part.id) && Round.isBetween(part.box, middle, eye) ? 'through' : 'shown';
        });
    }

    /** @returns {Set<string>} storeys above the one that the chosen finding is on; one of a stair is seen with what is above it */
    over() {
        const finding = this.facts.findings.find(({ key }) => key === this.finding);
        const at = this.facts.storeys.findIndex(({ id }) => id === finding?.storey);
        const isStair = this.model.byId.get(finding?.subject)?.[0].round.kind === 'stair';
        return new Set(at < 0 || isStair ? [] : this.facts.storeys.slice(at + 1).map(({ id }) => id));
    }

    /** Whether a part lies on the viewer's side of the middle of the home. */
    static isBetween(box, middle, eye) {
        const at = box.getCenter(new Vector3());
        const size = box.getSize(new Vector3());
        // the way out of a wall is across it, away from the middle
        const out = size.x < size.z ? new Vector3(Math.sign(at.x - middle.x), 0, 0) : new Vector3(0, 0, Math.sign(at.z - middle.z));
        const isOblique = Math.min(size.x, size.z) > 0.8;
        const way = isOblique ? new Vector3(at.x - middle.x, 0, at.z - middle.z) : out;
        return way.dot(new Vector3(eye.x - at.x, 0, eye.z - at.z)) > 0;
    }

    /** @returns {Set<string>|null} the ids that are shown alone */
    alone(only) {
        if (only === '' || this.model.chosen === '') return null;
        if (only === 'chosen') return new Set([this.model.chosen]);
        const room = this.facts.rooms.find(({ id, members }) => id === this.model.chosen || members.includes(this.model.chosen));
        return room ? new Set(room.members) : null;
    }

    /** @param {Box3} box brought into sight */
    show(box, from = new Vector3(-0.55, 0.85, 0.75)) {
        const middle = box.getCenter(new Vector3());
        const radius = Math.max(Round.LEAST, box.getSize(new Vector3()).length() / 2);
        const distance = radius / Math.sin((this.camera.fov / 2) * (Math.PI / 180)) / Math.min(1, this.camera.aspect);
        this.stopWalking();
        this.orbit.target.copy(middle);
        this.camera.position.copy(middle).addScaledVector(from.clone().normalize(), distance);
        this.orbit.update();
        this.moved();
    }

    showAll() {
        this.show(this.model.box);
    }

    /** A little of the direction is kept, or nothing would be up the view. */
    showFromAbove() {
        this.show(this.model.box, new Vector3(0, 1, 0.0001));
    }

    push(event) {
        const button = event.target.closest('button');
        if (!button) return;
        if (button.dataset.finding) this.openFinding(button.dataset.finding);
        const acts = {
            all: () => this.showAll(),
            above: () => this.showFromAbove(),
            walk: () => (this.walking ? this.showAll() : this.startWalking()),
            nearer: () => this.zoom(1 / Round.NEARER),
            farther: () => this.zoom(Round.NEARER),
            hide: () => this.hide(),
            unhide: () => this.unhide(),
        };
        acts[button.dataset.round]?.();
    }

    zoom(by) {
        const away = this.camera.position.clone().sub(this.orbit.target).multiplyScalar(by);
        this.camera.position.copy(this.orbit.target).add(away);
        this.orbit.update();
        this.moved();
    }

    press(event) {
        if (event.ctrlKey || event.metaKey || event.altKey) return;
        const act = this.walking ? this.walkingKey(event) : this.turningKey(event);
        if (!act) return;
        event.preventDefault();
        act();
        this.invalidate();
    }

    walkingKey({ key, shiftKey }) {
        return {
            ArrowUp: () => this.walk.go(1),
            ArrowDown: () => this.walk.go(-1),
            ArrowLeft: () => (shiftKey ? this.walk.go(0, -1) : this.walk.turn(Walk.TURN, 0)),
            ArrowRight: () => (shiftKey ? this.walk.go(0, 1) : this.walk.turn(-Walk.TURN, 0)),
            PageUp: () => this.walk.turn(0, Walk.TURN),
            PageDown: () => this.walk.turn(0, -Walk.TURN),
            Escape: () => this.showAll(),
            Enter: () => this.chooseMiddle(),
        }[key];
    }

    turningKey({ key, shiftKey }) {
        const turn = (left, up) => (shiftKey ? this.pan(left, up) : this.turn(left * Round.TURN, up * Round.TURN));
        return {
            ArrowLeft: () => turn(1, 0),
            ArrowRight: () => turn(-1, 0),
            ArrowUp: () => turn(0, 1),
            ArrowDown: () => turn(0, -1),
            '+': () => this.zoom(1 / Round.NEARER),
            '=': () => this.zoom(1 / Round.NEARER),
            '-': () => this.zoom(Round.NEARER),
            0: () => this.showAll(),
            Enter: () => this.chooseMiddle(),
            Escape: () => this.choose(''),
        }[key];
    }

    turn(left, up) {
        const away = this.camera.position.clone().sub(this.orbit.target);
        const angle = Math.acos(away.y / away.length());
        const tilted = Math.max(0.001, Math.min(Math.PI - 0.001, angle - up));
        away.applyAxisAngle(new Vector3(0, 1, 0), -left);
        const flat = new Vector3(away.x, 0, away.z).normalize().multiplyScalar(Math.sin(tilted) * away.length());
        this.camera.position.copy(this.orbit.target).add(new Vector3(flat.x, Math.cos(tilted) * away.length(), flat.z));
        this.orbit.update();
        this.moved();
    }

    pan(left, up) {
        const by = this.camera.position.distanceTo(this.orbit.target) * 0.06;
        const right = new Vector3().setFromMatrixColumn(this.camera.matrix, 0).multiplyScalar(-left * by);
        const above = new Vector3().setFromMatrixColumn(this.camera.matrix, 1).multiplyScalar(up * by);
        for (const at of [this.camera.position, this.orbit.target]) at.add(right).add(above);
        this.orbit.update();
        this.moved();
    }

    startWalking() {
        this.setWalking(true);
        this.say('Point at a floor to stand there. Arrow keys walk and turn, Escape ends it.');
        const room = this.roomOf(this.model.chosen) ?? this.facts.rooms.find(({ outline }) => outline.length > 0);
        if (!room) return;
        const [x, y] = [0, 1].map((axis) => room.outline.reduce((sum, at) => sum + at[axis], 0) / room.outline.length);
        this.walk.stand(inScene([x, y, room.floor]));
        this.showWanted();
        this.view.focus();
    }

    stopWalking() {
        if (!this.walking) return;
        this.setWalking(false);
        this.message.hidden = true;
    }

    setWalking(walks) {
        this.walking = walks;
        this.orbit.enabled = !walks;
        this.page.querySelector('[data-round="walk"]').setAttribute('aria-pressed', String(walks));
    }

    say(words) {
        this.message.hidden = false;
        this.message.textContent = words;
    }

    /** While one walks, dragging turns the head. */
    lookAround(event) {
        if (!this.walking || event.buttons !== 1 || !this.from) return;
        this.walk.heading = this.from.heading + (event.clientX - this.from.x) * 0.005;
        this.walk.pitch = this.from.pitch;
        this.walk.turn(0, (event.clientY - this.from.y) * 0.005);
        this.invalidate();
    }

    click(event) {
        if (!this.from || Math.hypot(event.clientX - this.from.x, event.clientY - this.from.y) > 4) return;
        const found = this.at(event.clientX, event.clientY);
        if (this.walking && found && Walk.UNDERFOOT.has(found.kind)) {
            this.walk.stand(found.point);
            this.invalidate();
            return;
        }
        this.choose(found ? this.elementOf(found) : '');
    }

    /** @returns what is seen at a place of the page */
    at(clientX, clientY) {
        const box = this.view.getBoundingClientRect();
        const at = { x: ((clientX - box.left) / box.width) * 2 - 1, y: 1 - ((clientY - box.top) / box.height) * 2 };
        return this.model.pick(at, this.camera, this.cut);
    }

    chooseMiddle() {
        const found = this.model.pick({ x: 0, y: 0 }, this.camera, this.cut);
        this.choose(found ? this.elementOf(found) : '');
    }

    /** A floor is of the storey: what is chosen is the room over it. */
    elementOf({ id, kind, storey, point }) {
        if (kind !== 'floor') return id;
        const room = this.facts.rooms.find(
            (one) => one.storey === storey && one.outline.length > 0 && isWithin(point.x * 1000, -point.z * 1000, one.outline),
        );
        return room?.id ?? '';
    }

    roomOf(id) {
        return this.facts.rooms.find((room) => room.id === id);
    }

    /** @param {string} id empty: nothing @param {boolean} tells the plan too */
    choose(id, tells = true) {
        this.model.chosen = id;
        if (!this.facts.findings.some(({ key, subject }) => key === this.finding && subject === id)) this.closeFinding();
        this.tellChosen();
        this.showParts();
        this.invalidate();
        if (tells) this.channel.postMessage({ chosen: id, storey: this.storeyOf(id) });
    }

    storeyOf(id) {
        return this.roomOf(id)?.storey ?? this.model.byId.get(id)?.[0].round.storey ?? '';
    }

    tellChosen() {
        const id = this.model.chosen;
        const place = byId('round-chosen', HTMLElement);
        place.replaceChildren();
        if (id === '') {
            place.textContent = 'Nothing: point at something.';
            return;
        }
        const name = document.createElement('b');
        name.textContent = this.roomOf(id)?.name ?? this.model.name(id);
        const plan = document.createElement('a');
        const address = new URL(this.page.dataset.plan);
        address.searchParams.set(this.page.dataset.choose, id);
        if (this.storeyOf(id)) address.searchParams.set('storey', this.storeyOf(id));
        plan.href = address.href;
        plan.textContent = 'On the plan';
        const hide = document.createElement('button');
        Object.assign(hide, { type: 'button', className: 'btn btn-link btn-sm', textContent: 'Hide it' });
        hide.dataset.round = 'hide';
        place.append(name, ' ', plan, ' ', hide);
    }

    hide() {
        (this.hidden ??= new Set()).add(this.model.chosen);
        this.tellHidden();
    }

    unhide() {
        this.hidden = new Set();
        this.tellHidden();
    }

    tellHidden() {
        const note = byId('round-hidden', HTMLElement);
        note.hidden = this.hidden.size === 0;
        note.querySelector('span').textContent = `Hidden: ${this.hidden.size}.`;
        this.showWanted();
    }

    openFinding(key) {
        const finding = this.facts.findings.find((one) => one.key === key);
        if (!finding) return;
        this.finding = key;
        this.witnesses.show(finding);
        this.choose(finding.subject);
        for (const button of all('#round-findings button')) button.setAttribute('aria-pressed', String(button.dataset.finding === key));
        const box = new Box3();
        for (const { line } of finding.seen) for (const point of line) box.expandByPoint(inScene(point));
        if (box.isEmpty()) box.union(this.model.boxOf(finding.subject));
        if (box.isEmpty()) box.copy(this.model.box);
        this.show(box.expandByScalar(Round.AROUND / 2));
    }

    closeFinding() {
        if (this.finding === '') return;
        this.finding = '';
        this.witnesses.clear();
        for (const button of all('#round-findings button')) button.setAttribute('aria-pressed', 'false');
    }

    /** Where the sun stands is asked of the server. */
    async askSun() {
        const form = byId('round-sun', HTMLFormElement);
        const { shadows } = /** @type {any} */ (form.elements);
        const words = byId('round-sun-words', HTMLElement);
        byId('round-sun-when', HTMLElement).hidden = !shadows.checked;
        this.renderer.shadowMap.enabled = this.sun.castShadow = shadows.checked;
        if (shadows.checked) {
            const refused = form.querySelector('input:invalid');
            if (refused instanceof HTMLElement) {
                words.textContent = refused.dataset.refused;
                return;
            }
            const asked = new URLSearchParams({ north: String(this.facts.north) });
            for (const name of ['latitude', 'date', 'hour']) asked.set(name, field(form, name).value);
            const answer = await fetch(`${this.page.dataset.sun}?${asked}`, { headers: { Accept: 'application/json' } });
            const said = await answer.json();
            words.textContent = answer.ok ? said.words : said.message;
            if (!answer.ok) return;
            this.setSun(said.direction);
        } else {
            Object.assign(this.sun, { intensity: 1.4 });
            Object.assign(this.sky, { intensity: 2.2 });
            this.sun.position.set(-6, 14, 9);
        }
        for (const { material, round } of this.model.meshes)
            for (const one of [material, round.plain, round.through, round.lit]) one.needsUpdate = true;
        this.renderer.shadowMap.needsUpdate = true;
        this.invalidate();
    }

    setSun([x, y, z]) {
        const { box } = this.model;
        const middle = box.getCenter(new Vector3());
        const radius = box.getSize(new Vector3()).length() / 2 + 0.5;
        const isUp = z > 0;
        this.sun.intensity = isUp ? 3.2 : 0;
        this.sky.intensity = isUp ? 1.1 : 0.45;
        this.sun.target.position.copy(middle);
        this.sun.position.copy(middle).addScaledVector(new Vector3(x, z, -y), radius * 2);
        Object.assign(this.sun.shadow.camera, { left: -radius, right: radius, top: radius, bottom: -radius, near: 0.1, far: radius * 4 });
        this.sun.shadow.camera.updateProjectionMatrix();
    }

    /** Another page of the same home chose something, or changed it. */
    hear({ chosen, changed }) {
        if (changed && document.hasFocus() === false) this.isStale = true;
        if (changed) this.fetch();
        else if (chosen !== undefined && this.model && chosen !== this.model.chosen) this.choose(chosen, false);
    }
}
