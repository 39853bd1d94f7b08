import {
    AmbientLight,
    DirectionalLight,
    HemisphereLight,
    Mesh,
    PCFShadowMap,
    PerspectiveCamera,
    Plane,
    PlaneGeometry,
    Scene,
    ShadowMaterial,
    Vector3,
    WebGLRenderer,
} from 'three';

/** What draws: the light, the ground, the height of the cut. Nothing is drawn while nothing changes. */
export class Stage {
    /** How strong sun and sky are where no sun is asked for, by day, and by night. */
    static USUAL = [1.4, 2.2];
    static DAY = [3.2, 1.1];
    static NIGHT = [0, 0.45];

    /** Where the light comes from where no sun is asked for. */
    static ASIDE = new Vector3(-6, 14, 9);

    /**
     * @param {HTMLElement} view
     * @param {(camera: PerspectiveCamera, width: number, height: number) => void} drawn called after each frame
     */
    constructor(view, drawn) {
        this.view = view;
        this.drawn = drawn;
        this.cut = Infinity;
        this.renderer = new WebGLRenderer({ antialias: true, alpha: true, preserveDrawingBuffer: true });
        this.renderer.shadowMap.type = PCFShadowMap;
        this.renderer.setPixelRatio(Math.min(2, devicePixelRatio));
        view.append(this.renderer.domElement);
        this.camera = new PerspectiveCamera(45, 1, 0.05, 500);
        this.scene = new Scene();
        this.light();
        new ResizeObserver(() => this.resize()).observe(view);
    }

    light() {
        this.sky = new HemisphereLight('#ffffff', '#b9a98c');
        this.sun = new DirectionalLight('#fff4dd');
        this.sun.shadow.mapSize.set(2048, 2048);
        this.sun.shadow.bias = -0.0008;
        this.sun.shadow.normalBias = 0.02;
        // the ground catches shadows; nobody said where it lies, so it is not seen else
        this.ground = new Mesh(new PlaneGeometry(400, 400), new ShadowMaterial({ opacity: 0.28 }));
        this.ground.rotation.x = -Math.PI / 2;
        this.ground.receiveShadow = true;
        this.scene.add(this.sky, new AmbientLight('#ffffff', 0.5), this.sun, this.sun.target, this.ground);
        this.setUsualLight();
    }

    setUsualLight() {
        [this.sun.intensity, this.sky.intensity] = Stage.USUAL;
        this.sun.position.copy(Stage.ASIDE);
        this.renderer.shadowMap.enabled = this.sun.castShadow = false;
    }

    /**
     * @param {number[]} direction to the sun, on the plan and up, of length 1
     * @param {import('three').Box3} box that its light falls on
     */
    setSun([x, y, z], box) {
        const middle = box.getCenter(new Vector3());
        const radius = box.getSize(new Vector3()).length() / 2 + 0.5;
        [this.sun.intensity, this.sky.intensity] = z > 0 ? Stage.DAY : Stage.NIGHT;
        this.renderer.shadowMap.enabled = this.sun.castShadow = true;
        this.sun.target.position.copy(middle);
        this.sun.position.copy(middle).addScaledVector(new Vector3(x, z, -y), radius * 2);
        Object.assign(this.sun.shadow.camera, { left: -radius, right: radius, top: radius, bottom: -radius, near: 0.1, far: radius * 4 });
        this.sun.shadow.camera.updateProjectionMatrix();
    }

    /** @param {number} height what lies higher is cut away, m; endless: nothing is */
    setCut(height) {
        this.cut = height;
        this.renderer.clippingPlanes = height === Infinity ? [] : [new Plane(new Vector3(0, -1, 0), height)];
    }

    resize() {
        const { width, height } = this.view.getBoundingClientRect();
        if (width === 0) return;
        this.renderer.setSize(width, height);
        this.camera.aspect = width / height;
        this.camera.updateProjectionMatrix();
        this.invalidate();
    }

    /** Shadows are worked out anew. */
    invalidateShadows() {
        this.renderer.shadowMap.needsUpdate = true;
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
        this.drawn(this.camera, width, height);
        this.view.dataset.frames = String(this.renderer.info.render.frame);
    }
}
