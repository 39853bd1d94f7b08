<?php

declare(strict_types=1);

namespace Heurema\Layout;

/** Reads a layout document, whole or not at all. */
final class LayoutReader
{
    public const LARGEST_BYTES = 5 * 1024 * 1024;
    private const DEEPEST = 32;

    /**
     * @param string $json the document as it came in, UTF-8
     *
     * @throws UnreadableLayout with the place of the first thing that is wrong
     */
    public function read(string $json): Layout
    {
        if (strlen($json) > self::LARGEST_BYTES) {
            throw new UnreadableLayout('', sprintf('expected at most 5 MB, found %.1f MB', strlen($json) / 1024 / 1024));
        }
        try {
            $value = json_decode($json, false, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (\JsonException $e) {
            throw new UnreadableLayout('', $e->getCode() === JSON_ERROR_DEPTH
                ? 'expected JSON nested at most '.self::DEEPEST.' deep'
                : 'expected JSON ('.lcfirst($e->getMessage()).')');
        }
        $place = new Place($value);
        $layout = Layout::read($place);
        (new References($place))->check($layout);

        return $layout;
    }
}
