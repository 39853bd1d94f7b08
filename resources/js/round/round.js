import { Box3, Vector3 } from 'three';
import { all, byId, field } from '../dom.js';
import { Chosen } from './chosen.js';
import { isWithin, roundLength, typedHeight } from './lengths.js';
import { Model } from './model.js';
import { Stage } from './stage.js';
import { Turning } from './turning.js';
import { Walk } from './walk.js';
import { Witnesses, inScene } from './witnesses.js';
import { text } from '../text.js';

/**
 * The home in the round. The server models it, measures it and says where the sun stands; here it is looked at: turned, cut, walked
 * through, and pointed at. What is chosen is told to other pages of the home, and heard from them.
 */
export class Round {
    /** So much around what a finding saw is looked at, m. */
    static AROUND = 2;

    /** Eyes are no higher, and nobody wants more height, mm. */
    static EYES = 2500;
    static HIGHEST = 4000;

    /** @param {HTMLElement} page */
    static async open(page) {
        const round = new Round(page);
        await round.fetch();
        return round;
    }

    /** @param {HTMLElement} page */
    constructor(page) {
        this.page = page;
        this.view = byId('round-view', HTMLElement);
        this.shown = byId('round-shown', HTMLFormElement);
        this.message = byId('round-message', HTMLElement);
        this.witnesses = new Witnesses(byId('round-labels', HTMLElement));
        this.stage = new Stage(this.view, (camera, width, height) => this.witnesses.place(camera, width, height));
        this.stage.scene.add(this.witnesses.group);
        this.turning = new Turning(this.stage.camera, this.stage.renderer.domElement, () => this.moved());
        this.chosen = new Chosen(page.dataset);
        /** @type {any} what the server says beside the model */
        this.facts = null;
        /** @type {Model|undefined} */
        this.model = undefined;
        this.finding = '';
        this.hidden = new Set();
        this.walking = false;
        this.channel = new BroadcastChannel(page.dataset.channel);
        this.channel.addEventListener('message', ({ data }) => this.hear(data));
        this.listen();
    }

    listen() {
        this.view.addEventListener('keydown', (event) => this.press(event));
        this.view.addEventListener('pointerdown', (event) => {
            this.from = { x: event.clientX, y: event.clientY, heading: this.walk?.heading, pitch: this.walk?.pitch };
        });
        this.view.addEventListener('pointermove', (event) => this.lookAround(event));
        this.view.addEventListener('click', (event) => this.click(event));
        this.page.addEventListener('click', (event) => this.push(event));
        this.shown.addEventListener('input', () => this.reshow());
        const sun = byId('round-sun', HTMLFormElement);
        sun.addEventListener('input', () => this.askSun());
        for (const form of [sun, this.shown]) form.addEventListener('submit', (event) => event.preventDefault());
    }

    /** Fetches the home as it is now; what is looked at stays. */
    async fetch() {
        try {
            const facts = await this.fetchFacts();
            this.modelled = this.asked(facts.units);
            this.take(await Model.fetch(`${this.page.dataset.model}?${this.modelled}`), facts);
            this.message.hidden = true;
        } catch (refused) {
            this.say(refused instanceof Error ? refused.message : text('The home could not be fetched.'));
        }
    }

    async fetchFacts() {
        const answer = await fetch(this.page.dataset.facts, { headers: { Accept: 'application/json' } });
        if (!answer.ok) throw new Error(text('The server refused ({status}).', { status: answer.status }));
        return answer.json();
    }

    take(model, facts) {
        const isFirst = this.model === undefined;
        this.model?.free();
        model.chosen = this.model?.chosen ?? '';
        [this.model, this.facts] = [model, facts];
        this.stage.scene.add(model.root);
        this.stage.ground.position.y = model.box.min.y - 0.005;
        this.walk = new Walk(model, this.stage.camera, this.walk);
        this.offerCuts(isFirst);
        if (isFirst) this.begin();
        this.showWanted();
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

    /** How the server is to model the home. @param {string} units of the home */
    asked(units) {
        const { doors, low, wanted } = /** @type {any} */ (this.shown.elements);
        const mm = low.checked ? typedHeight(wanted.value, units, Round.HIGHEST) : null;
        return new URLSearchParams({ doors: doors.checked ? 'open' : 'shut', ...(mm === null ? {} : { low: String(mm) }) }).toString();
    }

    reshow() {
        if (this.asked(this.facts.units) === this.modelled) this.showWanted();
        else this.fetch();
    }

    moved() {
        if (this.model) this.showParts();
        this.stage.invalidate();
    }

    showWanted() {
        const slider = byId('round-cut', HTMLInputElement);
        const isCut = Number(slider.value) < Number(slider.max);
        this.stage.setCut(isCut ? Number(slider.value) / 1000 : Infinity);
        byId('round-cut-words', HTMLElement).textContent = isCut ? roundLength(Number(slider.value), this.facts.units) : text('not cut');
        this.setEye();
        this.showParts();
        this.stage.invalidateShadows();
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
        const { storey, only, roof, through, furniture } = /** @type {any} */ (this.shown.elements);
        const alone = this.alone(only.value);
        const outer = new Set(this.facts.outer);
        const over = this.over();
        const middle = this.model.box.getCenter(new Vector3());
        const eye = this.stage.camera.position;
        const before = this.walking ? new Set() : this.model.before(this.witnesses.places, this.stage.camera);
        this.model.show((part) => {
            const isElsewhere = storey.value === '' ? over.has(part.storey) : part.storey !== storey.value;
            if (isElsewhere || this.hidden.has(part.id) || alone?.has(part.id) === false) return 'gone';
            if (!roof.checked && !this.walking && Model.OVERHEAD.has(part.kind)) return 'gone';
            if (!furniture.checked && Model.FURNITURE.has(part.kind)) return 'gone';
            if (this.walking) return 'shown';
            if (before.has(part.id) && part.id !== this.model.chosen) return 'through';
            return through.checked && outer.has(part.id) && Model.isBetween(part.box, middle, eye) ? 'through' : 'shown';
        });
    }

    /** @returns {Set<string>} storeys above the one that the chosen finding is on; one of a stair is seen with what is above it */
    over() {
        const finding = this.facts.findings.find(({ key }) => key === this.finding);
        const at = this.facts.storeys.findIndex(({ id }) => id === finding?.storey);
        const isStair = this.model.byId.get(finding?.subject)?.[0].round.kind === 'stair';
        return new Set(at < 0 || isStair ? [] : this.facts.storeys.slice(at + 1).map(({ id }) => id));
    }

    /** @returns {Set<string>|null} the ids that are shown alone; null: all are shown */
    alone(only) {
        if (only === '' || this.model.chosen === '') return null;
        if (only === 'chosen') return new Set([this.model.chosen]);
        const room = this.facts.rooms.find(({ id, members }) => id === this.model.chosen || members.includes(this.model.chosen));
        return room ? new Set(room.members) : null;
    }

    /** @param {Box3} box brought into sight */
    show(box, from = Turning.FIRST) {
        this.stopWalking();
        this.turning.show(box, from);
        this.moved();
    }

    showAll() {
        this.stopWalking();
        this.showParts();
        this.show(this.model.seen);
    }

    push(event) {
        const button = event.target.closest('button');
        if (!button) return;
        if (button.dataset.finding) this.openFinding(button.dataset.finding);
        const acts = {
            all: () => this.showAll(),
            above: () => this.show(this.model.seen, Turning.ABOVE),
            walk: () => (this.walking ? this.showAll() : this.startWalking()),
            nearer: () => this.turning.zoom(1 / Turning.NEARER),
            farther: () => this.turning.zoom(Turning.NEARER),
            hide: () => this.hide(new Set([...this.hidden, this.model.chosen])),
            unhide: () => this.hide(new Set()),
        };
        acts[button.dataset.round]?.();
    }

    hide(ids) {
        this.hidden = ids;
        this.chosen.showHidden(ids.size);
        this.showWanted();
    }

    press(event) {
        if (event.ctrlKey || event.metaKey || event.altKey) return;
        const act = (this.walking ? this.walk.act(event) : this.turning.act(event)) ?? this.act(event.key);
        if (!act) return;
        event.preventDefault();
        act();
        this.stage.invalidate();
    }

    act(key) {
        return {
            0: () => this.showAll(),
            Enter: () => this.chooseMiddle(),
            Escape: () => (this.walking ? this.showAll() : this.choose('')),
        }[key];
    }

    startWalking() {
        this.setWalking(true);
        this.say(text('Point at a floor to stand there. Arrow keys walk and turn, Escape ends it.'));
        const room = this.roomOf(this.model.chosen) ?? this.facts.rooms.find(({ outline }) => outline.length > 0);
        if (!room) return;
        this.walk.stand(inScene([room.at[0], room.at[1], room.floor]));
        this.showWanted();
        this.walk.lookFarthest();
        this.view.focus();
    }

    stopWalking() {
        if (!this.walking) return;
        this.setWalking(false);
        this.message.hidden = true;
    }

    setWalking(walks) {
        this.walking = walks;
        this.turning.enabled = !walks;
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
        this.stage.invalidate();
    }

    click(event) {
        if (!this.from || Math.hypot(event.clientX - this.from.x, event.clientY - this.from.y) > 4) return;
        const box = this.view.getBoundingClientRect();
        const at = { x: ((event.clientX - box.left) / box.width) * 2 - 1, y: 1 - ((event.clientY - box.top) / box.height) * 2 };
        const found = this.model.pick(at, this.stage.camera, this.stage.cut);
        if (this.walking && found && Walk.UNDERFOOT.has(found.kind)) {
            this.walk.stand(found.point);
            this.stage.invalidate();
            return;
        }
        this.choose(found ? this.elementOf(found) : '');
    }

    chooseMiddle() {
        const found = this.model.pick({ x: 0, y: 0 }, this.stage.camera, this.stage.cut);
        this.choose(found ? this.elementOf(found) : '');
    }

    /** A floor is of the storey: what is chosen is the room over it. The ground around the home is no element. */
    elementOf({ id, kind, storey, point }) {
        if (id === Model.GROUND) return '';
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
        const storey = this.roomOf(id)?.storey ?? this.model.byId.get(id)?.[0].round.storey ?? '';
        this.chosen.show(id, this.roomOf(id)?.name ?? this.model.name(id), storey);
        this.showParts();
        this.stage.invalidate();
        if (tells) this.channel.postMessage({ chosen: id, storey });
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
        this.show(box.expandByScalar(Round.AROUND));
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
        const isWanted = field(form, 'shadows').checked;
        const question = {};
        this.sunAsked = question;
        const words = byId('round-sun-words', HTMLElement);
        byId('round-sun-when', HTMLElement).hidden = !isWanted;
        const refused = form.querySelector('input:invalid');
        if (isWanted && refused instanceof HTMLElement) {
            words.textContent = refused.dataset.refused;
            return;
        }
        if (isWanted) {
            const asked = new URLSearchParams({ north: String(this.facts.north) });
            for (const name of ['latitude', 'date', 'hour']) asked.set(name, field(form, name).value);
            const answer = await fetch(`${this.page.dataset.sun}?${asked}`, { headers: { Accept: 'application/json' } });
            const said = await answer.json();
            // the answer to an older question comes too late
            if (this.sunAsked !== question) return;
            words.textContent = answer.ok ? said.words : said.message;
            if (!answer.ok) return;
            this.stage.setSun(said.direction, this.model.box);
        } else {
            this.stage.setUsualLight();
        }
        this.model.renewMaterials();
        this.stage.invalidateShadows();
    }

    /** Another page of the same home chose something, or changed it. */
    hear({ chosen, changed }) {
        if (changed) this.fetch();
        else if (chosen !== undefined && this.model && chosen !== this.model.chosen) this.choose(chosen, false);
    }
}
