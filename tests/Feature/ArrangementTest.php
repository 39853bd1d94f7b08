<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Sheets\Arrangement;
use App\Sheets\Extent;
use App\Sheets\Views\SheetView;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Views on a sheet keep inside of it and clear of one another. */
final class ArrangementTest extends TestCase
{
    public function test_views_of_any_size_keep_inside_and_apart(): void
    {
        mt_srand(7);
        $fitted = 0;
        for ($try = 0; $try < 3000; ++$try) {
            $views = [];
            for ($number = mt_rand(1, 7); $number > 0; --$number) {
                $views[] = self::view(mt_rand(5, 120), mt_rand(5, 120), mt_rand(5, 90), mt_rand(5, 90), mt_rand(0, 2) > 0);
            }
            $found = Arrangement::of($views, 10, 12, 400, 259);
            if ($found === null) {
                continue;
            }
            ++$fitted;
            $boxes = [];
            foreach ($views as $number => $view) {
                $hasCaption = count($views) > 1 && $view->caption() !== '';
                $extent = $view->extent()->atLeast($hasCaption ? 7 * Arrangement::LETTER : 0.0);
                $caption = $hasCaption ? Arrangement::CAPTION : 0.0;
                $at = $found->anchors[$number];
                $boxes[] = $box = [
                    $at->x - $extent->left, $at->y - $extent->up, $at->x + $extent->right, $at->y + $extent->down + $caption,
                ];
                self::assertTrue(
                    $box[0] >= 10 - 1e-6 && $box[1] >= 12 - 1e-6 && $box[2] <= 410 + 1e-6 && $box[3] <= 271 + 1e-6,
                    "try {$try}: ".json_encode($box),
                );
            }
            foreach ($boxes as $number => $one) {
                foreach (array_slice($boxes, $number + 1) as $other) {
                    $apart = max($other[0] - $one[2], $one[0] - $other[2], $other[1] - $one[3], $one[1] - $other[3]);
                    self::assertGreaterThan(8.0 - 1e-6, $apart, "try {$try}");
                }
            }
        }
        self::assertGreaterThan(300, $fitted);
    }

    /** 8 mm lie between two views, 7 are for the captions below. */
    #[TestWith([196.0, 252.0, true])]
    #[TestWith([196.1, 252.0, false])]
    #[TestWith([196.0, 252.1, false])]
    public function test_two_beside_one_another_just_fit(float $width, float $height, bool $fits): void
    {
        $view = self::view($width / 2, $width / 2, $height / 2, $height / 2, true);
        self::assertSame($fits, Arrangement::of([$view, $view], 0, 0, 400, 259) !== null);
    }

    /** Three that are too wide for one row and too high for two stand in two columns. */
    public function test_columns_are_tried_where_rows_do_not_do(): void
    {
        $views = [
            self::view(50, 50, 30, 30, false), self::view(50, 50, 90, 90, false), self::view(140, 140, 120, 120, false),
        ];
        $found = Arrangement::of($views, 0, 0, 400, 259);
        self::assertNotNull($found);
        self::assertEqualsWithDelta($found->anchors[0]->x, $found->anchors[1]->x, 1e-9);
    }

    public function test_nothing_fits_nowhere_and_no_view_everywhere(): void
    {
        self::assertNull(Arrangement::of([self::view(201, 200, 5, 5, false)], 0, 0, 400, 259));
        self::assertSame([], Arrangement::of([], 0, 0, 400, 259)?->anchors);
    }

    private static function view(float $left, float $right, float $up, float $down, bool $hasCaption): SheetView
    {
        return new class (new Extent($left, $right, $up, $down), $hasCaption) implements SheetView {
            public function __construct(private Extent $extent, private bool $hasCaption) {}

            public function caption(): string
            {
                return $this->hasCaption ? 'Caption' : '';
            }

            public function scale(): ?int
            {
                return null;
            }

            public function extent(): Extent
            {
                return $this->extent;
            }

            public function draw(float $x, float $y): string
            {
                return '';
            }
        };
    }
}
