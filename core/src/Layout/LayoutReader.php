<?php

declare(strict_types=1);

namespace Heurema\Layout;

use Heurema\Language\Text;
use Heurema\Layout\Schema\JsonCursor;
use Heurema\Layout\Schema\UnreadableLayout;
use Heurema\Layout\Upgrade\Upgrades;

/** Reads a layout document, whole or not at all. */
final class LayoutReader
{
    /** As a document is kept, without what only makes it legible. */
    public const LARGEST_BYTES = 5 * 1024 * 1024;

    /** As it comes in. */
    public const LARGEST_READ_BYTES = 16 * 1024 * 1024;

    private const DEEPEST = 32;

    /**
     * @param string $json the document as it came in, UTF-8
     *
     * @throws UnreadableLayout with the place of the first value that is wrong
     */
    public function read(string $json): Layout
    {
        self::refuseLarger(strlen($json), self::LARGEST_READ_BYTES);
        try {
            $value = json_decode($json, false, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (\JsonException $e) {
            throw new UnreadableLayout('', $e->getCode() === JSON_ERROR_DEPTH
                ? Text::of('expected JSON nested at most {deepest} deep', deepest: self::DEEPEST)
                : Text::of('expected JSON ({getMessage})', getMessage: Text::small($e->getMessage())));
        }
        $layout = Layout::read(new JsonCursor(Upgrades::ofLayouts()->apply($value)));
        (new References($layout))->check();
        // written out again a document is seldom twice as long
        if (strlen($json) > self::LARGEST_BYTES / 2) {
            self::refuseLargerWritten($layout);
        }

        return $layout;
    }

    /**
     * A layout that was put together from elements that were read.
     *
     * @throws UnreadableLayout with the place of the first value that no document may hold
     */
    public function accept(Layout $layout): Layout
    {
        (new References($layout))->check();
        self::refuseLargerWritten($layout);

        return $layout;
    }

    private static function refuseLargerWritten(Layout $layout): void
    {
        self::refuseLarger(strlen((new LayoutWriter())->write($layout)), self::LARGEST_BYTES);
    }

    private static function refuseLarger(int $bytes, int $most): void
    {
        if ($bytes > $most) {
            throw new UnreadableLayout(
                '',
                Text::of(
                    'expected at most {most} MB, found {found} MB',
                    most: intdiv($most, 1024 * 1024),
                    found: sprintf('%.1f', $bytes / 1024 / 1024),
                ),
            );
        }
    }
}
