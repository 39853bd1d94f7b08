<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Files\TemporaryFile;

/** Comments of a BCF archive, 2.1 or 3.0, by the topics that they are written to: the last one of each that somebody else wrote. */
final class IssueAnswers
{
    private const MOST_ENTRIES = 5000;
    private const LARGEST_MARKUP = 1024 * 1024;

    /** Bytes of all that is unpacked. */
    private const MOST_UNPACKED = 64 * 1024 * 1024;

    /** Characters. */
    public const LONGEST = 4000;

    /**
     * Throws UnreadableIssues where there is something that cannot be read.
     *
     * @param list<string> $ours Guids of comments that are not answers
     *
     * @return array<string, string> by the Guid of the topic, in lower case
     */
    public static function read(string $content, array $ours): array
    {
        return TemporaryFile::with('issues', static function (string $path) use ($content, $ours): array {
            file_put_contents($path, $content);

            return self::answers(self::opened($path), $ours);
        });
    }

    /** @throws UnreadableIssues */
    private static function opened(string $path): \ZipArchive
    {
        $zip = new \ZipArchive();
        if ($zip->open($path, \ZipArchive::RDONLY) !== true || $zip->numFiles > self::MOST_ENTRIES) {
            throw new UnreadableIssues(__('It is no BCF archive that can be opened.'));
        }

        return $zip->locateName('bcf.version') === false
            ? throw new UnreadableIssues(__('It is no BCF archive: bcf.version is missing.'))
            : $zip;
    }

    /**
     * @param list<string> $ours
     *
     * @return array<string, string>
     *
     * @throws UnreadableIssues
     */
    private static function answers(\ZipArchive $zip, array $ours): array
    {
        [$answers, $unpacked] = [[], 0];
        for ($number = 0; $number < $zip->numFiles; ++$number) {
            $name = (string) $zip->getNameIndex($number);
            if (preg_match('~^([0-9a-fA-F-]{36})/markup\.bcf$~', $name, $found) === 1) {
                // what an archive says of its sizes need not be true
                $text = (string) $zip->getFromIndex($number, self::LARGEST_MARKUP + 1);
                $unpacked += strlen($text);
                if ($unpacked > self::MOST_UNPACKED) {
                    throw new UnreadableIssues(__('Unpacked it is larger than 64 MB.'));
                }
                $words = self::answer(self::markup($text, $name), $ours);
                $answers += $words === null ? [] : [strtolower($found[1]) => $words];
            }
        }

        return $answers;
    }

    /** @throws UnreadableIssues */
    private static function markup(string $text, string $name): \SimpleXMLElement
    {
        // no entities of its own: it needs none, and they could name files
        $isPlain = strlen($text) <= self::LARGEST_MARKUP && !str_contains($text, '<!DOCTYPE') && !str_contains($text, '<!ENTITY');
        $xml = $isPlain ? @simplexml_load_string($text, options: LIBXML_NONET) : false;

        return $xml === false ? throw new UnreadableIssues(__(':name cannot be read.', ['name' => $name])) : $xml;
    }

    /** @param list<string> $ours */
    private static function answer(\SimpleXMLElement $markup, array $ours): ?string
    {
        $last = null;
        foreach ($markup->xpath('/Markup/Comment | /Markup/Topic/Comments/Comment') ?? [] as $comment) {
            $words = mb_substr(trim((string) $comment->Comment), 0, self::LONGEST);
            $isTheirs = $words !== '' && !in_array(strtolower((string) $comment['Guid']), $ours, true);
            $at = (int) strtotime((string) $comment->Date);
            if ($isTheirs && ($last === null || $at >= $last[0])) {
                $last = [$at, $words];
            }
        }

        return $last[1] ?? null;
    }
}
