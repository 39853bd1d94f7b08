<?php

declare(strict_types=1);

namespace Heurema\Tests\Review;

use Heurema\Review\Verdict;
use Heurema\Tests\Sketch;
use PHPUnit\Framework\Attributes\DataProvider;

/** What codes except, what they do not mean, and what must not pass unseen, on drawn homes. */
final class DrawnExceptionsTest extends DrawnLimits
{
    public static function limits(): iterable
    {
        yield 'IRC R311.3.2: a step of 7 3/4 in at the door that lets one out' => [
            'us-irc-2021/door-landing',
            'd',
            static fn(float $down): Sketch => self::door(-$down, 'left'),
            7.75 * self::INCH,
            self::MOST,
        ];
        yield 'IRC R311.3.1: 1 1/2 in where that door opens outwards' => [
            'us-irc-2021/door-landing',
            'd',
            static fn(float $down): Sketch => self::door(-$down, 'right'),
            1.5 * self::INCH,
            self::MOST,
        ];
        yield 'IRC R303.2: half of the common wall open, by its area' => [
            'us-irc-2021/shared-light',
            'k',
            static fn(float $height): Sketch => self::shared(3000, $height),
            4000 * 2400 / 2 / 3000,
            self::LEAST,
        ];
        yield 'IRC R305.1, exception 2: 6 ft 8 in at the centre of the clearance before a fixture, under a slope' => [
            'us-irc-2021/ceiling-wet',
            'r',
            static fn(float $height): Sketch => self::underSlope($height),
            80 * self::INCH,
            self::LEAST,
        ];
        yield 'IRC Figure R307.1: 21 in where one steps out of a bath' => [
            'us-irc-2021/bath-front',
            'f',
            static fn(float $front): Sketch => Sketch::room(1524, 762 + $front, 'bathroom')->fixture(
                'f',
                'bath',
                762,
                762 + $front,
                270,
                1524,
                762,
            ),
            21 * self::INCH,
            self::LEAST,
        ];
        yield 'IRC P2705.1: 4 in beside a basin' => [
            'us-irc-2021/lavatory-side',
            'f',
            static fn(float $beside): Sketch => Sketch::room(3000, 2400, 'bathroom')->fixture(
                'f',
                'lavatory',
                254 + $beside,
                0,
                90,
                508,
                457,
            ),
            4 * self::INCH,
            self::LEAST,
        ];
        yield 'NCC 10.3.1: two thirds of a room at 2.4 m beside a projection' => [
            'au-ncc-2022/height-habitable',
            'r',
            static fn(float $clear): Sketch => Sketch::room(3000, 4000)->with(['ceiling' => 2500])->add(
                'soffits',
                ['id' => 'x', 'outline' => [[0, 0], [3000 - $clear, 0], [3000 - $clear, 4000], [0, 4000]], 'underside' => 2200],
            ),
            2000.1,
            self::LEAST,
            1.0,
        ];
        yield 'ADA 804.3: the top of a counter at 34 in' => [
            'us-access/work-surface',
            'r',
            static fn(float $top): Sketch => Sketch::room(4000, 3000, 'kitchen')->fixture(
                'k',
                'counter',
                2000,
                0,
                90,
                900,
                600,
                ['base' => $top - 38, 'height' => 38],
            ),
            34 * self::INCH,
            self::MOST,
        ];
        yield 'space standard: 39 m² for a studio with a bath' => [
            'uk-space/internal-area',
            'dwelling',
            static fn(float $width): Sketch => Sketch::room($width, 6000, 'living')->fixture('b', 'bath', 900, 6000, 270, 1700, 700),
            6500,
            self::LEAST,
        ];
        yield 'space standard: 37 m² for a studio with a shower' => [
            'uk-space/internal-area',
            'dwelling',
            static fn(float $width): Sketch => Sketch::room($width, 5000, 'living')->fixture('b', 'shower', 500, 5000, 270, 900, 900),
            7400,
            self::LEAST,
        ];
    }

    public static function advice(): iterable
    {
        yield 'IPC 405.3.1: 15 in from the centre line of a basin' => [
            'us-irc-2021/lavatory-centre',
            'f',
            static fn(float $beside): Sketch => Sketch::room(3000, 2400, 'bathroom')->fixture('f', 'lavatory', $beside, 0, 90, 508, 457),
            15 * self::INCH,
        ];
        yield 'common practice, no source: a bath 1400 mm long, whichever way it is turned' => [
            'practice-kitchen-bath/bath-length',
            'f',
            static fn(float $long): Sketch => Sketch::room(3000, 2400, 'bathroom')->fixture('f', 'bath', 1500, 0, 90, 700, $long),
            1400,
        ];
        yield 'common practice, no source: inner walls of masonry up to 240 mm' => [
            'practice-home/partition',
            'w5',
            static fn(float $thick): Sketch => Sketch::room(6000, 3000)->wall(
                [2000, -100],
                [2000, 3100],
                $thick,
            )->use('s', 'study', 1000, 1000),
            240,
            self::MOST,
        ];
        yield 'common practice, no source: ceilings of 2.4 m' => [
            'practice-home/ceiling',
            'r',
            static fn(float $height): Sketch => Sketch::room(4000, 3000, 'living')->with(['ceiling' => $height]),
            2400,
        ];
    }

    /**
     * @return iterable<string, array{0: string, 1: string, 2: Sketch, 3: Verdict, 4?: array<string, bool|string>}>
     *     rule, subject, home, verdict, settings
     */
    public static function verdicts(): iterable
    {
        $upstairs = Sketch::room(5000, 4000, 'hall')->stair([
            'start' => [1000, 500],
            'parts' => [['flight' => ['risers' => 15, 'tread' => 260]]],
        ])
            ->upper([
                'rooms' => [['id' => 'u', 'name' => 'U', 'use' => 'living', 'at' => [3000, 2000]]],
                'openings' => [[
                    'id' => 'd', 'kind' => 'door', 'wall' => 'uw1', 'at' => 2500, 'width' => 950, 'height' => 2100, 'operation' => 'hinged',
                    'opens' => 'left', 'hinge' => 'from',
                ]],
            ]);
        yield 'the only door is upstairs, with nothing outside' => ['us-irc-2021/egress-door', 'dwelling', $upstairs, Verdict::Violated];
        yield 'nor does it have a landing' => ['us-irc-2021/door-landing', 'd', $upstairs, Verdict::Violated];
        yield 'from the ground floor there is no way out' => [
            'us-irc-2021/egress-path',
            'r',
            Sketch::room(5000, 4000, 'bedroom')->door('w1', 2500, 950, ['operation' => 'hinged'])->document(['grade' => -3048]),
            Verdict::Violated,
        ];
        yield 'a dropped ceiling over two thirds of a room is no beam' => [
            'us-irc-2021/ceiling-habitable',
            'r',
            Sketch::room(3658, 3658, 'living')->with(['ceiling' => 2440])->add(
                'soffits',
                ['id' => 'x', 'outline' => [[0, 0], [2438, 0], [2438, 3658], [0, 3658]], 'underside' => 2007],
            ),
            Verdict::Violated,
        ];
        yield 'a hall under a slope of 4 to 6 ft' => [
            'us-irc-2021/ceiling-habitable',
            'r',
            Sketch::room(1200, 3000, 'hall')->with([
                'rooms' => [[
                    'id' => 'r',
                    'name' => 'R',
                    'use' => 'hall',
                    'at' => [600, 1500],
                    'ceiling' => ['from' => [0, 0], 'to' => [1200, 0], 'low' => 1220, 'high' => 1830],
                ]],
            ]),
            Verdict::Violated,
        ];
        yield 'a socket whose height nobody drew' => [
            'uk-part-m/controls',
            'f',
            Sketch::room(4000, 3000, 'hall')->fixture('f', 'socket', 2000, 0, 90, 80, 20),
            Verdict::Undetermined,
        ];
        $below = static fn(?array $well): Sketch => Sketch::room(4000, 3500)->document(['grade' => 2000])->window(
            'w1',
            2000,
            1000,
            1200,
            ['operation' => 'casement', 'sill' => 900, ...($well === null ? [] : ['well' => $well])],
        );
        yield 'an escape window below ground without a well' => ['us-irc-2021/window-well', 'n', $below(null), Verdict::Undetermined];
        yield 'with one' => [
            'us-irc-2021/window-well',
            'n',
            $below(['width' => 1000, 'projection' => 1000, 'depth' => 1000]),
            Verdict::Met,
        ];
        yield 'a well 44 in deep needs no ladder' => [
            'us-irc-2021/well-ladder',
            'n',
            $below(['width' => 1000, 'projection' => 1000, 'depth' => 1117.6]),
            Verdict::NotApplicable,
        ];
        yield 'a deeper one does' => [
            'us-irc-2021/well-ladder',
            'n',
            $below(['width' => 1000, 'projection' => 1000, 'depth' => 1117.7, 'ladder' => false]),
            Verdict::Violated,
        ];
        yield 'and has it' => [
            'us-irc-2021/well-ladder',
            'n',
            $below(['width' => 1000, 'projection' => 1000, 'depth' => 1117.7, 'ladder' => true]),
            Verdict::Met,
        ];
        yield 'a bare opening to the garage' => [
            'us-irc-2021/garage-opening',
            'g1',
            self::garage()->add(
                'openings',
                ['id' => 'g1', 'kind' => 'gap', 'wall' => 'w5', 'at' => 2100, 'width' => 900, 'height' => 2100],
            ),
            Verdict::Violated,
        ];
        yield 'a leaf of 35 mm is not known to be solid' => [
            'us-irc-2021/garage-door',
            'd',
            self::garage()->door('w5', 2100, 900, ['operation' => 'hinged', 'leaf_thickness' => 35]),
            Verdict::Undetermined,
        ];
        yield 'where the project says that leaves are solid it is' => [
            'us-irc-2021/garage-door',
            'd',
            self::garage()->door('w5', 2100, 900, ['operation' => 'hinged', 'leaf_thickness' => 35]),
            Verdict::Met,
            ['solid_leaves' => true],
        ];
        yield 'a detached garage asks for no alarm' => [
            'us-irc-2021/alarms-co',
            'dwelling',
            Sketch::room(4000, 3000)->chain([[8000, 0], [12000, 0], [12000, 6000], [8000, 6000]])->use('g', 'garage', 10000, 3000),
            Verdict::NotApplicable,
        ];
        yield 'a garage with a door to the house does' => [
            'us-irc-2021/alarms-co',
            'dwelling',
            self::garage('bedroom')->door('w5', 2100, 900, ['operation' => 'hinged']),
            Verdict::Violated,
        ];
        yield 'glass in a door without a word of its kind' => [
            'us-irc-2021/glazing-in-door',
            'd',
            Sketch::room(4000, 3000, 'living')->door('w1', 2000, 900, ['operation' => 'sliding', 'glazed' => true]),
            Verdict::Undetermined,
        ];
        yield 'exhaust alone does not light a bathroom' => [
            'us-irc-2021/bath-window',
            'r',
            Sketch::room(2000, 2000, 'bathroom')->with([
                'rooms' => [['id' => 'r', 'name' => 'R', 'use' => 'bathroom', 'at' => [1000, 1000], 'exhaust' => true, 'lit' => false]],
            ]),
            Verdict::Violated,
        ];
        yield 'a solid door is no light and no air in India' => [
            'in-nbc-2016/openings',
            'r',
            Sketch::room(4000, 3000)->door('w1', 2000, 900, ['operation' => 'hinged']),
            Verdict::Violated,
        ];
        yield 'a stair of more than three risers without a rail in India' => [
            'in-nbc-2016/handrail',
            's',
            Sketch::room(4000, 6000, 'hall')->stair([
                'start' => [2000, 1000],
                'handrails' => ['left' => null, 'right' => null],
                'parts' => [['flight' => ['risers' => 14, 'tread' => 260]]],
            ]),
            Verdict::Violated,
        ];
        yield 'the plinth is that of the ground storey' => [
            'in-nbc-2016/plinth',
            'dwelling',
            Sketch::room(4000, 3000, 'storage')
                ->with(['elevation' => -2600, 'ceiling' => 2350])
                ->document(['grade' => -450])
                ->upper(['elevation' => 0, 'rooms' => [['id' => 'u', 'name' => 'U', 'use' => 'living', 'at' => [2000, 1500]]]]),
            Verdict::Met,
        ];
        foreach ([
            'us-access/door-width' => 'd',
            'uk-part-m/entrance-door' => 'dwelling',
            'au-livable/entrance' => 'dwelling',
        ] as $rule => $subject) {
            yield "of a pair one leaf alone clears, {$rule}" => [
                $rule,
                $subject,
                Sketch::room(6000, 4000, 'living')->door(
                    'w1',
                    3000,
                    1500,
                    ['operation' => 'double_hinged', 'opens' => 'left', 'threshold' => 0],
                ),
                Verdict::Violated,
            ];
        }
        yield 'a closet that one does not walk into has a door as narrow as it likes' => [
            'us-fair-housing/door-nominal',
            'd',
            self::beside('closet', 4600),
            Verdict::NotApplicable,
        ];
        yield 'a hall does not' => ['us-fair-housing/door-nominal', 'd', self::beside('hall', 4600), Verdict::Violated];
        yield 'turning is not asked of halls' => ['us-access/turning', 'r', Sketch::room(1000, 4000, 'hall'), Verdict::NotApplicable];
        yield 'every door in category 3' => [
            'uk-part-m/internal-door', 'd', self::beside('closet', 4600), Verdict::Violated, ['category' => 'M4(3)'],
        ];
        foreach (['kitchen_living', 'kitchen_dining', 'pantry', 'kitchen'] as $kitchen) {
            foreach ([[null, Verdict::Undetermined], [true, Verdict::Met], [false, Verdict::Violated]] as [$exhaust, $verdict]) {
                yield "a bathroom with a pan off a {$kitchen}, exhaust ".json_encode($exhaust) => [
                    'au-ncc-2022/wc-kitchen',
                    'd',
                    self::toilet($kitchen, $exhaust),
                    $verdict,
                ];
            }
        }
        yield 'off a hall it is nobody\'s concern' => ['au-ncc-2022/wc-kitchen', 'd', self::toilet('hall', null), Verdict::Met];
    }

    /** @param array<string, bool|string> $settings */
    #[DataProvider('verdicts')]
    public function test_what_is_excepted_and_what_is_not(
        string $rule,
        string $subject,
        Sketch $drawn,
        Verdict $verdict,
        array $settings = [],
    ): void {
        self::assertSame($verdict, self::verdict($rule, $drawn, $subject, $settings));
    }

    /** A home whose one door leads outside, at a level; left opens inwards. */
    private static function door(float $outside, string $opens): Sketch
    {
        return Sketch::room(4000, 3000, 'entry')->document(['grade' => $outside])->door(
            'w1',
            2000,
            950,
            ['operation' => 'hinged', 'hinge' => 'from', 'opens' => $opens, 'exterior_level' => $outside, 'height' => 2100],
        );
    }

    /** A kitchen with a small window, open to a living room with a large one over a gap in a wall of 4000. */
    private static function shared(float $width, float $height): Sketch
    {
        return (new Sketch())
            ->chain([[-100, -100], [8200, -100], [8200, 4100], [-100, 4100]])
            ->wall([4050, -100], [4050, 4100])
            ->use('k', 'kitchen', 2000, 2000)
            ->use('l', 'living', 6000, 2000)
            ->add('openings', ['id' => 'g', 'kind' => 'gap', 'wall' => 'w5', 'at' => 2100, 'width' => $width, 'height' => $height])
            ->window('w1', 2000, 600, 600, ['id' => 'a', 'operation' => 'casement', 'sill' => 1200])->window(
                'w2',
                2000,
                3000,
                1800,
                ['id' => 'b', 'operation' => 'casement', 'sill' => 300],
            );
    }

    /** A bathroom of 3 m under a slope that is lowest at its far end, a water closet where the ceiling is as high as said. */
    private static function underSlope(float $height): Sketch
    {
        return Sketch::room(2000, 3000, 'bathroom')->with([
            'rooms' => [[
                'id' => 'r',
                'name' => 'R',
                'use' => 'bathroom',
                'at' => [1000, 1500],
                'ceiling' => ['from' => [0, 3000], 'to' => [0, 966.7], 'low' => 1000, 'high' => $height],
            ]],
        ])->fixture('f', 'water_closet', 1000, 0, 90, 400, 700);
    }

    private static function garage(string $use = 'hall'): Sketch
    {
        return (new Sketch())
            ->chain([[-100, -5100], [4100, -5100], [4100, 3100], [-100, 3100]])
            ->wall([-100, -50], [4100, -50])
            ->use('r', $use, 2000, 1500)
            ->use('g', 'garage', 2000, -2500);
    }

    private static function beside(string $use, float $x): Sketch
    {
        return Sketch::room(5000, 4000)
            ->wall([4200, -100], [4200, 4100])
            ->use('c', $use, $x, 2000)
            ->door('w5', 2000, 600, ['operation' => 'hinged', 'opens' => 'left', 'hinge' => 'from']);
    }

    private static function toilet(string $beyond, ?bool $exhaust): Sketch
    {
        return Sketch::room(6000, 4000)->wall([2000, -100], [2000, 4100])->with([
            'rooms' => [
                ['id' => 'k', 'name' => 'K', 'use' => $beyond, 'at' => [4000, 2000]],
                [
                    'id' => 't',
                    'name' => 'T',
                    'use' => 'bathroom',
                    'at' => [1000, 2000],
                    ...($exhaust === null ? [] : ['exhaust' => $exhaust]),
                ],
            ],
        ])
            ->fixture('c', 'water_closet', 500, 0, 90, 380, 700)->door('w5', 2000, 800, ['operation' => 'hinged']);
    }
}
