<?php

declare(strict_types=1);

namespace Heurema\Scene;

use Heurema\Layout\Storey;

/**
 * A scene as one binary glTF 2.0 file (ISO/IEC 12113:2022): a node a storey, under it a node an element with its id, mark, kind and name,
 * in metres, y up, right-handed. Nothing is fetched from elsewhere.
 */
final class BinaryModel
{
    private const GLTF = 0x46546C67;
    private const JSON = 0x4E4F534A;
    private const BIN = 0x004E4942;
    private const FLOAT = 5126;
    private const SHORT = 5123;
    private const LONG = 5125;
    private const VERTICES = 34962;
    private const INDICES = 34963;

    private string $bin = '';

    /** @var list<array<string, mixed>> */
    private array $views = [];

    /** @var list<array<string, mixed>> */
    private array $accessors = [];

    /** @var list<array<string, mixed>> */
    private array $meshes = [];

    /** @var list<array<string, mixed>> */
    private array $nodes = [];

    /** @var list<Material> those that something is made of */
    private array $materials = [];

    private function __construct(private readonly Scene $scene) {}

    public static function write(Scene $scene): string
    {
        return (new self($scene))->file();
    }

    private function file(): string
    {
        $storeys = array_map($this->storey(...), $this->scene->home->layout->storeys);
        $document = array_filter([
            'asset' => ['version' => '2.0', 'generator' => 'Heurema'],
            'scene' => 0,
            'scenes' => [['name' => $this->scene->home->layout->name, ...$storeys === [] ? [] : ['nodes' => $storeys]]],
            'nodes' => $this->nodes,
            'meshes' => $this->meshes,
            'materials' => array_map(self::material(...), $this->materials),
            'accessors' => $this->accessors,
            'bufferViews' => $this->views,
            'buffers' => $this->bin === '' ? [] : [['byteLength' => strlen($this->bin)]],
        ], static fn(array|int $value): bool => $value !== []);
        $json = json_encode($document, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
        $chunks = self::chunk(self::JSON, $json, ' ').($this->bin === '' ? '' : self::chunk(self::BIN, $this->bin, "\0"));

        return pack('VVV', self::GLTF, 2, 12 + strlen($chunks)).$chunks;
    }

    private static function chunk(int $type, string $content, string $fill): string
    {
        $padded = $content.str_repeat($fill, (4 - strlen($content) % 4) % 4);

        return pack('VV', strlen($padded), $type).$padded;
    }

    private function storey(Storey $storey): int
    {
        $children = [];
        foreach ($this->scene->parts as $part) {
            if ($part->storey === $storey->id) {
                $children[] = $this->part($part);
            }
        }
        $this->nodes[] = [
            'name' => $storey->name, 'extras' => [
                'id' => $storey->id, 'kind' => 'storey',
            ], ...$children === [] ? [] : ['children' => $children],
        ];

        return count($this->nodes) - 1;
    }

    private function part(Part $part): int
    {
        $mark = $this->scene->home->marks()->of($part->element);
        $this->meshes[] = ['name' => $part->name, 'primitives' => [$this->primitive(Mesh::of($part->prisms), $part->material)]];
        $this->nodes[] = [
            'name' => $part->name,
            'mesh' => count($this->meshes) - 1,
            'extras' => ['id' => $part->element, ...$mark === '' ? [] : ['mark' => $mark], 'kind' => $part->material->value],
        ];

        return count($this->nodes) - 1;
    }

    /** @return array<string, mixed> */
    private function primitive(Mesh $mesh, Material $material): array
    {
        $corners = $normals = '';
        $known = $indices = [];
        foreach ($mesh->triangles as $triangle) {
            $normal = self::normal($triangle);
            if ($normal === null) {
                continue;
            }
            $facing = pack('g3', ...$normal);
            foreach ($triangle as [$x, $y, $z]) {
                $corner = pack('g3', $x / 1000.0, $z / 1000.0, -$y / 1000.0);
                $number = $known[$corner.$facing] ?? null;
                if ($number === null) {
                    $number = $known[$corner.$facing] = count($known);
                    $corners .= $corner;
                    $normals .= $facing;
                }
                $indices[] = $number;
            }
        }
        [$least, $most] = self::reach($corners);
        $isLong = count($known) > 65_535;

        return [
            'attributes' => [
                'POSITION' => $this->accessor(
                    $corners,
                    self::VERTICES,
                    self::FLOAT,
                    'VEC3',
                    count($known),
                    ['min' => $least, 'max' => $most],
                ),
                'NORMAL' => $this->accessor($normals, self::VERTICES, self::FLOAT, 'VEC3', count($known)),
            ],
            'indices' => $this->accessor(
                pack($isLong ? 'V*' : 'v*', ...$indices),
                self::INDICES,
                $isLong ? self::LONG : self::SHORT,
                'SCALAR',
                count($indices),
            ),
            'material' => $this->materialOf($material),
        ];
    }

    /** @return array{array<float>, array<float>} least and greatest of packed corners, as they are read back */
    private static function reach(string $corners): array
    {
        [$least, $most] = [[INF, INF, INF], [-INF, -INF, -INF]];
        /** @var list<float> $numbers */
        $numbers = array_values((array) unpack('g*', $corners));
        foreach ($numbers as $number => $value) {
            $axis = $number % 3;
            $least[$axis] = min($least[$axis], $value);
            $most[$axis] = max($most[$axis], $value);
        }

        return [$least, $most];
    }

    /**
     * @param array{array{float, float, float}, array{float, float, float}, array{float, float, float}} $triangle
     *
     * @return array{float, float, float}|null of length 1, y up; null: it has no area
     */
    private static function normal(array $triangle): ?array
    {
        [$a, $b, $c] = $triangle;
        [$u, $v] = [[$b[0] - $a[0], $b[1] - $a[1], $b[2] - $a[2]], [$c[0] - $a[0], $c[1] - $a[1], $c[2] - $a[2]]];
        $cross = [$u[1] * $v[2] - $u[2] * $v[1], $u[2] * $v[0] - $u[0] * $v[2], $u[0] * $v[1] - $u[1] * $v[0]];
        $length = sqrt($cross[0] ** 2 + $cross[1] ** 2 + $cross[2] ** 2);

        return $length < 1e-6 ? null : [$cross[0] / $length, $cross[2] / $length, -$cross[1] / $length];
    }

    /** @param array<string, mixed> $more */
    private function accessor(string $bytes, int $target, int $component, string $type, int $count, array $more = []): int
    {
        $this->bin .= str_repeat("\0", (4 - strlen($this->bin) % 4) % 4);
        $this->views[] = ['buffer' => 0, 'byteOffset' => strlen($this->bin), 'byteLength' => strlen($bytes), 'target' => $target];
        $this->bin .= $bytes;
        $this->accessors[] = [
            'bufferView' => count($this->views) - 1, 'componentType' => $component, 'count' => $count, 'type' => $type, ...$more,
        ];

        return count($this->accessors) - 1;
    }

    private function materialOf(Material $material): int
    {
        $number = array_search($material, $this->materials, true);
        if ($number === false) {
            $this->materials[] = $material;
            $number = count($this->materials) - 1;
        }

        return $number;
    }

    /** @return array<string, mixed> */
    private static function material(Material $material): array
    {
        $colour = $material->colour();

        return [
            'name' => $material->value,
            'pbrMetallicRoughness' => ['baseColorFactor' => $colour, 'metallicFactor' => 0.0, 'roughnessFactor' => 0.9],
            ...$colour[3] < 1.0 ? ['alphaMode' => 'BLEND', 'doubleSided' => true] : [],
        ];
    }
}
