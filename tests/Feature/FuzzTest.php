<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Letter;
use App\Models\Revision;
use App\Models\User;
use Database\Seeders\DemoOfficeSeeder;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Route as Routes;
use Laravel\Sanctum\Sanctum;
use Tests\TestCase;

/** Whatever is asked of whatever address: an answer, never a fault of the server. Seeded; `bin/fuzz MINUTES` goes on for longer. */
final class FuzzTest extends TestCase
{
    use RefreshDatabase;

    /** Keys that some form or address has, and some that none has. */
    private const KEYS = [
        'q', 'state', 'page', 'show', 'book', 'finding', 'subject', 'storey', 'select', 'ids', 'fields', 'with', 'level', 'by', 'sort',
        'down', 'format', 'paper', 'scale', 'text', 'kind', 'units', 'typing', 'space', 'version', 'edit', 'books', 'settings', 'rooms',
        'total', 'free', 'name', 'email', 'password', 'role', 'open', 'wanted', 'code', 'words', 'item', 'element', 'key', 'typed', 'x',
        'y', 'answer', 'layout', 'address', 'country', 'between', 'copy_of', 'legs', 'grow', 'at', 'from', 'to', 'length', 'size',
        'distance', 'thickness', 'type', 'towards', 'count', 'across', 'up', 'stretches', 'crossings', 'all', 'as_they_are', 'outside',
        'datum', 'precision', 'inside', 'sent_as', 'risers', 'tread', 'headroom', 'remember', 'token', 'scheme', 'what', 'nothing',
    ];

    private const TEXTS = [
        '',
        ' ',
        '0',
        '-1',
        '1',
        '2026',
        '1e308',
        '-1e309',
        'NaN',
        'INF',
        "\0",
        "\u{FFFE}",
        "\u{202E}abc",
        '😀',
        "a\nb",
        '<script>alert(1)</script>',
        "' or 1=1 --",
        '%',
        '{"edit":"remove","ids":["w1"]}',
        '{"edit":"document","values":{"units":"cubits"}}',
        '[',
        'us-irc-2021',
        'G',
        '12\'-6 1/2"',
        '3.6 4.2',
        '1,2',
        '99999999999,0',
        'wall',
        'reviewer',
        '../../etc/passwd',
        'us-irc-2021/room-area/gr7',
    ];

    public function test_no_request_is_answered_with_a_fault(): void
    {
        $this->app->make(DemoOfficeSeeder::class)->run();
        $people = User::query()->pluck('id')->all();
        [$seconds, $seed] = [self::given('HEUREMA_FUZZ_SECONDS', 60), self::given('HEUREMA_FUZZ_SEED', 1)];
        mt_srand($seed);
        $routes = array_values(array_filter(
            Routes::getRoutes()->getRoutes(),
            static fn(Route $route): bool => str_starts_with($route->getActionName(), 'App\\'),
        ));
        $until = microtime(true) + $seconds;
        // every route once, however slow the machine, then at random
        for ($number = 0; $number < count($routes) || microtime(true) < $until; ++$number) {
            $route = $routes[$number < count($routes) ? $number : mt_rand(0, count($routes) - 1)];
            Cache::flush();
            $person = User::query()->whereKey($people[mt_rand(0, count($people) - 1)])->firstOrFail();
            Auth::shouldUse('web');
            $this->actingAs($person);
            if (str_starts_with($route->uri(), 'api/')) {
                Sanctum::actingAs($person, ['*']);
            }
            $values = mt_rand(0, 2) === 0 ? [...self::values(), ...self::nearlyRight()] : self::values();
            $address = self::address($route);
            $start = self::worked();
            $answer = $this->call(
                $route->methods()[0],
                $address,
                $values,
                [],
                $route->getName() === 'projects.store'
                    ? [
                        'layout' => UploadedFile::fake()->createWithContent(
                            'home.json',
                            self::mutated(File::get(self::demoFile('weir-cabin'))),
                        ),
                    ]
                    : [],
            );
            $took = self::worked() - $start;
            self::assertLessThan(
                500,
                $answer->getStatusCode(),
                mb_strimwidth(
                    "{$seed}, {$number}: {$route->methods()[0]} {$address} ".($answer->exception?->getMessage() ?? '').' '
                        .json_encode($values, JSON_PARTIAL_OUTPUT_ON_ERROR),
                    0,
                    1200,
                    '…',
                ),
            );
            // a letter is set into pages while one waits
            self::assertLessThan(str_ends_with($address, '/pdf') ? 6.0 : 2.0, $took, "{$route->methods()[0]} {$address}");
        }
    }

    /** Seconds that this process has worked, whatever else the machine does. */
    private static function worked(): float
    {
        /** @var array<string, int> $usage */
        $usage = getrusage();

        return $usage['ru_utime.tv_sec'] + $usage['ru_stime.tv_sec'] + ($usage['ru_utime.tv_usec'] + $usage['ru_stime.tv_usec']) / 1e6;
    }

    private static function given(string $name, int $else): int
    {
        $given = getenv($name);

        return $given === false ? $else : (int) $given;
    }

    /** @return array<string, mixed> what people and scripts send, a little off */
    private static function nearlyRight(): array
    {
        $edits = [
            '{"edit":"add","storey":"G","list":"walls","values":{"id":"zz1","from":[0,0],"to":[4000,0],"thickness":100,"type":"interior"}}',
            '{"edit":"change","id":"w1","values":{"thickness":200}}',
            '{"edit":"move_wall","id":"w2","left":200}',
            '{"edit":"together","edits":[{"edit":"remove","ids":["w3"]},{"edit":"move","ids":["f1"],"by":[10,10]}],"words":"x"}',
            '{"edit":"heights","storey":"G","ceiling":2400}',
        ];
        $rule = "- { id: tall-living, clause: brief, title: A tall living room, subject: room, when: room.use == 'living', "
            .'measure: room.ceiling_height, at_least: 2.7 m, why: w, source: the client }';

        return [
            'version' => (string) mt_rand(1, 4), 'storey' => 'G', 'select' => ['w1', 'gf8', 'r1', 'nothing'][mt_rand(0, 3)],
            'edit' => self::mutated($edits[mt_rand(0, count($edits) - 1)]),
            'free' => self::mutated($rule),
            'rooms' => self::mutated("Bedroom 11' x 12'4\nBath 1800 x 2400"),
            'size' => self::mutated("11' x 13'4\""), 'distance' => self::mutated("12'-6 1/2\""), 'thickness' => self::mutated('100 mm'),
            'across' => self::mutated('3.6 4.2 3 x 5'),
            'from' => self::mutated('1000,2000'), 'to' => self::mutated('4000,2000'), 'at' => self::mutated('2000,1500'),
            'by' => self::mutated('100,0'),
            'kind' => [
                'water_closet',
                'door',
                'column',
            ][mt_rand(0, 2)],
        ];
    }

    /** Some of a text taken away, doubled, or put otherwise; as often as not as it is. */
    private static function mutated(string $text): string
    {
        for ($i = mt_rand(-2, 3); $i > 0; --$i) {
            [$at, $length] = [mt_rand(0, max(0, strlen($text) - 1)), mt_rand(1, 6)];
            $text = match (mt_rand(0, 3)) {
                0 => substr_replace($text, '', $at, $length),
                1 => substr_replace($text, substr($text, $at, $length), $at, 0),
                2 => substr_replace($text, self::TEXTS[mt_rand(0, count(self::TEXTS) - 1)], $at, $length),
                default => (string) preg_replace('/\d+(\.\d+)?/', (string) [0, -1, 1e9, 1e-9, 99999999999][mt_rand(0, 4)], $text, 1),
            };
        }

        return mb_scrub($text);
    }

    /** @return array<string, mixed> */
    private static function values(): array
    {
        $values = [];
        for ($i = mt_rand(0, 7); $i > 0; --$i) {
            $values[self::KEYS[mt_rand(0, count(self::KEYS) - 1)]] = self::value(2);
        }

        return $values;
    }

    private static function value(int $deep): mixed
    {
        return match (true) {
            $deep > 0 && mt_rand(0, 3) === 0 => array_combine(
                array_map(
                    static fn(int $i): int|string => mt_rand(0, 1) === 0 ? $i : self::TEXTS[mt_rand(0, count(self::TEXTS) - 1)].$i,
                    range(0, 2),
                ),
                [self::value($deep - 1), self::value($deep - 1), self::value($deep - 1)],
            ),
            mt_rand(0, 9) === 0 => str_repeat(self::TEXTS[mt_rand(0, count(self::TEXTS) - 1)], mt_rand(1, 3000)),
            default => self::TEXTS[mt_rand(0, count(self::TEXTS) - 1)],
        };
    }

    private static function address(Route $route): string
    {
        $revision = Revision::query()->inRandomOrder(mt_rand())->firstOrFail();
        $known = [
            'scheme' => $revision->scheme_id,
            'revision' => $revision->id,
            'project' => $revision->scheme()->value('project_id'),
            'letter' => Letter::query()->value('id'),
            'person' => User::query()->value('id'),
            'stair' => 'st1',
            'kind' => 'rooms',
            'format' => 'csv',
            'act' => array_rand(array_flip([
                'edit', 'move', 'wall', 'rectangle', 'openings', 'fixture', 'axes', 'blocks', 'values', 'set-all', 'dimension',
                'block-walls', 'axis-walls', 'place-dimension', 'setting-out', 'parallel',
            ])),
            'book' => 'uk-space',
        ];

        return preg_replace_callback('/\{(\w+)\??\}/', static function (array $found) use ($known): string {
            $value = mt_rand(0, 7) === 0 ? self::TEXTS[mt_rand(0, count(self::TEXTS) - 1)] : ($known[$found[1]] ?? 'x');

            return rawurlencode(is_scalar($value) ? (string) $value : '');
        }, '/'.ltrim($route->uri(), '/')) ?? '/';
    }
}
