// Prints how many errors, warnings and infos the validator of the Khronos Group finds in some binary glTF files together.
import { readFileSync } from 'node:fs';
import { validateBytes } from 'gltf-validator';

const found = [0, 0, 0];
for (const path of process.argv.slice(2)) {
    const { issues } = await validateBytes(new Uint8Array(readFileSync(path)));
    found[0] += issues.numErrors;
    found[1] += issues.numWarnings;
    found[2] += issues.numInfos;
    for (const message of issues.messages.slice(0, 3)) {
        process.stderr.write(`${message.code} ${message.pointer}: ${message.message}\n`);
    }
}
process.stdout.write(`${JSON.stringify(found)}\n`);
