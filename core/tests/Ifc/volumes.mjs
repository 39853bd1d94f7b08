// Prints the volume of every product of a building model, in m3 by its GlobalId, as an independent reader of the standard draws them:
// by the divergence theorem over its triangles.
import { readFileSync } from 'node:fs';
import { IFCSPACE, IfcAPI } from 'web-ifc';

const api = new IfcAPI();
await api.Init();
const model = api.OpenModel(new Uint8Array(readFileSync(process.argv[2])));
const volumes = {};
const measure = (mesh) => {
    let sixfold = 0;
    for (let number = 0; number < mesh.geometries.size(); number += 1) {
        const placed = mesh.geometries.get(number);
        const geometry = api.GetGeometry(model, placed.geometryExpressID);
        const vertices = api.GetVertexArray(geometry.GetVertexData(), geometry.GetVertexDataSize());
        const indices = api.GetIndexArray(geometry.GetIndexData(), geometry.GetIndexDataSize());
        const m = placed.flatTransformation;
        const at = (index) => {
            const [x, y, z] = vertices.subarray(6 * index, 6 * index + 3);
            return [0, 1, 2].map((row) => m[row] * x + m[4 + row] * y + m[8 + row] * z + m[12 + row]);
        };
        for (let corner = 0; corner < indices.length; corner += 3) {
            const [a, b, c] = [at(indices[corner]), at(indices[corner + 1]), at(indices[corner + 2])];
            sixfold +=
                a[0] * (b[1] * c[2] - b[2] * c[1]) - a[1] * (b[0] * c[2] - b[2] * c[0]) + a[2] * (b[0] * c[1] - b[1] * c[0]);
        }
    }
    volumes[api.GetLine(model, mesh.expressID).GlobalId.value] = Math.abs(sixfold / 6);
};
api.StreamAllMeshes(model, measure);
// which leaves out spaces
api.StreamAllMeshesWithTypes(model, [IFCSPACE], measure);
const spaces = api.GetLineIDsWithType(model, api.GetTypeCodeFromName('IFCSPACE')).size();
process.stdout.write(JSON.stringify({ schema: api.GetModelSchema(model), spaces, volumes }));
