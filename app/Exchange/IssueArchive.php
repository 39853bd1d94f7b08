<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Files\TemporaryFile;
use App\Letters\LetterDraft;
use App\Letters\LetterItem;
use App\Sheets\PdfPrinter;
use Heurema\Geometry\Point;
use Ramsey\Uuid\Uuid;

/** The items of a letter as a BCF 2.1 archive (buildingSMART): a topic each, with a viewpoint from above and a picture. */
final readonly class IssueArchive
{
    private const DECLARATION = '<?xml version="1.0" encoding="UTF-8"?>'."\n";

    public function __construct(private PdfPrinter $printer) {}

    public function of(LetterDraft $letter): string
    {
        return TemporaryFile::archive('bcf', fn(\ZipArchive $zip) => $this->fill($zip, $letter));
    }

    private function fill(\ZipArchive $zip, LetterDraft $letter): void
    {
        $zip->addFromString('bcf.version', self::DECLARATION.'<Version VersionId="2.1"><DetailedVersion>2.1</DetailedVersion></Version>');
        $project = self::guid("project {$letter->revision->scheme->project_id}");
        $zip->addFromString(
            'project.bcfp',
            self::DECLARATION."<ProjectExtension><Project ProjectId=\"{$project}\"><Name>"
                .self::text($letter->revision->scheme->project->name).'</Name></Project><ExtensionSchema/></ProjectExtension>',
        );
        foreach ($letter->items as $item) {
            $this->add($zip, $letter, $item);
        }
    }

    private function add(\ZipArchive $zip, LetterDraft $letter, LetterItem $item): void
    {
        $topic = self::guid("{$letter->revision->id} {$item->key()}");
        $picture = $letter->crop($item);
        $zip->addFromString("{$topic}/markup.bcf", self::DECLARATION.self::markup($letter, $item, $topic, $picture !== null));
        if ($picture !== null) {
            $zip->addFromString("{$topic}/viewpoint.bcfv", self::DECLARATION.self::viewpoint($item, $topic));
            $zip->addFromString("{$topic}/snapshot.png", $this->printer->picture($picture, 900));
        }
    }

    private static function markup(LetterDraft $letter, LetterItem $item, string $topic, bool $hasPicture): string
    {
        $finding = $item->finding;
        $author = self::text((string) $item->by()?->email);
        $date = (string) $item->on()?->toIso8601String();
        $said = implode(
            ' ',
            array_filter(
                [
                    "{$item->subject()}.",
                    $finding?->measuredText() === null ? '' : "Measured {$finding->measuredText()}, required {$finding->limitText()}.",
                    (string) $finding?->reason(),
                    (string) $item->words(),
                ],
                static fn(string $part): bool => $part !== '',
            ),
        );
        $viewpoint = self::guid("{$topic} viewpoint");

        return "<Markup><Topic Guid=\"{$topic}\" TopicType=\"".($item->asks() ? 'Request' : 'Error').'" TopicStatus="Open">'
            .'<Title>'.self::text(trim("{$item->clause()} {$item->title()}: {$item->subject()}")).'</Title>'
            ."<Index>{$item->number}</Index><Labels>".self::text($item->room)
            ."</Labels><CreationDate>{$date}</CreationDate><CreationAuthor>{$author}</CreationAuthor>"
            .'<Description>'.self::text($said).'</Description></Topic>'
            .(
                $item->words() === null
                    ? ''
                    : '<Comment Guid="'.self::guid("{$topic} comment")."\"><Date>{$date}</Date><Author>{$author}</Author><Comment>"
                    .self::text($item->words()).'</Comment>'.($hasPicture ? "<Viewpoint Guid=\"{$viewpoint}\"/>" : '').'</Comment>'
            )
            .(
                $hasPicture
                    ? "<Viewpoints Guid=\"{$viewpoint}\">"
                        .'<Viewpoint>viewpoint.bcfv</Viewpoint><Snapshot>snapshot.png</Snapshot></Viewpoints>'
                    : ''
            )
            .'</Markup>';
    }

    /** Straight down, in metres, with north at the top. */
    private static function viewpoint(LetterItem $item, string $topic): string
    {
        $point = ($item->finding->outcome->witness[0] ?? null)?->lines()[0][0] ?? new Point(0, 0);
        $place = sprintf('<X>%.3f</X><Y>%.3f</Y><Z>10</Z>', $point->x / 1000, $point->y / 1000);

        return '<VisualizationInfo Guid="'.self::guid("{$topic} viewpoint").'"><OrthogonalCamera><CameraViewPoint>'.$place
            .'</CameraViewPoint><CameraDirection><X>0</X><Y>0</Y><Z>-1</Z></CameraDirection>'
            .'<CameraUpVector><X>0</X><Y>1</Y><Z>0</Z></CameraUpVector>'
            .'<ViewToWorldScale>5</ViewToWorldScale></OrthogonalCamera></VisualizationInfo>';
    }

    private static function guid(string $of): string
    {
        return Uuid::uuid5(Uuid::NAMESPACE_URL, "heurema:{$of}")->toString();
    }

    private static function text(string $text): string
    {
        return htmlspecialchars((string) preg_replace('/[\x00-\x08\x0B\x0C\x0E-\x1F]/', '', $text), ENT_XML1 | ENT_QUOTES);
    }
}
