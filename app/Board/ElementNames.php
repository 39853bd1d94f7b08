<?php

declare(strict_types=1);

namespace App\Board;

use Heurema\Language\Text;
use Heurema\Layout\Edit\Draft;
use Heurema\Layout\Edit\DraftElement;
use Heurema\Layout\Edit\RefusedEdit;
use Heurema\Layout\ElementList;
use Heurema\Review\MissingWords;
use Heurema\Spatial\Home;

/** Elements called by what they are and where, for people; the core calls them by their ids. */
final readonly class ElementNames
{
    private MissingWords $words;

    public function __construct(private Home $home)
    {
        $this->words = new MissingWords($home);
    }

    /** As a heading. */
    public function called(DraftElement $entry): string
    {
        $name = $this->words->subject($entry->id())?->name() ?? $entry->value('name');

        return match (true) {
            $entry->list === ElementList::Axes => __('Axis :it', ['it' => is_string($name) ? $name : $entry->id()]),
            is_string($name) => $name,
            default => self::kind($entry),
        };
    }

    /** A sentence of the core with names in place of the ids of elements that are drawn. */
    public function say(string $sentence): string
    {
        preg_match_all('/[a-z][\w-]*\d[\w-]*/i', $sentence, $found);
        if ($found[0] === []) {
            return $sentence;
        }
        $draft = new Draft($this->home->layout);
        foreach (array_unique($found[0]) as $id) {
            try {
                $sentence = $this->named($sentence, $draft->find($id));
            } catch (RefusedEdit) {
                // no id, or of something that is not there any more
            }
        }

        return $sentence;
    }

    private function named(string $sentence, DraftElement $entry): string
    {
        $pattern = '/(?<![\w-])(?:'.preg_quote(self::kind($entry), '/').' )?"?'.preg_quote($entry->id(), '/').'"?(?![\w-])/i';
        $spoken = $this->words->subject($entry->id()) === null ? __('the :entry', [
            'entry' => Text::small($this->called($entry)),
        ]) : $this->words->called($entry->id());

        return Text::capital(preg_replace_callback($pattern, static fn(): string => $spoken, $sentence) ?? $sentence);
    }

    /** `Wall`, `Water closet` */
    private static function kind(DraftElement $entry): string
    {
        return substr($entry->name(), 0, -strlen($entry->id()) - 1);
    }
}
